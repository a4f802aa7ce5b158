import { expose } from 'comlink';
import { remediesFor } from '#core/review';

expose({ remediesFor });
