import type { PartKind } from '../catalogue/index.js';
import { bedsFor, catalogueOf, confirmed, referenceProblems, same, withOwnProfile, withProfile } from '../spec/index.js';
import type { BuildSpec, Problem } from '../spec/index.js';
import { feet, formatMoney, formatWhole, gal, inches, lb } from '../units/index.js';

/** One thing that can be chosen, as two builds may differ in it. */
interface Topic {
  id: string;
  title: string;
  read: (spec: BuildSpec) => unknown;
  write: (spec: BuildSpec, value: never) => BuildSpec;
  words: (spec: BuildSpec) => string;
}

/** What one build has otherwise than another, in words with their figures. */
export interface Difference {
  id: string;
  title: string;
  before: string;
  after: string;
}

const nameOf = (spec: BuildSpec, kind: PartKind, id: string | undefined, none = 'none') => (id === undefined ? none : (catalogueOf(spec).find(kind, id)?.name ?? id));
const namesOf = (spec: BuildSpec, kind: PartKind, ids: string[]) => (ids.length ? ids.map((id) => nameOf(spec, kind, id)).join(', ') : 'none');

type Section = 'chassis' | 'bumper' | 'tank' | 'ladders' | 'body';

/** A field of a section of the spec. */
const field = <S extends Section, K extends keyof BuildSpec[S] & string>(section: S, key: K, title: string, words: (spec: BuildSpec) => string): Topic => ({
  id: `${section}.${key}`, title, words,
  read: (spec) => spec[section][key],
  write: (spec, value) => {
    const { [key]: _old, ...rest } = spec[section];
    return { ...spec, [section]: value === undefined ? rest : { ...rest, [key]: value } };
  },
});

/** A field of the spec itself; left out where it has no value. */
const own = <K extends keyof BuildSpec & string>(key: K, title: string, words: (spec: BuildSpec) => string): Topic => ({
  id: key, title, words,
  read: (spec) => spec[key],
  write: (spec, value) => {
    const { [key]: _old, ...rest } = spec;
    return (value === undefined ? rest : { ...rest, [key]: value }) as BuildSpec;
  },
});

const axleName = (spec: BuildSpec, end: 'frontAxle' | 'rearAxle') => {
  const chassis = catalogueOf(spec).find('chassis', spec.chassis.partId);
  const id = spec.chassis[`${end}Id`];
  return chassis?.[`${end}s`].find((axle) => axle.id === id)?.name ?? id;
};

const FIXED: Topic[] = [
  own('name', 'Name', (spec) => spec.name),
  field('chassis', 'partId', 'Chassis', (spec) => nameOf(spec, 'chassis', spec.chassis.partId)),
  field('chassis', 'wheelbaseIn', 'Wheelbase', (spec) => inches(spec.chassis.wheelbaseIn)),
  field('chassis', 'frontAxleId', 'Front axle', (spec) => axleName(spec, 'frontAxle')),
  field('chassis', 'rearAxleId', 'Rear axle', (spec) => axleName(spec, 'rearAxle')),
  field('chassis', 'roofId', 'Cab roof', (spec) => catalogueOf(spec).find('chassis', spec.chassis.partId)?.roofs.find(({ id }) => id === spec.chassis.roofId)?.name ?? spec.chassis.roofId),
  field('chassis', 'crew', 'Seats', (spec) => formatWhole(spec.chassis.crew)),
  {
    id: 'profileId', title: 'Limits held against',
    read: ({ profileId, ownProfile }) => ({ profileId, ownProfile }),
    write: (spec, { profileId, ownProfile }: Pick<BuildSpec, 'profileId' | 'ownProfile'>) => (ownProfile ? withOwnProfile(spec, ownProfile) : withProfile(spec, profileId)),
    words: (spec) => (spec.ownProfile ? `${spec.ownProfile.name}, ${spec.ownProfile.limits.length} limits of its own` : nameOf(spec, 'profile', spec.profileId)),
  },
  field('bumper', 'partId', 'Bumper', (spec) => nameOf(spec, 'bumper', spec.bumper.partId)),
  field('bumper', 'itemIds', 'On the bumper', (spec) => namesOf(spec, 'bumperItem', spec.bumper.itemIds)),
  own('device', 'Aerial device', (spec) => (spec.device ? `${nameOf(spec, 'device', spec.device.partId)}, ${catalogueOf(spec).find('device', spec.device.partId)?.outriggers.find(({ id }) => id === spec.device?.outriggersId)?.name.toLowerCase() ?? ''}` : 'none')),
  own('pumpId', 'Pump', (spec) => nameOf(spec, 'pump', spec.pumpId)),
  field('tank', 'gallons', 'Water', (spec) => gal(spec.tank.gallons)),
  field('tank', 'shape', 'Shape of the tank', (spec) => nameOf(spec, 'tankShape', spec.tank.shape)),
  field('tank', 'aftIn', 'Tank set back', (spec) => inches(spec.tank.aftIn)),
  own('foam', 'Foam', (spec) => (spec.foam ? `${nameOf(spec, 'foam', spec.foam.partId)}, ${gal(spec.foam.gallons)}` : 'none')),
  field('ladders', 'mountId', 'How ladders ride', (spec) => nameOf(spec, 'ladderMount', spec.ladders.mountId)),
  field('ladders', 'partIds', 'Ladders', (spec) => namesOf(spec, 'ladder', spec.ladders.partIds)),
  field('body', 'partId', 'Body', (spec) => nameOf(spec, 'body', spec.body.partId)),
  field('body', 'lengthIn', 'Body length', (spec) => inches(spec.body.lengthIn)),
  field('body', 'doors', 'Doors', (spec) => nameOf(spec, 'doors', spec.body.doors)),
  field('body', 'frontDividerIn', 'Bulkhead ahead of the wheels', (spec) => `forward by ${inches(spec.body.frontDividerIn ?? 0)}`),
  field('body', 'rearDividerIn', 'Bulkhead behind the wheels', (spec) => `aft by ${inches(spec.body.rearDividerIn ?? 0)}`),
  own('fittingIds', 'Lights and fittings', (spec) => namesOf(spec, 'fitting', spec.fittingIds)),
  own('growth', 'Growth reserve', (spec) => (spec.growth ? (spec.growth.unit === 'pct' ? `${spec.growth.value} %` : lb(spec.growth.value)) : 'none')),
  own('money', 'Budget', (spec) => (spec.money?.budgetCents === undefined ? `none, ${spec.money?.unlistedPct ?? 0} % not itemised` : `${formatMoney(spec.money.budgetCents)}, ${spec.money.unlistedPct} % not itemised`)),
];

/** One member of a list that is told apart by a key. */
function member<T>(list: string, key: string, title: string, of: (spec: BuildSpec) => T[], keyOf: (item: T) => string, put: (spec: BuildSpec, items: T[]) => BuildSpec, words: (spec: BuildSpec, item: T) => string): Topic {
  const find = (spec: BuildSpec) => of(spec).find((item) => keyOf(item) === key);
  return {
    id: `${list}:${key}`, title,
    read: find,
    write: (spec, value: T | undefined) => {
      const items = of(spec);
      const at = items.findIndex((item) => keyOf(item) === key);
      return put(spec, at < 0 ? [...items, ...(value === undefined ? [] : [value])] : items.flatMap((item, i) => (i !== at ? [item] : value === undefined ? [] : [value])));
    },
    words: (spec) => {
      const item = find(spec);
      return item === undefined ? 'none' : words(spec, item);
    },
  };
}

const keys = <T>(specs: BuildSpec[], of: (spec: BuildSpec) => T[], keyOf: (item: T) => string): string[] => [...new Set(specs.flatMap((spec) => of(spec).map(keyOf)))];
const orLeftOut = <K extends 'items' | 'corrections' | 'ownParts' | 'states'>(key: K) => (spec: BuildSpec, value: NonNullable<BuildSpec[K]>): BuildSpec => {
  const { [key]: _old, ...rest } = spec;
  return (value.length ? { ...rest, [key]: value } : rest) as BuildSpec;
};

const equipmentKey = (line: BuildSpec['equipment'][number]) => `${line.partId}@${line.compartmentId}`;

/** Everything in which some builds may differ. */
function topicsOf(specs: BuildSpec[]): Topic[] {
  const firstWith = (holds: (spec: BuildSpec) => boolean) => specs.find(holds) ?? specs[0]!;
  const hose = keys(specs, (s) => s.hose, (load) => load.bedId).map((bedId) =>
    member('hose', bedId, bedsFor(firstWith((s) => bedsFor(s).some(({ id }) => id === bedId))).find(({ id }) => id === bedId)?.name ?? bedId, (s) => s.hose, (load) => load.bedId, (s, items) => ({ ...s, hose: items }), (s, load) => `${feet(load.lengthFt)} of ${nameOf(s, 'hose', load.hoseId)}`));
  const equipment = keys(specs, (s) => s.equipment, equipmentKey).map((key) => {
    const [partId = '', place = ''] = key.split('@');
    const title = `${nameOf(firstWith((s) => s.equipment.some((line) => line.partId === partId)), 'equipment', partId)}, ${place}`;
    return member('equipment', key, title, (s) => s.equipment, equipmentKey, (s, items) => ({ ...s, equipment: items }), (_, line) => formatWhole(line.count));
  });
  const items = keys(specs, (s) => s.items ?? [], (item) => item.id).map((id) =>
    member('items', id, specs.flatMap((s) => s.items ?? []).find((item) => item.id === id)!.name, (s) => s.items ?? [], (item) => item.id, orLeftOut('items'), (_, item) => `${item.name}, ${lb(item.weightLb)} at ${inches(item.xIn)}, ${inches(item.yIn)}, ${inches(item.zIn)}`));
  const corrections = keys(specs, (s) => s.corrections ?? [], (c) => c.componentId).map((id) =>
    member('corrections', id, `Weight of ${id}`, (s) => s.corrections ?? [], (c) => c.componentId, orLeftOut('corrections'), (_, c) => `${lb(c.weightLb)}, ${c.basis}`));
  const ownParts = keys(specs, (s) => s.ownParts ?? [], (p) => `${p.kind}/${p.id}`).map((key) =>
    member('ownParts', key, `Own part ${specs.flatMap((s) => s.ownParts ?? []).find((p) => `${p.kind}/${p.id}` === key)!.name}`, (s) => s.ownParts ?? [], (p) => `${p.kind}/${p.id}`, orLeftOut('ownParts'), (_, p) => `${p.name}, ${p.figures.length} figures of its own`));
  const states = keys(specs, (s) => s.states ?? [], (state) => state.id).map((id) =>
    member('states', id, `Load state ${specs.flatMap((s) => s.states ?? []).find((state) => state.id === id)!.name}`, (s) => s.states ?? [], (state) => state.id, orLeftOut('states'), (_, state) => `water ${state.waterPct} %, foam ${state.foamPct} %, fuel ${state.fuelPct} %, crew of ${state.crew}${state.off.length ? `, without ${state.off.join(', ').toLowerCase()}` : ''}`));
  // Own parts first: what names them comes after.
  return [...ownParts, ...FIXED, ...hose, ...equipment, ...items, ...corrections, ...states];
}

const differenceIn = (topic: Topic, before: BuildSpec, after: BuildSpec): Difference => ({ id: topic.id, title: topic.title, before: topic.words(before), after: topic.words(after) });

/** Choice by choice, what `after` has otherwise than `before`. */
export const differencesOf = (before: BuildSpec, after: BuildSpec): Difference[] =>
  topicsOf([before, after]).filter((topic) => !same(topic.read(before), topic.read(after))).map((topic) => differenceIn(topic, before, after));

/** Two builds that grew out of one, as one. */
export interface Merged {
  /** What they have together; null where it would be no whole build. */
  spec: BuildSpec | null;
  /** What only mine has otherwise: it comes along. */
  mine: Difference[];
  /** What both have otherwise, and not alike: theirs stands there, and a person must say. */
  collisions: Difference[];
  /** Why there is no whole build. */
  problems: Problem[];
}

/** Puts what `mine` changed since `base` onto `theirs`, wherever theirs left it as it was. */
export function mergeBuilds(base: BuildSpec, mine: BuildSpec, theirs: BuildSpec): Merged {
  const changed = topicsOf([base, mine, theirs]).filter((topic) => !same(topic.read(mine), topic.read(base)) && !same(topic.read(mine), topic.read(theirs)));
  const free = changed.filter((topic) => same(topic.read(theirs), topic.read(base)));
  const put = free.reduce((merged, topic) => topic.write(merged, topic.read(mine) as never), theirs);
  // What either has confirmed is confirmed.
  const spec = confirmed(put, (theirs.assumed ?? []).filter((id) => !mine.assumed?.includes(id)));
  const problems = referenceProblems(spec);
  return {
    spec: problems.length ? null : spec,
    mine: free.map((topic) => differenceIn(topic, theirs, mine)),
    collisions: changed.filter((topic) => !free.includes(topic)).map((topic) => differenceIn(topic, theirs, mine)),
    problems,
  };
}
