import type { Build, BuildType } from '../build/index.js';
import type { Choices } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { carried, loaded } from './lines.js';

const PLAIN: Record<BuildType, Choices> = {
  pumper: {
    limits: { profileId: 'us-pumper' },
    road: { markers: 'intermediate' },
    chassis: {
      partId: 'custom-medium',
      wheelbaseIn: 190,
      frontAxleId: 'front-20000',
      rearAxleId: 'rear-27000',
    },
    cab: { roofId: 'flat', crew: 6 },
    bumper: { partId: 'plain', lines: [] },
    pump: { partId: 'midship-1250-side' },
    tank: { gallons: 750, shapeId: 'rectangular', aftIn: 0 },
    hose: loaded(
      ['crosslay-1', 'attack-1.75', 200],
      ['crosslay-2', 'attack-1.75', 200],
      ['main-left', 'supply-5', 800],
      ['main-right', 'attack-2.5', 400],
    ),
    ladders: { mountId: 'flat', ...carried('l', 'extension-24', 'roof-14', 'attic-10') },
    body: { partId: 'body-aluminum', lengthIn: 164, doorsId: 'rollUp' },
    fittings: carried('f', 'light-bar', 'deck-monitor'),
  },
  aerial: {
    limits: { profileId: 'us-aerial' },
    road: { markers: 'intermediate' },
    chassis: {
      partId: 'custom-long-tandem',
      wheelbaseIn: 232,
      frontAxleId: 'front-24000',
      rearAxleId: 'tandem-54000',
    },
    cab: { roofId: 'flat', crew: 6 },
    bumper: { partId: 'plain', lines: [] },
    tank: { gallons: 0, shapeId: 'rectangular', aftIn: 0 },
    ladders: {
      mountId: 'tunnel-middle',
      ...carried('l', 'extension-35-3', 'extension-28', 'extension-24', 'roof-16', 'roof-14'),
    },
    body: { partId: 'body-aluminum', lengthIn: 250, doorsId: 'rollUp' },
    device: { partId: 'ladder-100-rear', outriggersId: 'two-pairs' },
    fittings: carried('f', 'light-bar'),
  },
  brush: {
    limits: { profileId: 'us-wildland-6' },
    chassis: { partId: 'light-4x4', wheelbaseIn: 179, frontAxleId: 'front-7500', rearAxleId: 'rear-14700' },
    cab: { roofId: 'flat', crew: 4 },
    bumper: { partId: 'plain', lines: [] },
    pump: { partId: 'skid-150' },
    tank: { gallons: 300, shapeId: 'skid', aftIn: 34 },
    hose: loaded(
      ['reel', 'booster-1', 150],
      ['tray-left', 'forestry-1.5', 300],
      ['tray-right', 'forestry-1', 300],
    ),
    ladders: { mountId: 'flat', lines: [] },
    body: { partId: 'bed-aluminum', lengthIn: 114, doorsId: 'hinged' },
    fittings: carried('f', 'light-bar'),
  },
};

/** The choices of a plain whole truck of a type. */
export const plainChoices = (type: BuildType): Choices => structuredClone(PLAIN[type]);

/** A plain whole truck of a type, from which a new build starts. */
export const starterBuild = (type: BuildType, name: string, departmentName: string): Build =>
  house.build({ name, department: { name: departmentName }, type }, plainChoices(type));
