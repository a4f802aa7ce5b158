import { findPart, partOf, partsFor } from '../catalogue/index.js';
import type { Rig } from '../rig/index.js';
import { withBody, withBumper, withBumperItem, withChassisSetting, withEquipmentLine, withHose, withTank } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { formatGal, formatIn, formatLb, formatWhole } from '../units/index.js';

/** One change of a kind, in steps of growing departure: the first step that mends is the one to show. */
export interface Candidate {
  /** Changes of one kind compete; the best few of a kind are shown. */
  kind: 'tankPlace' | 'wheelbase' | 'axle' | 'tankSize' | 'tankShape' | 'bumper' | 'bumperItem' | 'body' | 'move' | 'hose';
  steps: { label: string; spec: BuildSpec }[];
}

type Generator = (spec: BuildSpec, rig: Rig) => Candidate[];

const MOVES_LOOKED_AT = 8;

function range(from: number, to: number, step: number): number[] {
  const count = Math.floor(Math.abs(to - from) / step + 1e-9);
  return Array.from({ length: count }, (_, i) => from + Math.sign(to - from) * step * (i + 1));
}

const tankPlace: Generator = (spec, rig) => {
  if (spec.tank.gallons === 0) return [];
  const end = Math.max(...rig.layout.tankBoxes.map((b) => b.frontIn + b.lengthIn));
  const room = Math.max(0, rig.layout.tankSpace.endIn - end);
  const step = (aftIn: number) => ({
    label: `Move the tank ${formatIn(Math.abs(aftIn - spec.tank.aftIn))} ${aftIn > spec.tank.aftIn ? 'aft' : 'forward'}`,
    spec: withTank(spec, { aftIn }),
  });
  return [
    { kind: 'tankPlace', steps: range(spec.tank.aftIn, spec.tank.aftIn + room, 2).map(step) },
    { kind: 'tankPlace', steps: range(spec.tank.aftIn, 0, 2).map(step) },
  ];
};

const wheelbase: Generator = (spec) => {
  const { minIn, maxIn, stepIn } = partOf('chassis', spec.chassis.partId).wheelbase;
  const now = spec.chassis.wheelbaseIn;
  const step = (wheelbaseIn: number) => ({ label: `Wheelbase ${formatWhole(wheelbaseIn)} in instead of ${formatWhole(now)} in`, spec: withChassisSetting(spec, { wheelbaseIn }) });
  return [
    { kind: 'wheelbase', steps: range(now, maxIn, stepIn).map(step) },
    { kind: 'wheelbase', steps: range(now, minIn, stepIn).map(step) },
  ];
};

const axleRating: Generator = (spec, rig) => {
  const chassis = partOf('chassis', spec.chassis.partId);
  const higher = <T extends { ratings: { axleLb: number } }>(options: T[], now: T) => options.filter((option) => option.ratings.axleLb > now.ratings.axleLb);
  return [
    { kind: 'axle', steps: higher(chassis.frontAxles, rig.frontAxle).map((axle) => ({ label: axle.name, spec: withChassisSetting(spec, { frontAxleId: axle.id }) })) },
    { kind: 'axle', steps: higher(chassis.rearAxles, rig.rearAxle).map((axle) => ({ label: axle.name, spec: withChassisSetting(spec, { rearAxleId: axle.id }) })) },
  ];
};

const tankSize: Generator = (spec) => {
  const least = Math.max(findPart('profile', spec.profileId)?.limits.tankGal?.value ?? 0, 0);
  if (spec.tank.gallons <= least) return [];
  return [{
    kind: 'tankSize',
    steps: range(spec.tank.gallons, Math.max(least, 50), 50).map((gallons) => ({ label: `Tank of ${formatGal(gallons)} instead of ${formatGal(spec.tank.gallons)}`, spec: withTank(spec, { gallons }) })),
  }];
};

const tankShape: Generator = (spec) =>
  spec.tank.gallons === 0 ? [] : partsFor('tankShape', spec.type)
    .filter((shape) => shape.id !== spec.tank.shape)
    .map((shape) => ({ kind: 'tankShape', steps: [{ label: `${shape.name} tank`, spec: withTank(spec, { shape: shape.id }) }] }));

const lighterBumper: Generator = (spec) => {
  const now = partOf('bumper', spec.bumper.partId);
  const keepsItems = (next: BuildSpec) => next.bumper.itemIds.length === spec.bumper.itemIds.length;
  return partsFor('bumper', spec.type)
    .filter((bumper) => bumper.weightLb < now.weightLb)
    .map((bumper) => ({ label: bumper.name, spec: withBumper(spec, bumper.id) }))
    .filter((step) => keepsItems(step.spec))
    .map((step) => ({ kind: 'bumper', steps: [step] }));
};

const withoutBumperItem: Generator = (spec) =>
  spec.bumper.itemIds.map((id) => ({ kind: 'bumperItem', steps: [{ label: `Leave off: ${partOf('bumperItem', id).name.toLowerCase()}`, spec: withBumperItem(spec, id, false) }] }));

const lighterBody: Generator = (spec) => {
  const now = partOf('body', spec.body.partId);
  return partsFor('body', spec.type)
    .filter((body) => body.lbPerIn < now.lbPerIn)
    .map((body) => ({ kind: 'body', steps: [{ label: `${body.name} instead of ${now.name.toLowerCase()}`, spec: withBody(spec, { partId: body.id }) }] }));
};

/** The heaviest lines of equipment, each to every other compartment. */
const moveItem: Generator = (spec, rig) => {
  const lines = spec.equipment
    .map((line, index) => ({ line, index, part: partOf('equipment', line.partId) }))
    .sort((a, b) => b.part.weightLb * b.line.count - a.part.weightLb * a.line.count)
    .slice(0, MOVES_LOOKED_AT);
  return lines.flatMap(({ line, index, part }) =>
    rig.layout.compartments
      .filter((compartment) => compartment.id !== line.compartmentId)
      .map((compartment): Candidate => ({
        kind: 'move',
        steps: [{
          label: `Move ${part.name.toLowerCase()} (${formatLb(part.weightLb * line.count)}) from ${line.compartmentId} to ${compartment.id}`,
          spec: withEquipmentLine(spec, index, { compartmentId: compartment.id }),
        }],
      })));
};

const lessHose: Generator = (spec) =>
  spec.hose.filter((load) => load.lengthFt >= 200).map((load) => {
    const hose = partOf('hose', load.hoseId);
    return {
      kind: 'hose',
      steps: range(load.lengthFt, load.lengthFt / 2, hose.sectionFt).map((lengthFt) => ({
        label: `${formatWhole(lengthFt)} ft of ${hose.name} instead of ${formatWhole(load.lengthFt)} ft`,
        spec: withHose(spec, load.bedId, { hoseId: load.hoseId, lengthFt }),
      })),
    };
  });

/** Every kind of change that can be looked at for mending. To add a kind, add a function to this list. */
const GENERATORS: Generator[] = [tankPlace, wheelbase, axleRating, tankSize, tankShape, lighterBumper, withoutBumperItem, lighterBody, moveItem, lessHose];

/** The changes that this build's catalogue allows, none of them judged yet. */
export const candidatesFor = (spec: BuildSpec, rig: Rig): Candidate[] => GENERATORS.flatMap((generate) => generate(spec, rig)).filter((c) => c.steps.length > 0);
