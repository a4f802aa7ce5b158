import type { Ladder, LimitId } from '../catalogue/index.js';
import type { Rig, StepId } from '../rig/index.js';
import { amount, hoseSize, lb } from '../units/index.js';
import type { Check, CheckId, Finding } from './types.js';

interface Minimum {
  id: CheckId;
  limit: LimitId;
  title: string;
  step: StepId;
  actual: (rig: Rig) => number;
}

const hoseFt = (rig: Rig, fits: (hose: Rig['carried']['hose'][number]) => boolean) =>
  rig.carried.hose.filter(fits).reduce((sum, hose) => sum + hose.lengthFt, 0);
const longest = (kind: Ladder['kind']) => (rig: Rig) => Math.max(0, ...rig.carried.ladders.filter((l) => l.kind === kind).map((l) => l.lengthFt));

/** What the profile asks for at least. To add one: a limit in the catalogue's profiles and a line here. */
const MINIMUMS: Minimum[] = [
  { id: 'pumpLeast', limit: 'pumpGpm', title: 'Pump rating', step: 'pump', actual: (rig) => rig.carried.pumpGpm },
  { id: 'tankLeast', limit: 'tankGal', title: 'Water carried', step: 'tank', actual: (rig) => rig.carried.tankGal },
  { id: 'seats', limit: 'seats', title: 'Seats', step: 'cab', actual: (rig) => rig.carried.seats },
  { id: 'supplyHose', limit: 'supplyHoseFt', title: `Hose of ${hoseSize(2.5)} and larger`, step: 'hose', actual: (rig) => hoseFt(rig, (h) => h.sizeIn >= 2.5) },
  { id: 'attackHose', limit: 'attackHoseFt', title: 'Attack hose', step: 'hose', actual: (rig) => hoseFt(rig, (h) => h.sizeIn >= 1.5 && h.sizeIn < 2.5) },
  { id: 'hose15', limit: 'hose15Ft', title: `Hose of ${hoseSize(1.5)}`, step: 'hose', actual: (rig) => hoseFt(rig, (h) => h.sizeIn >= 1.5 && h.sizeIn < 2) },
  { id: 'hose1', limit: 'hose1Ft', title: `Hose of ${hoseSize(1)}`, step: 'hose', actual: (rig) => hoseFt(rig, (h) => h.sizeIn === 1) },
  { id: 'compartments', limit: 'compartmentFt3', title: 'Enclosed compartments', step: 'body', actual: (rig) => rig.layout.compartments.reduce((sum, c) => sum + c.volumeFt3, 0) },
  { id: 'groundLadders', limit: 'groundLadderFt', title: 'Ground ladders in all', step: 'ladders', actual: (rig) => rig.carried.ladders.reduce((sum, l) => sum + l.lengthFt, 0) },
  { id: 'roofLadder', limit: 'roofLadderFt', title: 'Roof ladder', step: 'ladders', actual: longest('roof') },
  { id: 'extensionLadder', limit: 'extensionLadderFt', title: 'Extension ladder', step: 'ladders', actual: longest('extension') },
  { id: 'atticLadder', limit: 'atticLadderFt', title: 'Attic ladder', step: 'ladders', actual: longest('attic') },
];

const minimumCheck = ({ id, limit, title, step, actual }: Minimum): Check => ({ rig }): Finding | null => {
  const asked = rig.profile.limits[limit];
  if (!asked) return null;
  const value = actual(rig);
  const margin = value - asked.value;
  const words = `${amount(value, asked.unit)} of at least ${amount(asked.value, asked.unit)}.`;
  return {
    id, title, status: margin < 0 ? 'fails' : 'holds', actual: value, limit: asked.value, margin, unit: asked.unit, state: null, basis: asked.basis,
    words: margin < 0 ? `${words} ${amount(-margin, asked.unit)} short.` : words, steps: [step],
  };
};

export const minimums: Check[] = MINIMUMS.map(minimumCheck);

/** The heaviest rating that an engine type allows. */
export const typeGvwr: Check = ({ rig }) => {
  const asked = rig.profile.limits.gvwrLb;
  if (!asked) return null;
  const margin = asked.value - rig.axles.gvwrLb;
  return {
    id: 'typeGvwr', title: 'Gross rating of the engine type', status: margin < 0 ? 'fails' : 'holds', actual: rig.axles.gvwrLb, limit: asked.value, margin, unit: 'lb',
    state: null, basis: asked.basis, words: `Rated ${lb(rig.axles.gvwrLb)}, at most ${lb(asked.value)}.`, steps: ['chassis'],
  };
};
