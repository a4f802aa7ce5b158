import { fromBuild, reading } from '../../kernel/index.js';
import { gal, gpm } from '../../units/index.js';
import { connections, passes } from '../plumbing/index.js';
import { shuttles, smallestIntakeGpm } from './sites.js';
import { shuttle, shuttleInto } from './shuttle.js';
import type { Tanker } from './shuttle.js';

/** This truck as one of the tankers: by its dump valve and what fills it; null without a dump valve. Gallons, gpm. */
export const asTanker = reading(
  'rural',
  [connections, fromBuild(({ tank }) => tank.gallons)],
  (all, gallons): Tanker | null => {
    const dumps = all.filter(({ kind }) => kind === 'dump');
    const fills = all.filter(({ kind }) => kind === 'directFill');
    // Without a direct fill it is filled through the pump, by an intake.
    const fillGpm = fills.length ? fills.reduce((sum, one) => sum + passes(one), 0) : smallestIntakeGpm(all);
    return dumps.length && gallons > 0 && fillGpm > 0
      ? { gallons, fillGpm, dumpGpm: Math.max(...dumps.map(passes)) }
      : null;
  },
);

/** What it would bring beside the tankers of a shuttle, in words; nothing without a dump valve or a shuttle. */
export const joinsInWords = reading('rural', [asTanker, shuttles], (own, all): string =>
  own
    ? all
        .map(({ line, input, of, foldingGal }) => {
          const beside = { ...input, tankers: [...input.tankers, own] };
          const joined = foldingGal === null ? shuttle(beside) : shuttleInto(foldingGal, beside);
          return `Run as a tanker itself on ${line.name}, with ${gal(own.gallons)}, filled at ${gpm(own.fillGpm)} and dumped at ${gpm(own.dumpGpm)}, it brings ${gpm(joined.tankers.at(-1)!.flowGpm)}; all together sustain ${gpm(joined.sustainedGpm)}, without it ${gpm(of.sustainedGpm)}${joined.sustainedGpm < of.sustainedGpm ? ': it takes a place at which a larger tanker would bring more' : ''}.`;
        })
        .join(' ')
    : '',
);
