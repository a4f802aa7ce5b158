import { catalogueOf, profileOf, withBody, withBumper, withBumperItem, withChassisSetting, withEquipmentLine, withHose, withLadderMount, withTank } from '../spec/index.js';
import { feet, gal, inches, lb, within } from '../units/index.js';
import { atOnce, insteadOf, inSteps, range } from './change.js';
import type { Generator } from './change.js';

const MOVES_LOOKED_AT = 8;
const LEAST_TANK_GAL = 50;
const SHORT_LOAD_FT = 200;

export const tankPlace: Generator = ({ tank }, rig) => {
  if (tank.gallons === 0) return [];
  const end = Math.max(...rig.layout.tankBoxes.map((b) => b.frontIn + b.lengthIn));
  const room = Math.max(0, rig.layout.tankSpace.endIn - end);
  const step = (aftIn: number) => ({
    label: `Move the tank ${inches(Math.abs(aftIn - tank.aftIn))} ${aftIn > tank.aftIn ? 'aft' : 'forward'}`,
    edit: (on: Parameters<typeof withTank>[0]) => withTank(on, { aftIn }),
  });
  return [inSteps('tankPlace', range(tank.aftIn, tank.aftIn + room, 2).map(step)), inSteps('tankPlace', range(tank.aftIn, 0, 2).map(step))];
};

export const wheelbase: Generator = (spec) => {
  const { minIn, maxIn, stepIn } = catalogueOf(spec).part('chassis', spec.chassis.partId).wheelbase;
  const now = spec.chassis.wheelbaseIn;
  const to = (end: number) => inSteps('wheelbase', range(now, end, stepIn).map((wheelbaseIn) => ({
    label: `Wheelbase ${inches(wheelbaseIn)} instead of ${inches(now)}`, edit: (on) => withChassisSetting(on, { wheelbaseIn }),
  })));
  return [to(maxIn), to(minIn)];
};

export const axleRating: Generator = (spec, rig) => {
  const chassis = catalogueOf(spec).part('chassis', spec.chassis.partId);
  const higher = <T extends { ratings: { axleLb: number } }>(options: T[], now: T) => options.filter((option) => option.ratings.axleLb > now.ratings.axleLb);
  return [
    inSteps('axle', higher(chassis.frontAxles, rig.frontAxle).map((axle) => ({ label: insteadOf(axle, rig.frontAxle), edit: (on) => withChassisSetting(on, { frontAxleId: axle.id }) })), 'front'),
    inSteps('axle', higher(chassis.rearAxles, rig.rearAxle).map((axle) => ({ label: insteadOf(axle, rig.rearAxle), edit: (on) => withChassisSetting(on, { rearAxleId: axle.id }) })), 'rear'),
  ];
};

/** Less water, never less than the profile asks for. */
export const smallerTank: Generator = (spec) => {
  const { gallons: now } = spec.tank;
  const least = Math.max(profileOf(spec).limits.tankGal?.value ?? 0, LEAST_TANK_GAL);
  return now <= least ? [] : [inSteps('tankSize', range(now, least, 50).map((gallons) => ({ label: `Tank of ${gal(gallons)} instead of ${gal(now)}`, edit: (on) => withTank(on, { gallons }) })))];
};

export const tankShape: Generator = (spec) =>
  spec.tank.gallons === 0 ? [] : catalogueOf(spec).for('tankShape', spec.type)
    .filter((shape) => shape.id !== spec.tank.shape)
    .map((shape) => atOnce('tankShape', `${shape.name} tank instead of ${within(catalogueOf(spec).part('tankShape', spec.tank.shape).name)}`, (on) => withTank(on, { shape: shape.id })));

export const lighterBumper: Generator = (spec) => {
  const now = catalogueOf(spec).part('bumper', spec.bumper.partId);
  return catalogueOf(spec).for('bumper', spec.type)
    .filter((bumper) => bumper.weightLb < now.weightLb && withBumper(spec, bumper.id).bumper.itemIds.length === spec.bumper.itemIds.length)
    .map((bumper) => atOnce('bumper', insteadOf(bumper, now), (on) => withBumper(on, bumper.id)));
};

export const withoutBumperItem: Generator = (spec) =>
  spec.bumper.itemIds.map((id) => atOnce('bumperItem', `Leave off: ${within(catalogueOf(spec).part('bumperItem', id).name)}`, (on) => withBumperItem(on, id, false), id));

export const lighterBody: Generator = (spec) => {
  const now = catalogueOf(spec).part('body', spec.body.partId);
  return catalogueOf(spec).for('body', spec.type)
    .filter((body) => body.lbPerIn < now.lbPerIn)
    .map((body) => atOnce('body', insteadOf(body, now), (on) => withBody(on, { partId: body.id })));
};

/** The heaviest lines of equipment, each to every other compartment. */
export const moveItem: Generator = (spec, rig) => {
  const lines = spec.equipment
    .map((line, index) => ({ line, index, part: catalogueOf(spec).part('equipment', line.partId) }))
    .sort((a, b) => b.part.weightLb * b.line.count - a.part.weightLb * a.line.count)
    .slice(0, MOVES_LOOKED_AT);
  return lines.flatMap(({ line, index, part }) =>
    rig.layout.compartments
      .filter((compartment) => compartment.id !== line.compartmentId)
      .map((compartment) => atOnce(
        'move', `Move ${within(part.name)} (${lb(part.weightLb * line.count)}) from ${line.compartmentId} to ${compartment.id}`,
        (on) => withEquipmentLine(on, index, { compartmentId: compartment.id }), index,
      )));
};

export const lessHose: Generator = (spec) =>
  spec.hose.filter((load) => load.lengthFt >= SHORT_LOAD_FT).map(({ bedId, hoseId, lengthFt: now }) => {
    const hose = catalogueOf(spec).part('hose', hoseId);
    return inSteps('hose', range(now, now / 2, hose.sectionFt).map((lengthFt) => ({
      label: `${feet(lengthFt)} of ${hose.name} instead of ${feet(now)}`, edit: (on) => withHose(on, bedId, { hoseId, lengthFt }),
    })), bedId);
  });

export const bodyLength: Generator = (spec) => {
  const { minIn, maxIn } = catalogueOf(spec).part('body', spec.body.partId).length;
  const now = spec.body.lengthIn;
  const to = (end: number) => inSteps('bodyLength', range(now, end, 2).map((lengthIn) => ({ label: `Body ${inches(lengthIn)} long instead of ${inches(now)}`, edit: (on) => withBody(on, { lengthIn }) })));
  return [to(maxIn), to(minIn)];
};

export const ladderMount: Generator = (spec) =>
  catalogueOf(spec).for('ladderMount', spec.type)
    .filter((mount) => mount.id !== spec.ladders.mountId && spec.ladders.partIds.length > 0)
    .map((mount) => atOnce('ladderMount', `Ladders: ${within(mount.name)}`, (on) => withLadderMount(on, mount.id)));
