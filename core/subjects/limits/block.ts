import { block, field, withBlock } from '../../build/index.js';
import type { BlockOf, Build, Difference, Names, Problem, ShapeOf } from '../../build/index.js';
import { bothOf, fromBuild, gather, held, provide, reading, Shelf } from '../../kernel/index.js';
import type { House, Limit, LimitKind, Profile, Stock } from '../../kernel/index.js';
import { PROFILES } from '../../limits/index.js';

/** The profiles that ship with Baros. */
export const profileShelf = new Shelf<Profile>({
  kind: 'profile',
  title: 'Limits',
  shipped: PROFILES,
  says: ({ limits }, names) =>
    Object.entries(limits).map(([id, { value, basis }]) => {
      const { title, words } = names.limit(id, value);
      return { title, words: `${words}, ${basis}` };
    }),
});

const ownFields = {
  id: field.id('Id'),
  name: field.text('Name', 1, 80),
  limits: field.many(
    'Limits',
    field.group('Limit', {
      id: field.id('Limit'),
      /** In the unit of this limit; each has closer bounds of its own. */
      value: field.amount('Value', '', { min: -1e9, max: 1e9 }),
      /** What it rests on: a standard and its edition, or a house rule. */
      basis: field.text('Basis', 1, 120),
      note: field.optional(field.text('Note', 1, 300)),
    }),
    100,
  ),
};

export const limitsBlock = block({
  id: 'limits',
  title: 'Limit profile',
  version: 1,
  fields: {
    profileId: { ...field.id('Limit profile'), carries: 'profile' },
    /** A second profile, held against as well. */
    alsoId: field.optional({ ...field.id('Second limit profile'), carries: 'profile' as const }),
    /** The limits that `profileId` names, where they are the department's own. */
    own: field.optional(field.group('Own limits', ownFields)),
  },
  empty: { profileId: 'ratings-only' },
  asOne: ({ profileId, alsoId, own }) => {
    const name = (id: string) => profileShelf.shipped.find(id)?.name ?? id;
    const first = own ? `${own.name}, ${own.limits.length} limits of its own` : name(profileId);
    return alsoId === undefined ? first : `${first}; and ${name(alsoId)}`;
  },
  differences: (before, after, names) => differencesOfLimits(before.own, after.own, names),
  fromVersion2: ({ profileId, ownProfile }) =>
    ({ profileId, ...(ownProfile === undefined ? {} : { own: ownProfile }) }) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    limits: BlockOf<typeof limitsBlock>;
  }
}

export type OwnProfile = ShapeOf<typeof ownFields>;
export type OwnLimit = OwnProfile['limits'][number];

type Kinds = Readonly<Record<string, LimitKind>>;

/** Limit by limit, where both are the same department's own. */
function differencesOfLimits(
  before: OwnProfile | undefined,
  after: OwnProfile | undefined,
  names: Names,
): Difference[] {
  if (!before || !after || before.id !== after.id) return [];
  const find = (own: OwnProfile, id: string) => own.limits.find((limit) => limit.id === id);
  const said = (limit: OwnLimit | undefined) =>
    limit
      ? `${names.limit(limit.id, limit.value).words}, ${limit.basis}${limit.note ? `. ${limit.note}` : ''}`
      : 'none';
  const ids = [...new Set([...before.limits, ...after.limits].map(({ id }) => id))];
  const changed = ids
    .map((id) => ({
      id: `limits.${id}`,
      title: names.limit(id, 0).title,
      before: said(find(before, id)),
      after: said(find(after, id)),
    }))
    .filter((one) => one.before !== one.after);
  const name =
    before.name === after.name
      ? []
      : [{ id: 'limits.name', title: 'Name of the limits', before: before.name, after: after.name }];
  return [...name, ...changed];
}

/** An own profile as the checks read it. */
const profileFrom = (own: OwnProfile): Profile => ({
  id: own.id,
  name: own.name,
  types: ['pumper', 'aerial', 'brush'],
  own: true,
  limits: Object.fromEntries(own.limits.map(({ id, ...limit }): [string, Limit] => [id, limit])),
});

/** The limits that are held against, of a stock of profiles. */
const heldOf = ({ own, profileId }: Build['limits'], stock: Stock<Profile>): Profile =>
  own?.id === profileId ? profileFrom(own) : stock.part(profileId);

/**
 * The limits that a build is held against: its own where it carries them, otherwise a shipped profile as it was
 * when it was chosen.
 * @throws RangeError where there is no such profile; reading a file refuses such a build with better words.
 */
export const profileOf = (build: Build): Profile => heldOf(build.limits, profileShelf.in(build));

/** What each limit is, whichever subject has it. */
const kindsOfLimits = gather('limits', ({ limits }) => limits && reading('limits', [], () => limits));

export const heldProfile = provide(
  held,
  [fromBuild(({ limits }) => limits), profileShelf.stock, kindsOfLimits],
  (limits, stock, kinds) => {
    const one = heldOf(limits, stock);
    const other = limits.alsoId === undefined ? undefined : stock.find(limits.alsoId);
    return other ? bothOf(one, other, Object.assign({}, ...kinds) as Kinds) : one;
  },
);

/** What is wrong with the limits of a build beyond their shape. */
export function limitsProblems(build: Build, house: House): Problem[] {
  const { profileId, alsoId, own } = build.limits;
  const problems: Problem[] = [];
  const say = (at: string, message: string) => problems.push({ field: at, message: `${at} ${message}` });
  if (alsoId !== undefined && !profileShelf.in(build).find(alsoId))
    say('limits.alsoId', `must be a profile of the catalog (was "${alsoId}")`);
  if (!own) {
    if (!profileShelf.in(build).find(profileId))
      say('limits.profileId', `must be a profile of the catalog, or the build's own (was "${profileId}")`);
    return problems;
  }
  if (own.id !== profileId) say('limits.own.id', `must be the profileId "${profileId}" (was "${own.id}")`);
  if (profileShelf.shipped.find(own.id))
    say('limits.own.id', `is that of a shipped profile: give it another (was "${own.id}")`);
  own.limits.forEach(({ id, value }, i) => {
    const kind = house.limits[id];
    if (!kind)
      return say(
        `limits.own.limits.${i}.id`,
        `must be one of ${Object.keys(house.limits).join(', ')} (was "${id}")`,
      );
    if (value < kind.min || value > kind.max)
      say(
        `limits.own.limits.${i}.value`,
        `must be from ${kind.min} to ${kind.max} ${kind.unit} for ${id} (was ${value})`,
      );
    if (own.limits.findIndex((other) => other.id === id) < i)
      say(`limits.own.limits.${i}.id`, `is given twice (was "${id}")`);
    return undefined;
  });
  return problems;
}

/** A build held against a shipped profile. */
export const withProfile = (build: Build, profileId: string): Build =>
  withBlock(build, 'limits', { profileId, own: undefined });

/** A build held against a second profile as well, or against none besides. */
export const withAlso = (build: Build, alsoId: string | undefined): Build =>
  withBlock(build, 'limits', { alsoId });

/** A build held against limits of its department's own. */
export const withOwnProfile = (build: Build, own: OwnProfile): Build =>
  withBlock(build, 'limits', { profileId: own.id, own });

/** A copy of the limits of a build as its department's own, every value as it is. */
export function copiedProfile(kinds: Kinds, build: Build, id: string, name: string): OwnProfile {
  const { limits } = profileOf(build);
  return {
    id,
    name,
    limits: Object.keys(kinds).flatMap((of): OwnLimit[] => (limits[of] ? [{ id: of, ...limits[of] }] : [])),
  };
}

/** A limit as the first shipped profile that has it sets it: where one that is added begins. */
const usual = (kinds: Kinds, id: string): Limit =>
  profileShelf.shipped
    .all()
    .map(({ limits }) => limits[id])
    .find((limit) => limit !== undefined) ?? { value: kinds[id]!.min, basis: 'House rule' };

/** The own profile of a build with one limit changed or added, or without it. */
export function withLimit(
  kinds: Kinds,
  build: Build,
  id: string,
  change: Partial<Omit<OwnLimit, 'id'>> | null,
): Build {
  const { own } = build.limits;
  if (!own) return build;
  const at = own.limits.findIndex((other) => other.id === id);
  if (!change)
    return withOwnProfile(build, { ...own, limits: own.limits.filter((other) => other.id !== id) });
  const { note, ...now }: OwnLimit = { ...(own.limits[at] ?? { ...usual(kinds, id), id }), ...change };
  const limit = note ? { ...now, note } : now;
  return withOwnProfile(build, {
    ...own,
    limits: at < 0 ? [...own.limits, limit] : own.limits.map((other, i) => (i === at ? limit : other)),
  });
}
