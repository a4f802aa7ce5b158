import { LIMIT_KINDS, SHIPPED } from '../catalogue/index.js';
import type { Limit, LimitId, Profile } from '../catalogue/index.js';
import type { BuildSpec } from './build-spec.js';
import type { OwnLimit, OwnProfile } from './own-things.js';
import type { Problem } from './problems.js';

const resolved = new WeakMap<OwnProfile, Profile>();

/** An own profile as the checks read it. Made once for each. */
function profileFrom(own: OwnProfile): Profile {
  let profile = resolved.get(own);
  if (!profile) {
    profile = { id: own.id, name: own.name, types: ['pumper', 'aerial', 'brush'], own: true, limits: Object.fromEntries(own.limits.map(({ id, ...limit }) => [id, limit])) };
    resolved.set(own, profile);
  }
  return profile;
}

/**
 * The limits that a build is held against: its own where it carries them, otherwise a shipped profile.
 * @throws RangeError when there is no such profile; `parseBuild` refuses such a build with better words.
 */
export const profileOf = ({ ownProfile, profileId }: Pick<BuildSpec, 'ownProfile' | 'profileId'>): Profile =>
  ownProfile?.id === profileId ? profileFrom(ownProfile) : SHIPPED.part('profile', profileId);

/** What is wrong with the limits of a build beyond their shape. */
export function profileProblems({ type, profileId, ownProfile }: BuildSpec): Problem[] {
  const problems: Problem[] = [];
  const say = (field: string, message: string) => problems.push({ field, message: `${field} ${message}` });
  if (!ownProfile) {
    const profile = SHIPPED.find('profile', profileId);
    if (!profile) say('profileId', `must be a profile of the catalogue, or the build's own (was "${profileId}")`);
    else if (!profile.types.includes(type)) say('profileId', `must suit a build of type ${type} (was "${profileId}")`);
    return problems;
  }
  if (ownProfile.id !== profileId) say('ownProfile.id', `must be the profileId "${profileId}" (was "${ownProfile.id}")`);
  if (SHIPPED.find('profile', ownProfile.id)) say('ownProfile.id', `is that of a shipped profile: give it another (was "${ownProfile.id}")`);
  ownProfile.limits.forEach(({ id, value }, i) => {
    const { min, max, unit } = LIMIT_KINDS[id];
    if (value < min || value > max) say(`ownProfile.limits.${i}.value`, `must be from ${min} to ${max} ${unit} for ${id} (was ${value})`);
    if (ownProfile.limits.findIndex((other) => other.id === id) < i) say(`ownProfile.limits.${i}.id`, `is given twice (was "${id}")`);
  });
  return problems;
}

/** A build held against a shipped profile. */
export function withProfile(spec: BuildSpec, profileId: string): BuildSpec {
  const { ownProfile: _old, ...rest } = spec;
  return { ...rest, profileId };
}

/** A build held against limits of its department's own. */
export const withOwnProfile = (spec: BuildSpec, ownProfile: OwnProfile): BuildSpec => ({ ...spec, profileId: ownProfile.id, ownProfile });

/** A copy of the limits of a build as its department's own, every value as it is. */
export function copiedProfile(spec: BuildSpec, id: string, name: string): OwnProfile {
  const { limits } = profileOf(spec);
  return { id, name, limits: (Object.keys(LIMIT_KINDS) as LimitId[]).flatMap((of): OwnLimit[] => (limits[of] ? [{ id: of, ...limits[of] }] : [])) };
}

/** A limit as the first shipped profile that has it sets it: where one that is added begins. */
const usual = (id: LimitId): Limit => SHIPPED.all('profile').map(({ limits }) => limits[id]).find((limit) => limit !== undefined) ?? { value: LIMIT_KINDS[id].min, basis: 'House rule' };

/** The own profile of a build with one limit changed or added, or without it. */
export function withLimit(spec: BuildSpec, id: LimitId, change: Partial<Omit<OwnLimit, 'id'>> | null): BuildSpec {
  const own = spec.ownProfile;
  if (!own) return spec;
  const at = own.limits.findIndex((other) => other.id === id);
  if (!change) return withOwnProfile(spec, { ...own, limits: own.limits.filter((other) => other.id !== id) });
  const { note, ...now }: OwnLimit = { ...(own.limits[at] ?? { ...usual(id), id }), ...change };
  const limit = note ? { ...now, note } : now;
  return withOwnProfile(spec, { ...own, limits: at < 0 ? [...own.limits, limit] : own.limits.map((other, i) => (i === at ? limit : other)) });
}
