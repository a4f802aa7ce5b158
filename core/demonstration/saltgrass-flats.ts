import { numbered } from '../build/index.js';
import { saltgrassBrief } from './briefs.js';
import { plumbed } from './plumbed.js';
import { house } from '../subjects/index.js';

const grassTruckUnplumbed = house.build(
  { name: 'Grass truck', department: { name: 'Saltgrass Flats Rural Fire District' }, type: 'brush' },
  {
    brief: saltgrassBrief,
    limits: { profileId: 'us-wildland-6' },
    chassis: {
      partId: 'light-4x4',
      wheelbaseIn: 179,
      frontAxleId: 'front-7500',
      rearAxleId: 'rear-14700',
    },
    cab: { roofId: 'flat', crew: 4 },
    bumper: {
      partId: 'brush-aluminum',
      lines: numbered('b', [{ partId: 'winch' }, { partId: 'bumper-monitor' }]),
    },
    pump: { partId: 'skid-150' },
    tank: { gallons: 300, shapeId: 'skid', aftIn: 34 },
    foam: { partId: 'injection-a-small', gallons: 10 },
    hose: {
      loads: numbered('h', [
        { bedId: 'reel', partId: 'booster-1', lengthFt: 150 },
        { bedId: 'tray-left', partId: 'forestry-1.5', lengthFt: 300 },
        { bedId: 'tray-right', partId: 'forestry-1', lengthFt: 300 },
      ]),
    },
    ladders: { mountId: 'flat', lines: numbered('l', []) },
    lines: {
      lines: numbered('n', [
        { name: 'Ground sweep, driver’s side', nozzleId: 'sweep-15' },
        { name: 'Ground sweep, officer’s side', nozzleId: 'sweep-15' },
        { sourceId: 'b2', setGpm: 30 },
      ]),
    },
    body: { partId: 'bed-aluminum', lengthIn: 114, doorsId: 'hinged' },
    fittings: { lines: numbered('f', [{ partId: 'light-bar' }, { partId: 'spare-wheel' }]) },
    equipment: {
      lines: numbered('e', [
        { partId: 'hand-tools', count: 1, compartmentId: 'L2' },
        { partId: 'drip-torch', count: 1, compartmentId: 'L1' },
        { partId: 'backpack-pump', count: 1, compartmentId: 'R2' },
        { partId: 'wildland-hose-pack', count: 1, compartmentId: 'L2' },
        { partId: 'light-suction', count: 1, compartmentId: 'R2' },
        { partId: 'saw-chain', count: 1, compartmentId: 'R3' },
        { partId: 'drinking-water', count: 1, compartmentId: 'cab' },
        { partId: 'recovery-kit', count: 1, compartmentId: 'L2' },
        { partId: 'medical-bag', count: 1, compartmentId: 'cab' },
        { partId: 'cones', count: 1, compartmentId: 'L3' },
        { partId: 'water-extinguisher', count: 1, compartmentId: 'R1' },
        { partId: 'adapters', count: 1, compartmentId: 'L3' },
      ]),
    },
    money: { budgetCents: 185_000_00, unlistedPct: 3 },
  },
);

/** A light brush truck for soft ground and wind-farm tracks. */
export const grassTruck = plumbed(
  grassTruckUnplumbed,
  {
    'suction-1': { label: 'Creek suction' },
    // Aimed and opened from the cab, as it rolls.
    'to-b2': { valve: 'electric', byHand: 'lever' },
  },
  ['directFill'],
);
