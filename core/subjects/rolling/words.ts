import { reading } from '../../kernel/index.js';
import type { ChartOf, TableOf } from '../../kernel/index.js';
import { depth, feet, formatWhole, gal, gpm, listed, mph, psi } from '../../units/index.js';
import { minutesInWords, tankAt } from '../lines/index.js';
import { auxiliaryFuel } from './fuel.js';
import { asked, rollsWith } from './roll.js';

/** What the truck does along a fire's edge, figure by figure. */
export const rollingTable = reading(
  'rolling',
  [rollsWith, asked, auxiliaryFuel],
  (of, want, fuel): TableOf | null =>
    of && {
      title: 'Along a fire’s edge',
      columns: [{ head: 'What' }, { head: 'It comes to', figure: true }],
      rows: [
        ['Flow while it rolls', gpm(of.of.flowGpm)],
        ['Pressure at the pump', psi(of.of.dischargePsi)],
        ['Tank until it is empty', minutesInWords(of.time.emptyMin)],
        [`Walked meanwhile at ${mph(want.paceMph)}`, feet(of.walkedFt)],
        [`Left on a strip of ${feet(want.wideFt)} then`, depth(of.deepIn)],
        [`Edge wetted ${depth(want.deepIn)} deep by the whole tank`, feet(of.wettedFt)],
        ['Pace for that', mph(of.wettedMph)],
        ...(fuel
          ? [
              ['Fuel of the pump’s engine, an hour', gal(fuel.galPerHour)],
              ['Its tank lasts', minutesInWords(fuel.lastsMin)],
            ]
          : []),
      ].map(([what, value], i) => ({ id: String(i), cells: [what!, value!] })),
    },
);

/** The same in a sentence; nothing where it does not pump while it rolls. */
export const rollingInWords = reading('rolling', [rollsWith, asked], (of, want): string =>
  of
    ? `${listed(of.lines.map(({ name }) => name))} flow ${gpm(of.of.flowGpm)} while the truck rolls at ${mph(want.paceMph)}: the tank is empty after ${minutesInWords(of.time.emptyMin)} and ${feet(of.walkedFt)}. The whole tank wets ${feet(of.wettedFt)} of a strip of ${feet(want.wideFt)} ${depth(want.deepIn)} deep, at ${mph(of.wettedMph)}.`
    : '',
);

const STEPS = 40;

/** Water in the tank and edge passed over the minutes. */
export const rollingChart = reading('rolling', [rollsWith], (of): ChartOf | null => {
  if (!of || !Number.isFinite(of.time.emptyMin)) return null;
  const end = of.time.emptyMin;
  const at = Array.from({ length: STEPS + 1 }, (_, i) => (end * i) / STEPS);
  return {
    kind: 'lines',
    words: `Water in the tank and the edge that is passed over ${formatWhole(end)} min at a walking pace.`,
    x: { title: 'Minutes', at },
    y: { title: 'In the tank', unit: 'gal' },
    right: { title: 'Edge passed', unit: 'ft' },
    series: [
      { label: 'Water in the tank', tone: 'water', values: at.map((t) => tankAt(of.time, t).gallons) },
      {
        label: 'Edge passed',
        tone: 'ink',
        dash: [6, 3],
        right: true,
        values: at.map((t) => (t * of.walkedFt) / end),
      },
    ],
  };
});
