import type { BuildType } from '../catalogue/index.js';
import { BUILD_FORMAT, BUILD_VERSION } from './build-spec.js';
import type { BuildSpec } from './build-spec.js';

type Choices = Omit<BuildSpec, 'format' | 'version' | 'name' | 'department' | 'type'>;

const PLAIN: Record<BuildType, Choices> = {
  pumper: {
    profileId: 'us-pumper',
    chassis: { partId: 'custom-medium', wheelbaseIn: 190, frontAxleId: 'front-20000', rearAxleId: 'rear-27000', roofId: 'flat', crew: 6 },
    bumper: { partId: 'plain', itemIds: [] },
    pumpId: 'midship-1250-side',
    tank: { gallons: 750, shape: 'rectangular', aftIn: 0 },
    hose: [
      { bedId: 'crosslay-1', hoseId: 'attack-1.75', lengthFt: 200 },
      { bedId: 'crosslay-2', hoseId: 'attack-1.75', lengthFt: 200 },
      { bedId: 'main-left', hoseId: 'supply-5', lengthFt: 800 },
      { bedId: 'main-right', hoseId: 'attack-2.5', lengthFt: 400 },
    ],
    ladders: { mountId: 'flat', partIds: ['extension-24', 'roof-14', 'attic-10'] },
    body: { partId: 'body-aluminium', lengthIn: 150, doors: 'rollUp' },
    fittingIds: ['light-bar', 'deck-monitor'],
    equipment: [],
  },
  aerial: {
    profileId: 'us-aerial',
    chassis: { partId: 'custom-long-tandem', wheelbaseIn: 232, frontAxleId: 'front-24000', rearAxleId: 'tandem-54000', roofId: 'flat', crew: 6 },
    bumper: { partId: 'plain', itemIds: [] },
    tank: { gallons: 0, shape: 'rectangular', aftIn: 0 },
    hose: [],
    ladders: { mountId: 'tunnel', partIds: ['extension-35-3', 'extension-28', 'extension-24', 'roof-16', 'roof-14'] },
    body: { partId: 'body-aluminium', lengthIn: 224, doors: 'rollUp' },
    device: { partId: 'ladder-100-rear', outriggersId: 'two-pairs' },
    fittingIds: ['light-bar'],
    equipment: [],
  },
  brush: {
    profileId: 'us-wildland-6',
    chassis: { partId: 'light-4x4', wheelbaseIn: 179, frontAxleId: 'front-7500', rearAxleId: 'rear-14700', roofId: 'flat', crew: 4 },
    bumper: { partId: 'plain', itemIds: [] },
    pumpId: 'skid-150',
    tank: { gallons: 300, shape: 'skid', aftIn: 34 },
    hose: [
      { bedId: 'reel', hoseId: 'booster-1', lengthFt: 150 },
      { bedId: 'tray-left', hoseId: 'forestry-1.5', lengthFt: 300 },
      { bedId: 'tray-right', hoseId: 'forestry-1', lengthFt: 300 },
    ],
    ladders: { mountId: 'flat', partIds: [] },
    body: { partId: 'bed-aluminium', lengthIn: 114, doors: 'hinged' },
    fittingIds: ['light-bar'],
    equipment: [],
  },
};

/** A plain whole truck of a type, from which a new build starts. */
export const starterBuild = (type: BuildType, name: string, departmentName: string): BuildSpec => ({
  format: BUILD_FORMAT, version: BUILD_VERSION, name, department: { name: departmentName }, type, ...structuredClone(PLAIN[type]),
});
