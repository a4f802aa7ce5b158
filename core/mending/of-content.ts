import { bedsFor, catalogueOf, suitsBed, withBody, withBumper, withChassis, withChassisSetting, withFitting, withHose, withLadder, withPump, withTank } from '../spec/index.js';
import { feet, formatWhole, gal, within } from '../units/index.js';
import { atOnce, insteadOf, inSteps, range } from './change.js';
import type { Generator } from './change.js';

const LARGEST_TANK_GAL = 1500;
const MOST_HOSE_FT = 1500;

/** Equipment whose compartment is gone stays where it is weighed meanwhile. */
export const settleEquipment: Generator = (_, rig) => {
  if (rig.moved.length === 0) return [];
  const rides = new Map(rig.moved.map(({ asked, rides }) => [asked, rides]));
  const where = [...rides].map(([asked, now]) => `${asked} in ${now}`).join(', ');
  return [atOnce('move', `Let them ride where they are weighed now: what was for ${where}`, (on) => ({
    ...on, equipment: on.equipment.map((line) => ({ ...line, compartmentId: rides.get(line.compartmentId) ?? line.compartmentId })),
  }))];
};

export const largerPump: Generator = (spec, rig) => [
  inSteps('pump', catalogueOf(spec).for('pump', spec.type)
    .filter((pump) => pump.ratedGpm > rig.carried.pumpGpm)
    .sort((a, b) => a.ratedGpm - b.ratedGpm)
    .map((pump) => ({ label: pump.name, edit: (on) => withPump(on, pump.id) }))),
];

/** Pumps with more crosslays over them. */
export const moreCrosslays: Generator = (spec) => {
  const now = spec.pumpId === undefined ? undefined : catalogueOf(spec).find('pump', spec.pumpId);
  return catalogueOf(spec).for('pump', spec.type)
    .filter((pump) => pump.crosslays > (now?.crosslays ?? 0) && pump.ratedGpm >= (now?.ratedGpm ?? 0))
    .map((pump) => atOnce('pump', pump.name, (on) => withPump(on, pump.id)));
};

export const largerTank: Generator = ({ tank }) => [
  inSteps('tankSize', range(tank.gallons, LARGEST_TANK_GAL, 10).map((gallons) => ({ label: `Tank of ${gal(gallons)} instead of ${gal(tank.gallons)}`, edit: (on) => withTank(on, { gallons }) }))),
];

export const moreSeats: Generator = (spec) => [
  inSteps('seats', range(spec.chassis.crew, catalogueOf(spec).part('chassis', spec.chassis.partId).cab.seats.length, 1)
    .map((crew) => ({ label: `${formatWhole(crew)} seats instead of ${formatWhole(spec.chassis.crew)}`, edit: (on) => withChassisSetting(on, { crew }) }))),
];

/** Each bed: more of what lies in it, or some of each hose that suits it where it is empty. */
export const moreHose: Generator = (spec) =>
  bedsFor(spec).flatMap((bed) => {
    const load = spec.hose.find((other) => other.bedId === bed.id);
    const hoses = load ? [catalogueOf(spec).part('hose', load.hoseId)] : catalogueOf(spec).for('hose', spec.type).filter((hose) => suitsBed(bed, hose));
    return hoses.map((hose) => inSteps('hose', range(load?.lengthFt ?? 0, MOST_HOSE_FT, hose.sectionFt).map((lengthFt) => ({
      label: `${feet(lengthFt)} of ${hose.name} in ${within(bed.name)}${load ? ` instead of ${feet(load.lengthFt)}` : ''}`,
      edit: (on) => withHose(on, bed.id, { hoseId: hose.id, lengthFt }),
    })), bed.id));
  });

export const moreLadders: Generator = (spec) =>
  catalogueOf(spec).for('ladder', spec.type)
    .filter((ladder) => !spec.ladders.partIds.includes(ladder.id))
    .map((ladder) => atOnce('ladder', `Carry a ${ladder.name} ladder`, (on) => withLadder(on, ladder.id, true), ladder.id));

export const withoutLadder: Generator = (spec) =>
  [...new Set(spec.ladders.partIds)].map((id) => atOnce('ladder', `Leave off the ${catalogueOf(spec).part('ladder', id).name} ladder`, (on) => withLadder(on, id, false), id));

export const otherChassis: Generator = (spec) =>
  catalogueOf(spec).for('chassis', spec.type)
    .filter((chassis) => chassis.id !== spec.chassis.partId)
    .map((chassis) => atOnce('chassis', chassis.name, (on) => withChassis(on, chassis.id)));

export const shorterBumper: Generator = (spec) => {
  const now = catalogueOf(spec).part('bumper', spec.bumper.partId);
  return catalogueOf(spec).for('bumper', spec.type)
    .filter((bumper) => bumper.extensionIn < now.extensionIn)
    .map((bumper) => atOnce('bumper', insteadOf(bumper, now), (on) => withBumper(on, bumper.id)));
};

/** What may cost less: other bodies, bumpers and pumps, and fewer fittings. */
export const cheaperParts: Generator = (spec, rig) => {
  const catalogue = catalogueOf(spec);
  const leastGpm = Math.min(rig.carried.pumpGpm, rig.profile.limits.pumpGpm?.value ?? 0);
  return [
    ...catalogue.for('body', spec.type).map((part) => atOnce('body', part.name, (on) => withBody(on, { partId: part.id }))),
    ...catalogue.for('bumper', spec.type).map((part) => atOnce('bumper', part.name, (on) => withBumper(on, part.id))),
    ...catalogue.for('pump', spec.type).filter((part) => part.ratedGpm >= leastGpm).map((part) => atOnce('pump', part.name, (on) => withPump(on, part.id))),
    ...spec.fittingIds.map((id) => atOnce('fitting', `Leave off ${within(catalogue.part('fitting', id).name)}`, (on) => withFitting(on, id, false), id)),
  ];
};
