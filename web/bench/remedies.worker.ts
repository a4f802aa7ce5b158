import { expose } from 'comlink';
import { remediesFor } from '#core/mending';

expose({ remediesFor });
