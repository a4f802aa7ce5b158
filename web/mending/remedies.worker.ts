import { expose } from 'comlink';
import { levellingOf, remediesFor } from '#core/mending';

expose({ levellingOf, remediesFor });
