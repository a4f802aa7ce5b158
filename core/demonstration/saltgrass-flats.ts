import { BUILD_FORMAT, BUILD_VERSION } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';

/** A light brush truck for soft ground and wind-farm tracks. */
export const grassTruck: BuildSpec = {
  format: BUILD_FORMAT,
  version: BUILD_VERSION,
  name: 'Grass truck',
  department: { name: 'Saltgrass Flats Rural Fire District' },
  type: 'brush',
  profileId: 'us-wildland-6',
  chassis: { partId: 'light-4x4', wheelbaseIn: 179, frontAxleId: 'front-7500', rearAxleId: 'rear-14700', roofId: 'flat', crew: 4 },
  bumper: { partId: 'brush-aluminium', itemIds: ['winch', 'bumper-monitor'] },
  pumpId: 'skid-150',
  tank: { gallons: 300, shape: 'skid', aftIn: 34 },
  foam: { partId: 'injection-a-small', gallons: 10 },
  hose: [
    { bedId: 'reel', hoseId: 'booster-1', lengthFt: 150 },
    { bedId: 'tray-left', hoseId: 'forestry-1.5', lengthFt: 300 },
    { bedId: 'tray-right', hoseId: 'forestry-1', lengthFt: 300 },
  ],
  ladders: { mountId: 'flat', partIds: [] },
  body: { partId: 'bed-aluminium', lengthIn: 114, doors: 'hinged' },
  money: { budgetCents: 185_000_00, unlistedPct: 3 },
  fittingIds: ['light-bar', 'spare-wheel'],
  equipment: [
    { partId: 'hand-tools', count: 1, compartmentId: 'L2' },
    { partId: 'drip-torch', count: 1, compartmentId: 'L1' },
    { partId: 'backpack-pump', count: 1, compartmentId: 'R2' },
    { partId: 'wildland-hose-pack', count: 1, compartmentId: 'L2' },
    { partId: 'light-suction', count: 1, compartmentId: 'R2' },
    { partId: 'saw-chain', count: 1, compartmentId: 'R1' },
    { partId: 'drinking-water', count: 1, compartmentId: 'cab' },
    { partId: 'recovery-kit', count: 1, compartmentId: 'L1' },
    { partId: 'medical-bag', count: 1, compartmentId: 'cab' },
    { partId: 'cones', count: 1, compartmentId: 'R1' },
    { partId: 'water-extinguisher', count: 1, compartmentId: 'R1' },
    { partId: 'adapters', count: 1, compartmentId: 'R1' },
  ],
};
