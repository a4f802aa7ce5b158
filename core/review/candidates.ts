import type { Rig } from '../rig/index.js';
import {
  bedsFor, suitsBed, withBody, withBumper, withBumperItem, withChassis, withChassisSetting, withEquipmentLine, withFitting, withHose, withLadder, withLadderMount, withPump, withTank,
} from '../spec/index.js';
import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { feet, formatWhole, gal, inches, lb } from '../units/index.js';
import type { CheckId } from './types.js';

/** One change of a kind, in steps of growing departure: the first step that mends is the one to show. */
export interface Candidate {
  /** Changes of one kind compete; the best few of a kind are shown. */
  kind:
    | 'tankPlace' | 'wheelbase' | 'axle' | 'tankSize' | 'tankShape' | 'bumper' | 'bumperItem' | 'body' | 'bodyLength' | 'move' | 'hose'
    | 'pump' | 'fitting' | 'seats' | 'ladder' | 'ladderMount' | 'chassis';
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
    label: `Move the tank ${inches(Math.abs(aftIn - spec.tank.aftIn))} ${aftIn > spec.tank.aftIn ? 'aft' : 'forward'}`,
    spec: withTank(spec, { aftIn }),
  });
  return [
    { kind: 'tankPlace', steps: range(spec.tank.aftIn, spec.tank.aftIn + room, 2).map(step) },
    { kind: 'tankPlace', steps: range(spec.tank.aftIn, 0, 2).map(step) },
  ];
};

const wheelbase: Generator = (spec) => {
  const { minIn, maxIn, stepIn } = catalogueOf(spec).part('chassis', spec.chassis.partId).wheelbase;
  const now = spec.chassis.wheelbaseIn;
  const step = (wheelbaseIn: number) => ({ label: `Wheelbase ${inches(wheelbaseIn)} instead of ${inches(now)}`, spec: withChassisSetting(spec, { wheelbaseIn }) });
  return [
    { kind: 'wheelbase', steps: range(now, maxIn, stepIn).map(step) },
    { kind: 'wheelbase', steps: range(now, minIn, stepIn).map(step) },
  ];
};

const axleRating: Generator = (spec, rig) => {
  const chassis = catalogueOf(spec).part('chassis', spec.chassis.partId);
  const higher = <T extends { ratings: { axleLb: number } }>(options: T[], now: T) => options.filter((option) => option.ratings.axleLb > now.ratings.axleLb);
  return [
    { kind: 'axle', steps: higher(chassis.frontAxles, rig.frontAxle).map((axle) => ({ label: axle.name, spec: withChassisSetting(spec, { frontAxleId: axle.id }) })) },
    { kind: 'axle', steps: higher(chassis.rearAxles, rig.rearAxle).map((axle) => ({ label: axle.name, spec: withChassisSetting(spec, { rearAxleId: axle.id }) })) },
  ];
};

const tankSize: Generator = (spec) => {
  const least = Math.max(catalogueOf(spec).find('profile', spec.profileId)?.limits.tankGal?.value ?? 0, 0);
  if (spec.tank.gallons <= least) return [];
  return [{
    kind: 'tankSize',
    steps: range(spec.tank.gallons, Math.max(least, 50), 50).map((gallons) => ({ label: `Tank of ${gal(gallons)} instead of ${gal(spec.tank.gallons)}`, spec: withTank(spec, { gallons }) })),
  }];
};

const tankShape: Generator = (spec) =>
  spec.tank.gallons === 0 ? [] : catalogueOf(spec).for('tankShape', spec.type)
    .filter((shape) => shape.id !== spec.tank.shape)
    .map((shape) => ({ kind: 'tankShape', steps: [{ label: `${shape.name} tank`, spec: withTank(spec, { shape: shape.id }) }] }));

const lighterBumper: Generator = (spec) => {
  const now = catalogueOf(spec).part('bumper', spec.bumper.partId);
  const keepsItems = (next: BuildSpec) => next.bumper.itemIds.length === spec.bumper.itemIds.length;
  return catalogueOf(spec).for('bumper', spec.type)
    .filter((bumper) => bumper.weightLb < now.weightLb)
    .map((bumper) => ({ label: bumper.name, spec: withBumper(spec, bumper.id) }))
    .filter((step) => keepsItems(step.spec))
    .map((step) => ({ kind: 'bumper', steps: [step] }));
};

const withoutBumperItem: Generator = (spec) =>
  spec.bumper.itemIds.map((id) => ({ kind: 'bumperItem', steps: [{ label: `Leave off: ${catalogueOf(spec).part('bumperItem', id).name.toLowerCase()}`, spec: withBumperItem(spec, id, false) }] }));

const lighterBody: Generator = (spec) => {
  const now = catalogueOf(spec).part('body', spec.body.partId);
  return catalogueOf(spec).for('body', spec.type)
    .filter((body) => body.lbPerIn < now.lbPerIn)
    .map((body) => ({ kind: 'body', steps: [{ label: `${body.name} instead of ${now.name.toLowerCase()}`, spec: withBody(spec, { partId: body.id }) }] }));
};

/** The heaviest lines of equipment, each to every other compartment. */
const moveItem: Generator = (spec, rig) => {
  const lines = spec.equipment
    .map((line, index) => ({ line, index, part: catalogueOf(spec).part('equipment', line.partId) }))
    .sort((a, b) => b.part.weightLb * b.line.count - a.part.weightLb * a.line.count)
    .slice(0, MOVES_LOOKED_AT);
  return lines.flatMap(({ line, index, part }) =>
    rig.layout.compartments
      .filter((compartment) => compartment.id !== line.compartmentId)
      .map((compartment): Candidate => ({
        kind: 'move',
        steps: [{
          label: `Move ${part.name.toLowerCase()} (${lb(part.weightLb * line.count)}) from ${line.compartmentId} to ${compartment.id}`,
          spec: withEquipmentLine(spec, index, { compartmentId: compartment.id }),
        }],
      })));
};

const lessHose: Generator = (spec) =>
  spec.hose.filter((load) => load.lengthFt >= 200).map((load) => {
    const hose = catalogueOf(spec).part('hose', load.hoseId);
    return {
      kind: 'hose',
      steps: range(load.lengthFt, load.lengthFt / 2, hose.sectionFt).map((lengthFt) => ({
        label: `${feet(lengthFt)} of ${hose.name} instead of ${feet(load.lengthFt)}`,
        spec: withHose(spec, load.bedId, { hoseId: load.hoseId, lengthFt }),
      })),
    };
  });

/** Equipment whose compartment is gone stays where it is weighed meanwhile. */
const settleEquipment: Generator = (spec, rig) => {
  if (rig.moved.length === 0) return [];
  const rides = new Map(rig.moved.map(({ asked, rides }) => [asked, rides]));
  const equipment = spec.equipment.map((line) => ({ ...line, compartmentId: rides.get(line.compartmentId) ?? line.compartmentId }));
  const where = [...rides].map(([asked, now]) => `${asked} in ${now}`).join(', ');
  return [{ kind: 'move', steps: [{ label: `Let them ride where they are weighed now: what was for ${where}`, spec: { ...spec, equipment } }] }];
};

const bodyLength: Generator = (spec) => {
  const { minIn, maxIn } = catalogueOf(spec).part('body', spec.body.partId).length;
  const now = spec.body.lengthIn;
  const step = (lengthIn: number) => ({ label: `Body ${inches(lengthIn)} long instead of ${inches(now)}`, spec: withBody(spec, { lengthIn }) });
  return [
    { kind: 'bodyLength', steps: range(now, maxIn, 2).map(step) },
    { kind: 'bodyLength', steps: range(now, minIn, 2).map(step) },
  ];
};

const otherPump: Generator = (spec, rig) => [{
  kind: 'pump',
  steps: catalogueOf(spec).for('pump', spec.type)
    .filter((pump) => pump.ratedGpm > rig.carried.pumpGpm)
    .sort((a, b) => a.ratedGpm - b.ratedGpm)
    .map((pump) => ({ label: pump.name, spec: withPump(spec, pump.id) })),
}];

const LARGEST_TANK_GAL = 1500;

const largerTank: Generator = (spec) => [{
  kind: 'tankSize',
  steps: range(spec.tank.gallons, LARGEST_TANK_GAL, 10).map((gallons) => ({ label: `Tank of ${gal(gallons)} instead of ${gal(spec.tank.gallons)}`, spec: withTank(spec, { gallons }) })),
}];

const moreSeats: Generator = (spec) => [{
  kind: 'seats',
  steps: range(spec.chassis.crew, catalogueOf(spec).part('chassis', spec.chassis.partId).cab.seats.length, 1).map((crew) => ({ label: `${formatWhole(crew)} seats instead of ${formatWhole(spec.chassis.crew)}`, spec: withChassisSetting(spec, { crew }) })),
}];

const MOST_HOSE_FT = 1500;

/** Each bed: more of what lies in it, or some of each hose that suits it where it is empty. */
const moreHose: Generator = (spec) =>
  bedsFor(spec).flatMap((bed) => {
    const load = spec.hose.find((other) => other.bedId === bed.id);
    const hoses = load ? [catalogueOf(spec).part('hose', load.hoseId)] : catalogueOf(spec).for('hose', spec.type).filter((hose) => suitsBed(bed, hose));
    return hoses.map((hose): Candidate => ({
      kind: 'hose',
      steps: range(load?.lengthFt ?? 0, MOST_HOSE_FT, hose.sectionFt).map((lengthFt) => ({
        label: `${feet(lengthFt)} of ${hose.name} in ${bed.name.toLowerCase()}${load ? ` instead of ${feet(load.lengthFt)}` : ''}`,
        spec: withHose(spec, bed.id, { hoseId: hose.id, lengthFt }),
      })),
    }));
  });

const moreLadders: Generator = (spec) =>
  catalogueOf(spec).for('ladder', spec.type)
    .filter((ladder) => !spec.ladders.partIds.includes(ladder.id))
    .map((ladder) => ({ kind: 'ladder', steps: [{ label: `Carry a ${ladder.name} ladder`, spec: withLadder(spec, ladder.id, true) }] }));

const withoutLadder: Generator = (spec) =>
  [...new Set(spec.ladders.partIds)].map((id) => ({ kind: 'ladder', steps: [{ label: `Leave off the ${catalogueOf(spec).part('ladder', id).name} ladder`, spec: withLadder(spec, id, false) }] }));

const ladderMount: Generator = (spec) =>
  catalogueOf(spec).for('ladderMount', spec.type)
    .filter((mount) => mount.id !== spec.ladders.mountId && spec.ladders.partIds.length > 0)
    .map((mount) => ({ kind: 'ladderMount', steps: [{ label: `Ladders: ${mount.name.toLowerCase()}`, spec: withLadderMount(spec, mount.id) }] }));

const lighterChassis: Generator = (spec) =>
  catalogueOf(spec).for('chassis', spec.type)
    .filter((chassis) => chassis.id !== spec.chassis.partId)
    .map((chassis) => ({ kind: 'chassis', steps: [{ label: chassis.name, spec: withChassis(spec, chassis.id) }] }));

const otherParts: Generator = (spec, rig) => {
  const catalogue = catalogueOf(spec);
  const pump = rig.carried.pumpGpm;
  return [
    ...catalogue.for('body', spec.type).map((part): Candidate => ({ kind: 'body', steps: [{ label: part.name, spec: withBody(spec, { partId: part.id }) }] })),
    ...catalogue.for('bumper', spec.type).map((part): Candidate => ({ kind: 'bumper', steps: [{ label: part.name, spec: withBumper(spec, part.id) }] })),
    ...catalogue.for('pump', spec.type).filter((part) => part.ratedGpm >= Math.min(pump, rig.profile.limits.pumpGpm?.value ?? 0)).map((part): Candidate => ({ kind: 'pump', steps: [{ label: part.name, spec: withPump(spec, part.id) }] })),
    ...spec.fittingIds.map((id): Candidate => ({ kind: 'fitting', steps: [{ label: `Leave off ${catalogue.part('fitting', id).name.toLowerCase()}`, spec: withFitting(spec, id, false) }] })),
  ];
};

/** What may mend a load, a balance or a height. To add a kind of change, add a function to the lists that it belongs to. */
const OF_WEIGHT: Generator[] = [tankPlace, wheelbase, axleRating, tankSize, tankShape, lighterBumper, withoutBumperItem, lighterBody, moveItem, lessHose];

const OF_OTHERS: Partial<Record<CheckId, Generator[]>> = {
  frontShare: [...OF_WEIGHT, bodyLength],
  frontLeast: [...OF_WEIGHT, bodyLength],
  sideFront: [...OF_WEIGHT, ladderMount],
  sideRear: [...OF_WEIGHT, ladderMount],
  typeGvwr: [lighterChassis],
  pumpLeast: [otherPump],
  tankLeast: [largerTank],
  seats: [moreSeats],
  supplyHose: [moreHose],
  attackHose: [moreHose],
  hose15: [moreHose],
  hose1: [moreHose],
  compartments: [bodyLength, tankShape, ladderMount],
  groundLadders: [moreLadders],
  roofLadder: [moreLadders],
  extensionLadder: [moreLadders],
  atticLadder: [moreLadders],
  tankFits: [tankPlace, tankSize, tankShape, bodyLength],
  hoseFits: [lessHose, tankShape, bodyLength],
  laddersFit: [withoutLadder, ladderMount, bodyLength],
  wheelsFit: [bodyLength, wheelbase],
  budget: [otherParts, withoutBumperItem, lighterChassis],
  equipmentPlace: [settleEquipment, bodyLength, wheelbase],
};

/** The changes that this build's catalogue allows and that may mend a check, none of them judged yet. */
export const candidatesFor = (spec: BuildSpec, rig: Rig, check: CheckId): Candidate[] =>
  (OF_OTHERS[check] ?? OF_WEIGHT).flatMap((generate) => generate(spec, rig)).filter((candidate) => candidate.steps.length > 0);
