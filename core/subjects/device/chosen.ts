import { fromBuild, reading } from '../../kernel/index.js';
import { deviceShelf } from './shelf.js';

/** The device that is chosen, with its outriggers; null where there is none. */
export const chosenDevice = reading(
  'device',
  [fromBuild(({ device }) => device), deviceShelf.stock],
  ({ partId, outriggersId }, stock) => {
    if (partId === undefined) return null;
    const device = stock.part(partId);
    return {
      device,
      outriggers: device.outriggers.find(({ id }) => id === outriggersId) ?? device.outriggers[0]!,
    };
  },
);
