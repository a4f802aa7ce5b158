import { check, fromBuild, heldTo, limitOf, noneOf } from '../../kernel/index.js';
import type { Check } from '../../kernel/index.js';
import { counted, gal, hoseSize, inches, listed, within } from '../../units/index.js';
import { chosenPump, panelAt } from '../pump/index.js';
import { onFace } from './faces.js';
import type { Connection } from './fields.js';
import { HOUSE, isDischarge, isOpen, names, ofConnections, STEP, without } from './judged.js';
import { isPowered, levels, openingsAt, panelSheets } from './panel.js';
import { ratingChecks } from './rating-checks.js';
import { overlapping } from './shelves.js';
import { connections, fed } from './usual.js';

const powered = without(
  'byHand',
  'A way by hand for every powered valve',
  'fails',
  HOUSE,
  (all) => all.filter((one) => isPowered(one) && one.byHand === undefined),
  (of) => `Without power nobody can work ${of}.`,
  'Every powered valve can be worked by hand.',
);

const slow = ofConnections('slowValves', 'Large valves open slowly', [limitOf('slowFromIn')], (all, from) => {
  if (!from) return null;
  const of = all.filter(
    ({ sizeIn, valve, slow: set }) => sizeIn >= from.value && valve !== 'none' && set === undefined,
  );
  return noneOf(
    of.length,
    'fails',
    from.basis,
    of.length
      ? `Valves of ${hoseSize(from.value)} and larger that move fast hammer the pipes: ${names(of)}.`
      : `Every valve of ${hoseSize(from.value)} and larger opens and closes slowly.`,
  );
});

const drained = without(
  'drained',
  'A drain at every opening',
  'fails',
  HOUSE,
  (all) =>
    all.filter(
      (one) => one.at !== 'within' && one.drain === undefined && one.kind !== 'dump' && one.valve !== 'none',
    ),
  (of) => `Water stays behind the valve and freezes, and pressure stays under the cap: ${of}.`,
  'Every valved opening has a drain.',
);

const GAUGED_FROM_IN = 1.5;
const instruments = check(
  'plumbing',
  { id: 'instruments', title: 'One instrument for each discharge', steps: STEP },
  [chosenPump, connections],
  (pump, all) => {
    // A skid has one gauge for all that it feeds.
    if (!pump || pump.panel === 'skid') return null;
    const of = all.filter(
      ({ kind, sizeIn, gauge, foam, air }) =>
        kind === 'discharge' &&
        sizeIn >= GAUGED_FROM_IN &&
        (gauge === 'none' || ((foam !== undefined || air !== undefined) && gauge === 'pressure')),
    );
    return noneOf(
      of.length,
      'fails',
      HOUSE,
      of.length
        ? `Each discharge of ${hoseSize(GAUGED_FROM_IN)} and larger needs a gauge of its own, and a flow meter where foam or air flows: ${names(of)}.`
        : 'Each discharge has its gauge, and a flow meter where foam or air flows.',
    );
  },
);

/** Connections whose color or label another one has too, or that have none. */
export function confused(all: readonly Connection[]): Connection[] {
  const outlets = all.filter(isDischarge);
  const same = (one: Connection, other: Connection) =>
    one !== other && (one.label.toLowerCase() === other.label.toLowerCase() || one.color === other.color);
  return outlets.filter((one) => one.color === undefined || outlets.some((other) => same(one, other)));
}

const told = ofConnections('handleColors', 'Each color and label once', [], (all) => {
  const of = confused(all);
  return noneOf(
    of.length,
    'fails',
    HOUSE,
    of.length
      ? `At night one is taken for another, or has no color: ${names(of)}.`
      : 'Each discharge has a color and a label of its own.',
  );
});

const feeds = ofConnections('fed', 'A discharge for every preconnect and monitor', [fed], (all, there) => {
  const without = there.filter(({ id, usual }) => usual && !all.some(({ feedsId }) => feedsId === id));
  return noneOf(
    without.length,
    'fails',
    'Plumbing of this build',
    without.length
      ? `Nothing feeds ${listed(without.map(({ name }) => within(name)))}.`
      : 'Each preconnect and monitor has a discharge that feeds it.',
  );
});

const large = ofConnections(
  'largeOutlet',
  'Large discharges away from the operator',
  [limitOf('largeFromIn'), panelAt],
  (all, from, at) => {
    if (!from || (at !== 'left' && at !== 'right')) return null;
    const of = all.filter(
      (one) => isDischarge(one) && isOpen(one) && one.sizeIn >= from.value && one.at === at,
    );
    return noneOf(
      of.length,
      'caution',
      from.basis,
      of.length
        ? `Beside the operator a coupling of ${hoseSize(from.value)} or more that lets go strikes the one who stands there: ${names(of)}. On the other side nobody stands.`
        : 'No large discharge opens where the operator stands.',
    );
  },
);

const reach = ofConnections(
  'openingHigh',
  'Openings within reach',
  [limitOf('openingHighIn'), openingsAt],
  (all, most, at) => {
    if (!most) return null;
    const high = all.flatMap((one) => {
      const place = at.get(one.id);
      return place && isOpen(one) && place.face.face !== 'top'
        ? [{ one, zIn: onFace(place.face, 0, place.of.v + place.of.high / 2).zIn }]
        : [];
    });
    if (high.length === 0) return null;
    const { one, zIn } = high.reduce((worst, other) => (other.zIn > worst.zIn ? other : worst));
    return heldTo(
      'most',
      'in',
      zIn,
      most,
      `Highest is ${one.label} at ${inches(zIn)} above the ground, of at most ${inches(most.value)}.`,
    );
  },
);

const room = check(
  'plumbing',
  { id: 'panelRoom', title: 'Room on the panels', steps: STEP },
  [chosenPump, panelSheets],
  (pump, sheets) => {
    if (!pump || sheets.length === 0) return null;
    const over = sheets.reduce((worst, sheet) => (sheet.overIn > worst.overIn ? sheet : worst));
    const lying = sheets.flatMap(({ objects }) => overlapping(objects));
    const many = sheets.reduce((sum, { objects }) => sum + objects.length, 0);
    return {
      status: over.overIn > 0 || lying.length > 0 ? 'fails' : 'holds',
      actual: over.overIn > 0 ? over.overIn : lying.length,
      limit: 0,
      margin: 0 - Math.max(over.overIn, lying.length),
      unit: over.overIn > 0 || lying.length === 0 ? 'in' : 'pieces',
      state: null,
      basis: 'Geometry of this build',
      words:
        over.overIn > 0
          ? `What stands on one panel needs ${inches(over.overIn)} more than there is.`
          : lying.length > 0
            ? `On the panels ${counted(lying.length, 'pair')} of things lie over one another.`
            : `${counted(many, 'opening, control or instrument', 'openings, controls and instruments')} on ${counted(sheets.length, 'panel')}, none over another.`,
    };
  },
);

const level = check(
  'plumbing',
  { id: 'tankLevel', title: 'Tank level where it is needed', steps: STEP },
  [chosenPump, levels, fromBuild(({ tank }) => tank.gallons)],
  (pump, where, gallons) => {
    if (!pump || gallons === 0) return null;
    const missing = where.includes('panel') ? 0 : 1;
    return noneOf(
      missing,
      'fails',
      HOUSE,
      missing
        ? `Read at ${counted(where.length, 'place')}, none of them the pump panel: the operator cannot see how much of ${gal(gallons)} is left.`
        : `The operator reads at the panel how much of ${gal(gallons)} is left.`,
    );
  },
);

export const plumbingChecks: Check[] = [
  ...ratingChecks,
  feeds,
  instruments,
  told,
  powered,
  slow,
  drained,
  large,
  reach,
  level,
  room,
];
