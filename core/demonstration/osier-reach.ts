import { BUILD_FORMAT, BUILD_VERSION } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { inches, lb } from '../units/index.js';
import type { DemonstrationStep } from './step.js';

/** A pumper for farm lanes without hydrants. What was added to its bumper is more than its front axle carries. */
export const riverPumper: BuildSpec = {
  format: BUILD_FORMAT,
  version: BUILD_VERSION,
  name: 'River pumper',
  department: { name: 'Osier Reach Fire District' },
  type: 'pumper',
  profileId: 'us-pumper',
  chassis: { partId: 'custom-medium', wheelbaseIn: 200, frontAxleId: 'front-18000', rearAxleId: 'rear-27000', roofId: 'raised-10', crew: 6 },
  bumper: { partId: 'steel-24', itemIds: ['hose-well', 'winch-receiver', 'bumper-monitor'] },
  pumpId: 'midship-1500-side',
  tank: { gallons: 1000, shape: 'tShape', aftIn: 0 },
  foam: { partId: 'injection-a-small', gallons: 30 },
  hose: [
    { bedId: 'bumper-well', hoseId: 'attack-1.75', lengthFt: 100 },
    { bedId: 'crosslay-1', hoseId: 'attack-1.75', lengthFt: 200 },
    { bedId: 'crosslay-2', hoseId: 'attack-1.75', lengthFt: 200 },
    { bedId: 'crosslay-3', hoseId: 'attack-2.5', lengthFt: 200 },
    { bedId: 'main-left', hoseId: 'supply-5', lengthFt: 1000 },
    { bedId: 'main-right', hoseId: 'supply-3', lengthFt: 500 },
  ],
  ladders: { mountId: 'flat', partIds: ['extension-24', 'roof-14', 'attic-10'] },
  body: { partId: 'body-aluminium', lengthIn: 150, doors: 'rollUp' },
  money: { budgetCents: 815_000_00, unlistedPct: 3 },
  fittingIds: ['light-bar', 'deck-monitor', 'inverter-3'],
  equipment: [
    { partId: 'folding-tank', count: 1, compartmentId: 'L3' },
    { partId: 'hard-suction-2', count: 1, compartmentId: 'L2' },
    { partId: 'low-strainer', count: 1, compartmentId: 'L1' },
    { partId: 'portable-pump', count: 1, compartmentId: 'L3' },
    { partId: 'adapters', count: 2, compartmentId: 'L1' },
    { partId: 'hydrant-kit', count: 1, compartmentId: 'L1' },
    { partId: 'pack', count: 6, compartmentId: 'cab' },
    { partId: 'spare-cylinder', count: 8, compartmentId: 'L2' },
    { partId: 'medical-bag', count: 1, compartmentId: 'cab' },
    { partId: 'defibrillator', count: 1, compartmentId: 'cab' },
    { partId: 'thermal-camera', count: 1, compartmentId: 'cab' },
    { partId: 'irons', count: 2, compartmentId: 'R1' },
    { partId: 'forcible-kit', count: 1, compartmentId: 'R1' },
    { partId: 'saw-rotary', count: 1, compartmentId: 'R1' },
    { partId: 'saw-chain', count: 2, compartmentId: 'R1' },
    { partId: 'fan-battery', count: 1, compartmentId: 'R2' },
    { partId: 'battery-cutter', count: 1, compartmentId: 'R3' },
    { partId: 'battery-spreader', count: 1, compartmentId: 'R3' },
    { partId: 'battery-ram', count: 1, compartmentId: 'R3' },
    { partId: 'cribbing', count: 1, compartmentId: 'R3' },
    { partId: 'rope-set', count: 1, compartmentId: 'R1' },
    { partId: 'pike-pole-8', count: 2, compartmentId: 'L2' },
    { partId: 'salvage-cover', count: 4, compartmentId: 'B1' },
    { partId: 'cones', count: 1, compartmentId: 'B1' },
    { partId: 'absorbent', count: 1, compartmentId: 'L1' },
    { partId: 'water-extinguisher', count: 2, compartmentId: 'L1' },
    { partId: 'dry-chemical', count: 1, compartmentId: 'L1' },
    { partId: 'hand-tools', count: 1, compartmentId: 'L2' },
  ],
};

/** How the pumper came to be what it is, oldest first: nobody added up what the bumper did to the front axle. */
export const riverPumperSteps: DemonstrationStep[] = (() => {
  const plain: BuildSpec = { ...riverPumper, bumper: { partId: 'plain', itemIds: [] }, hose: riverPumper.hose.filter((load) => load.bedId !== 'bumper-well') };
  const bumper = (itemIds: string[], hose: BuildSpec['hose']): BuildSpec => ({ ...riverPumper, bumper: { partId: 'steel-24', itemIds }, hose });
  return [
    { words: 'As the committee wanted it', who: 'Chief Alder', label: 'first draft', spec: plain },
    { words: `Bumper: Steel bumper, ${inches(24)} extension`, who: 'Captain Reed', label: '', spec: bumper([], plain.hose) },
    { words: 'With Hose well with cover', who: 'Captain Reed', label: '', spec: bumper(['hose-well'], riverPumper.hose) },
    { words: `With Receiver with ${lb(9_000)} portable winch; With Bumper monitor, remote`, who: 'Engineer Sallow', label: '', spec: riverPumper },
  ];
})();
