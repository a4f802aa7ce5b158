import { createRequire } from 'node:module';
import { Piscina } from 'piscina';

/**
 * One thread aside from the one that answers, begun with the first order: `entry` is one of the package's own
 * entries. It runs built code, whatever flags the server itself runs with.
 */
export const aside = <Order, Done>(
  entry: '#worker' | '#press',
  { idleMs, mostMemoryMb }: { idleMs: number; mostMemoryMb?: number },
): Piscina<Order, Done> =>
  new Piscina<Order, Done>({
    filename: createRequire(import.meta.url).resolve(entry),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: idleMs,
    execArgv: [],
    ...(mostMemoryMb ? { resourceLimits: { maxOldGenerationSizeMb: mostMemoryMb } } : {}),
  });
