import type { PartKind } from '../catalogue/index.js';
import { bedsFor } from './beds.js';
import type { BuildSpec } from './build-spec.js';
import { catalogueOf } from './catalogue-of.js';
import { ownProblems } from './own-parts.js';
import type { Problem } from './problems.js';
import { profileProblems } from './profile-of.js';

/** Problems that the shape alone can't show: parts that are gone, or that do not go with each other. */
export function referenceProblems(spec: BuildSpec): Problem[] {
  const problems = [...ownProblems(spec), ...profileProblems(spec)];
  if (problems.length) return problems;
  const catalogue = catalogueOf(spec);
  const say = (field: string, message: string) => problems.push({ field, message: `${field} ${message}` });

  const need = <K extends PartKind>(kind: K, field: string, id: string) => {
    const part = catalogue.find(kind, id);
    if (!part) say(field, `must be a ${kind} of the catalogue (was "${id}", which it does not have)`);
    else if ('types' in part && !(part.types as string[]).includes(spec.type)) say(field, `must suit a build of type ${spec.type} (was "${id}")`);
    else return part;
    return undefined;
  };

  const chassis = need('chassis', 'chassis.partId', spec.chassis.partId);
  if (chassis) {
    const { minIn, maxIn } = chassis.wheelbase;
    const { wheelbaseIn, frontAxleId, rearAxleId, roofId, crew } = spec.chassis;
    if (wheelbaseIn < minIn || wheelbaseIn > maxIn) say('chassis.wheelbaseIn', `must be from ${minIn} to ${maxIn} in on this chassis (was ${wheelbaseIn})`);
    const offered = (field: string, options: { id: string }[], id: string) => {
      if (!options.some((option) => option.id === id)) say(field, `must be one that this chassis offers: ${options.map((option) => option.id).join(', ')} (was "${id}")`);
    };
    offered('chassis.frontAxleId', chassis.frontAxles, frontAxleId);
    offered('chassis.rearAxleId', chassis.rearAxles, rearAxleId);
    offered('chassis.roofId', chassis.roofs, roofId);
    if (crew > chassis.cab.seats.length) say('chassis.crew', `must be at most ${chassis.cab.seats.length}, the seats of this cab (was ${crew})`);
  }

  const bumper = need('bumper', 'bumper.partId', spec.bumper.partId);
  spec.bumper.itemIds.forEach((id, i) => {
    const item = need('bumperItem', `bumper.itemIds.${i}`, id);
    if (item && bumper && bumper.extensionIn < item.needsExtensionIn) {
      say(`bumper.itemIds.${i}`, `needs a bumper extension of ${item.needsExtensionIn} in or more (was "${id}" on ${bumper.extensionIn} in)`);
    }
  });

  if (spec.pumpId !== undefined) need('pump', 'pumpId', spec.pumpId);
  need('tankShape', 'tank.shape', spec.tank.shape);
  if (spec.foam) need('foam', 'foam.partId', spec.foam.partId);

  const beds = bedsFor(spec);
  spec.hose.forEach((load, i) => {
    need('hose', `hose.${i}.hoseId`, load.hoseId);
    if (!beds.some((bed) => bed.id === load.bedId)) {
      say(`hose.${i}.bedId`, `must be a bed of this truck: ${beds.map((bed) => bed.id).join(', ')} (was "${load.bedId}")`);
    }
  });

  need('ladderMount', 'ladders.mountId', spec.ladders.mountId);
  spec.ladders.partIds.forEach((id, i) => need('ladder', `ladders.partIds.${i}`, id));

  const body = need('body', 'body.partId', spec.body.partId);
  if (body && (spec.body.lengthIn < body.length.minIn || spec.body.lengthIn > body.length.maxIn)) {
    say('body.lengthIn', `must be from ${body.length.minIn} to ${body.length.maxIn} in for this body (was ${spec.body.lengthIn})`);
  }

  if (spec.type === 'aerial' && !spec.device) say('device', 'must be chosen on an aerial (was missing)');
  if (spec.type !== 'aerial' && spec.device) say('device', `goes on an aerial only (this is a ${spec.type})`);
  if (spec.device) {
    const device = need('device', 'device.partId', spec.device.partId);
    if (device && !device.outriggers.some((option) => option.id === spec.device?.outriggersId)) {
      say('device.outriggersId', `must be one that this device offers: ${device.outriggers.map((option) => option.id).join(', ')} (was "${spec.device.outriggersId}")`);
    }
    const rear = chassis?.rearAxles.find((axle) => axle.id === spec.chassis.rearAxleId);
    if (device?.needsTandem && rear?.axles === 1) say('device.partId', `needs a chassis with a tandem rear axle (was "${device.id}")`);
  }

  spec.fittingIds.forEach((id, i) => need('fitting', `fittingIds.${i}`, id));
  spec.equipment.forEach((line, i) => need('equipment', `equipment.${i}.partId`, line.partId));
  return problems;
}
