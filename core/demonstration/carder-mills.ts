import { numbered } from '../build/index.js';
import { carderBrief } from './briefs.js';
import { plumbed } from './plumbed.js';
import { house } from '../subjects/index.js';

const millLadderUnplumbed = house.build(
  { name: 'Mill ladder', department: { name: 'Carder Mills Fire Department' }, type: 'aerial' },
  {
    brief: carderBrief,
    road: { markers: 'intermediate' },
    limits: { profileId: 'us-quint' },
    chassis: {
      partId: 'custom-long-tandem',
      wheelbaseIn: 246,
      frontAxleId: 'front-24000',
      rearAxleId: 'tandem-54000',
    },
    cab: { roofId: 'flat', crew: 5 },
    bumper: { partId: 'aluminum-12', lines: numbered('b', []) },
    device: { partId: 'ladder-100-rear', outriggersId: 'two-pairs' },
    pump: { partId: 'midship-1500-side' },
    tank: { gallons: 300, shapeId: 'rectangular', aftIn: 0 },
    hose: {
      loads: numbered('h', [
        { bedId: 'crosslay-1', partId: 'attack-1.75', lengthFt: 200 },
        { bedId: 'crosslay-2', partId: 'attack-1.75', lengthFt: 200 },
        // In one bed beside the ladder 800 ft of it stand to the brim, all on one side: they lie in both.
        { bedId: 'main-left', partId: 'supply-4', lengthFt: 400 },
        { bedId: 'main-right', partId: 'supply-4', lengthFt: 400 },
      ]),
    },
    ladders: {
      mountId: 'tunnel-middle',
      lines: numbered('l', [
        { partId: 'extension-35-3' },
        { partId: 'extension-28' },
        { partId: 'extension-24' },
        { partId: 'roof-16' },
        { partId: 'attic-10' },
      ]),
    },
    body: { partId: 'body-aluminum', lengthIn: 240, doorsId: 'rollUp' },
    fittings: { lines: numbered('f', [{ partId: 'light-bar' }, { partId: 'generator-8' }]) },
    equipment: {
      lines: numbered('e', [
        { partId: 'pack', count: 4, compartmentId: 'cab' },
        { partId: 'spare-cylinder', count: 10, compartmentId: 'L2' },
        { partId: 'medical-bag', count: 1, compartmentId: 'cab' },
        { partId: 'defibrillator', count: 1, compartmentId: 'cab' },
        { partId: 'thermal-camera', count: 2, compartmentId: 'cab' },
        { partId: 'high-rise-packs', count: 2, compartmentId: 'R1' },
        { partId: 'portable-monitor', count: 1, compartmentId: 'R1' },
        { partId: 'hydrant-kit', count: 1, compartmentId: 'L1' },
        { partId: 'adapters', count: 2, compartmentId: 'L1' },
        { partId: 'irons', count: 3, compartmentId: 'L1' },
        { partId: 'forcible-kit', count: 1, compartmentId: 'L1' },
        { partId: 'saw-rotary', count: 2, compartmentId: 'R2' },
        { partId: 'saw-chain', count: 2, compartmentId: 'R2' },
        { partId: 'fan-battery', count: 2, compartmentId: 'R3' },
        { partId: 'battery-cutter', count: 1, compartmentId: 'L3' },
        { partId: 'battery-spreader', count: 1, compartmentId: 'L3' },
        { partId: 'air-bags', count: 1, compartmentId: 'L3' },
        { partId: 'cribbing', count: 2, compartmentId: 'L3' },
        { partId: 'rope-set', count: 2, compartmentId: 'R1' },
        { partId: 'basket-stretcher', count: 1, compartmentId: 'R2' },
        { partId: 'salvage-cover', count: 8, compartmentId: 'R3' },
        { partId: 'absorbent', count: 1, compartmentId: 'R3' },
        { partId: 'water-extinguisher', count: 2, compartmentId: 'R1' },
        { partId: 'dry-chemical', count: 2, compartmentId: 'R1' },
        { partId: 'pike-pole-8', count: 6, compartmentId: 'L2' },
        { partId: 'pack', count: 1, compartmentId: 'L3' },
      ]),
    },
    lines: {
      supply: 'hydrant',
      placeId: 'hydrants-1',
      lines: [
        { id: 'n1', sourceId: 'waterway', elevationFt: 80, runs: 'yes' },
        { id: 'n2', sourceId: 'h2', runs: 'no' },
      ],
    },
    money: { budgetCents: 1_650_000_00, unlistedPct: 3 },
  },
);

/** A ladder with a pump for six-story mills between narrow curbs. */
export const millLadder = plumbed(millLadderUnplumbed, {
  'large-1': { coupling: 'quarterTurn' },
  'to-waterway': { label: 'Waterway', valve: 'electric', byHand: 'crank' },
});
