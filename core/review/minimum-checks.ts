import { LIMIT_KINDS } from '../catalogue/index.js';
import type { Ladder, LimitId } from '../catalogue/index.js';
import type { Rig, StepId } from '../rig/index.js';
import type { Bed } from '../spec/index.js';
import { amount, IN3_PER_FT3, lb } from '../units/index.js';
import type { Check, CheckId, Finding } from './types.js';

interface Minimum {
  id: CheckId;
  limit: LimitId;
  step: StepId;
  actual: (rig: Rig) => number;
}

const hoseFt = (rig: Rig, fits: (hose: Rig['carried']['hose'][number]) => boolean) =>
  rig.carried.hose.filter(fits).reduce((sum, hose) => sum + hose.lengthFt, 0);
const longest = (kind: Ladder['kind']) => (rig: Rig) => Math.max(0, ...rig.carried.ladders.filter((l) => l.kind === kind).map((l) => l.lengthFt));

/** What the beds of some kinds hold, ft³, largest first. */
const bedsFt3 = ({ layout }: Rig, ...kinds: Bed['kind'][]) =>
  layout.beds.filter((bed) => kinds.includes(bed.kind)).map((bed) => ((bed.x1 - bed.x0) * bed.widthIn * bed.depthIn) / IN3_PER_FT3).sort((a, b) => b - a);

/** What the profile asks for at least. To add one: a limit in the catalogue's limits and a line here. */
const MINIMUMS: Minimum[] = [
  { id: 'pumpLeast', limit: 'pumpGpm', step: 'pump', actual: (rig) => rig.carried.pumpGpm },
  { id: 'tankLeast', limit: 'tankGal', step: 'tank', actual: (rig) => rig.carried.tankGal },
  { id: 'seats', limit: 'seats', step: 'cab', actual: (rig) => rig.carried.seats },
  { id: 'hoseBeds', limit: 'hoseBedFt3', step: 'hose', actual: (rig) => bedsFt3(rig, 'main', 'tray').reduce((sum, ft3) => sum + ft3, 0) },
  { id: 'preconnects', limit: 'preconnectFt3', step: 'hose', actual: (rig) => bedsFt3(rig, 'crosslay', 'well', 'tray')[1] ?? 0 },
  { id: 'supplyHose', limit: 'supplyHoseFt', step: 'hose', actual: (rig) => hoseFt(rig, (h) => h.sizeIn >= 2.5) },
  { id: 'attackHose', limit: 'attackHoseFt', step: 'hose', actual: (rig) => hoseFt(rig, (h) => h.sizeIn >= 1.5 && h.sizeIn < 2.5) },
  { id: 'hose15', limit: 'hose15Ft', step: 'hose', actual: (rig) => hoseFt(rig, (h) => h.sizeIn >= 1.5 && h.sizeIn < 2) },
  { id: 'hose1', limit: 'hose1Ft', step: 'hose', actual: (rig) => hoseFt(rig, (h) => h.sizeIn === 1) },
  { id: 'compartments', limit: 'compartmentFt3', step: 'body', actual: (rig) => rig.layout.compartments.reduce((sum, c) => sum + c.volumeFt3, 0) },
  { id: 'groundLadders', limit: 'groundLadderFt', step: 'ladders', actual: (rig) => rig.carried.ladders.reduce((sum, l) => sum + l.lengthFt, 0) },
  { id: 'roofLadder', limit: 'roofLadderFt', step: 'ladders', actual: longest('roof') },
  { id: 'extensionLadder', limit: 'extensionLadderFt', step: 'ladders', actual: longest('extension') },
  { id: 'atticLadder', limit: 'atticLadderFt', step: 'ladders', actual: longest('attic') },
];

const minimumCheck = ({ id, limit, step, actual }: Minimum): Check => ({ rig }): Finding | null => {
  const asked = rig.profile.limits[limit];
  if (!asked) return null;
  const { title, unit } = LIMIT_KINDS[limit];
  const value = actual(rig);
  const margin = value - asked.value;
  const words = `${amount(value, unit)} of at least ${amount(asked.value, unit)}.`;
  return {
    id, title, status: margin < 0 ? 'fails' : 'holds', actual: value, limit: asked.value, margin, unit, state: null, basis: asked.basis,
    words: margin < 0 ? `${words} ${amount(-margin, unit)} short.` : words, steps: [step],
  };
};

export const minimums: Check[] = MINIMUMS.map(minimumCheck);

/** The heaviest rating that an engine type allows. */
export const typeGvwr: Check = ({ rig }) => {
  const asked = rig.profile.limits.gvwrLb;
  if (!asked) return null;
  const margin = asked.value - rig.axles.gvwrLb;
  return {
    id: 'typeGvwr', title: LIMIT_KINDS.gvwrLb.title, status: margin < 0 ? 'fails' : 'holds', actual: rig.axles.gvwrLb, limit: asked.value, margin, unit: 'lb',
    state: null, basis: asked.basis, words: `Rated ${lb(rig.axles.gvwrLb)}, at most ${lb(asked.value)}.`, steps: ['chassis'],
  };
};
