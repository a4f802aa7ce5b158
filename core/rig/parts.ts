import type { AxleOption, Bumper, BodyFamily, Chassis, Profile, Pump, RoofOption, TankShape, AerialDevice } from '../catalogue/index.js';
import { catalogueOf, profileOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';

/** The parts of the catalogue that a spec names, looked up once. */
export interface ChosenParts {
  chassis: Chassis;
  frontAxle: AxleOption;
  rearAxle: AxleOption;
  roof: RoofOption;
  bumper: Bumper;
  pump: Pump | null;
  tankShape: TankShape;
  body: BodyFamily;
  device: AerialDevice | null;
  profile: Profile;
}

const among = <T extends { id: string }>(options: T[], id: string, what: string): T => {
  const found = options.find((option) => option.id === id);
  if (!found) throw new RangeError(`this build has no ${what} "${id}"`);
  return found;
};

/**
 * Looks up what a spec names.
 * @throws RangeError when a part is not in the catalogue; `parseBuild` refuses such a spec with better words.
 */
export function chosenParts(spec: BuildSpec): ChosenParts {
  const chassis = catalogueOf(spec).part('chassis', spec.chassis.partId);
  return {
    chassis,
    frontAxle: among(chassis.frontAxles, spec.chassis.frontAxleId, 'front axle'),
    rearAxle: among(chassis.rearAxles, spec.chassis.rearAxleId, 'rear axle'),
    roof: among(chassis.roofs, spec.chassis.roofId, 'roof'),
    bumper: catalogueOf(spec).part('bumper', spec.bumper.partId),
    pump: spec.pumpId === undefined ? null : catalogueOf(spec).part('pump', spec.pumpId),
    tankShape: catalogueOf(spec).part('tankShape', spec.tank.shape),
    body: catalogueOf(spec).part('body', spec.body.partId),
    device: spec.device ? catalogueOf(spec).part('device', spec.device.partId) : null,
    profile: profileOf(spec),
  };
}
