import { numbered } from '../build/index.js';
import type { Build } from '../build/index.js';
import { osierBrief } from './briefs.js';
import { listedSections } from './hose-sections.js';
import { plumbed } from './plumbed.js';
import { house } from '../subjects/index.js';
import { inches, lb } from '../units/index.js';
import type { DemonstrationStep } from './step.js';

const riverPumperUnplumbed = house.build(
  { name: 'River pumper', department: { name: 'Osier Reach Fire District' }, type: 'pumper' },
  {
    brief: osierBrief,
    road: { markers: 'intermediate' },
    limits: { profileId: 'us-pumper' },
    chassis: {
      partId: 'custom-medium',
      wheelbaseIn: 200,
      frontAxleId: 'front-18000',
      rearAxleId: 'rear-27000',
    },
    cab: { roofId: 'raised-10', crew: 6 },
    bumper: {
      partId: 'steel-24',
      lines: numbered('b', [
        { partId: 'hose-well', yIn: -30 },
        { partId: 'winch-receiver' },
        { partId: 'bumper-monitor' },
      ]),
    },
    pump: { partId: 'midship-1500-side' },
    pumping: { relief: 'yes', heater: 'yes', winterPort: 'yes', masterDrain: 'yes' },
    tank: { gallons: 1000, shapeId: 'tShape', aftIn: 0 },
    foam: { partId: 'injection-a-small', gallons: 30, percent: 0.3 },
    hose: {
      sections: listedSections,
      loads: numbered('h', [
        { bedId: 'bumper-well', partId: 'attack-1.75', lengthFt: 100 },
        { bedId: 'crosslay-1', partId: 'attack-1.75', lengthFt: 200 },
        { bedId: 'crosslay-2', partId: 'attack-1.75', lengthFt: 200 },
        { bedId: 'crosslay-3', partId: 'attack-2.5', lengthFt: 200 },
        { bedId: 'main-left', partId: 'supply-5', lengthFt: 1000 },
        { bedId: 'main-right', partId: 'supply-3', lengthFt: 500 },
      ]),
    },
    ladders: {
      mountId: 'flat',
      lines: numbered('l', [{ partId: 'extension-24' }, { partId: 'roof-14' }, { partId: 'attic-10' }]),
    },
    body: { partId: 'body-aluminum', lengthIn: 164, doorsId: 'rollUp' },
    fittings: {
      lines: numbered('f', [{ partId: 'light-bar' }, { partId: 'deck-monitor' }, { partId: 'inverter-3' }]),
    },
    equipment: {
      lines: numbered('e', [
        { partId: 'folding-tank', count: 1, compartmentId: 'tank-rack' },
        { partId: 'hard-suction-2', count: 1, compartmentId: 'trough' },
        { partId: 'low-strainer', count: 1, compartmentId: 'L1' },
        { partId: 'portable-pump', count: 1, compartmentId: 'L3' },
        { partId: 'adapters', count: 2, compartmentId: 'L1' },
        { partId: 'hydrant-kit', count: 1, compartmentId: 'L1' },
        { partId: 'pack', count: 5, compartmentId: 'cab' },
        { partId: 'spare-cylinder', count: 8, compartmentId: 'L1' },
        { partId: 'medical-bag', count: 1, compartmentId: 'cab' },
        { partId: 'defibrillator', count: 1, compartmentId: 'cab' },
        { partId: 'thermal-camera', count: 1, compartmentId: 'cab' },
        { partId: 'irons', count: 2, compartmentId: 'R1' },
        { partId: 'forcible-kit', count: 1, compartmentId: 'R1' },
        { partId: 'saw-rotary', count: 1, compartmentId: 'R1' },
        { partId: 'saw-chain', count: 2, compartmentId: 'R1' },
        { partId: 'fan-battery', count: 1, compartmentId: 'R3' },
        { partId: 'battery-cutter', count: 1, compartmentId: 'R3' },
        { partId: 'battery-spreader', count: 1, compartmentId: 'R3' },
        { partId: 'battery-ram', count: 1, compartmentId: 'R3' },
        { partId: 'cribbing', count: 1, compartmentId: 'R3' },
        { partId: 'rope-set', count: 1, compartmentId: 'R1' },
        { partId: 'pike-pole-8', count: 2, compartmentId: 'way' },
        { partId: 'salvage-cover', count: 4, compartmentId: 'B1' },
        { partId: 'cones', count: 1, compartmentId: 'B1' },
        { partId: 'absorbent', count: 1, compartmentId: 'L1' },
        { partId: 'water-extinguisher', count: 2, compartmentId: 'L1' },
        { partId: 'dry-chemical', count: 1, compartmentId: 'L1' },
        { partId: 'hand-tools', count: 1, compartmentId: 'L3' },
        { partId: 'pack', count: 1, compartmentId: 'L1' },
      ]),
    },
    lines: {
      supply: 'draft',
      placeId: 'drafts-1',
      lines: numbered('n', [
        { sourceId: 'h1', runs: 'yes' },
        { sourceId: 'h2', runs: 'yes' },
        { sourceId: 'h4', nozzleId: 'bore-1-1-8', crew: 3 },
      ]),
    },
    money: { budgetCents: 830_000_00, unlistedPct: 3 },
  },
);

/** A pumper for farm lanes without hydrants. What was added to its bumper is more than its front axle carries. */
export const riverPumper = plumbed(riverPumperUnplumbed, {
  'large-1': { ends: 'adapter', adapterIn: 5 },
  tankToPump: { valve: 'air', byHand: 'lever' },
});

/** How the pumper came to be what it is, oldest first: nobody added up what the bumper did to the front axle. */
export const riverPumperSteps: DemonstrationStep[] = (() => {
  const { lines } = riverPumper.bumper;
  const loads = riverPumper.hose.loads.filter((load) => load.bedId !== 'bumper-well');
  const withBumper = (
    partId: string,
    carried: Build['bumper']['lines'],
    hose: Build['hose']['loads'],
  ): Build =>
    house.settle({
      ...riverPumper,
      bumper: { ...riverPumper.bumper, partId, lines: carried },
      hose: { ...riverPumper.hose, loads: hose },
    });
  return [
    {
      words: 'As the committee wanted it',
      who: 'Chief Alder',
      label: 'first draft',
      build: withBumper('plain', [], loads),
    },
    {
      words: `Bumper: Steel bumper, ${inches(24)} extension`,
      who: 'Captain Reed',
      label: '',
      build: withBumper('steel-24', [], loads),
    },
    {
      words: 'Added hose well with cover',
      who: 'Captain Reed',
      label: '',
      build: withBumper('steel-24', lines.slice(0, 1), riverPumper.hose.loads),
    },
    {
      words: `Added receiver with ${lb(9_000)} portable winch; Added bumper monitor, remote`,
      who: 'Engineer Sallow',
      label: '',
      build: riverPumper,
    },
  ];
})();
