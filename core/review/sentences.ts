import type { StepId } from '../rig/index.js';
import { bedsFor, catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { feet, formatWhole, gal, inches, lb, within } from '../units/index.js';
import type { Evaluation } from './evaluate.js';

const counted = (count: number, one: string, many = `${one}s`) => `${formatWhole(count)} ${count === 1 ? one : many}`;

const listed = (items: string[]): string => (items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)!}`);

/** With its article, where it begins with a word: "an aluminium body", "a PTO pump", "one 24 ft ladder". */
const one = (name: string): string => {
  const said = within(name);
  return `${said.startsWith('{') ? 'one' : /^[aeiouL]/.test(said) ? 'an' : 'a'} ${said}`;
};

type Sentence = (spec: BuildSpec, evaluation: Evaluation) => string;

const chassis: Sentence = (spec, { rig }) => {
  const { name } = catalogueOf(spec).part('chassis', spec.chassis.partId);
  return `The chassis shall be ${one(name)}, with a wheelbase of ${inches(spec.chassis.wheelbaseIn)}, ${one(rig.frontAxle.name)} and ${one(rig.rearAxle.name)}.`;
};

const cab: Sentence = (spec) => {
  const roof = catalogueOf(spec).part('chassis', spec.chassis.partId).roofs.find(({ id }) => id === spec.chassis.roofId);
  return `The cab shall seat ${formatWhole(spec.chassis.crew)} under ${roof ? one(roof.name) : 'its roof'}.`;
};

const bumper: Sentence = (spec) => {
  const items = spec.bumper.itemIds.map((id) => within(catalogueOf(spec).part('bumperItem', id).name));
  return `The front bumper shall be ${one(catalogueOf(spec).part('bumper', spec.bumper.partId).name)}${items.length ? `, carrying ${listed(items)}` : ''}.`;
};

const device: Sentence = (spec) => {
  if (!spec.device) return 'There shall be no aerial device.';
  const part = catalogueOf(spec).part('device', spec.device.partId);
  const outriggers = part.outriggers.find(({ id }) => id === spec.device?.outriggersId);
  return `The aerial device shall be ${one(part.name)}${outriggers ? `, standing on ${within(outriggers.name)}` : ''}.`;
};

const pump: Sentence = (spec) => (spec.pumpId === undefined ? 'There shall be no pump.' : `The pump shall be ${one(catalogueOf(spec).part('pump', spec.pumpId).name)}.`);

const tank: Sentence = (spec) => {
  const { gallons, shape, aftIn } = spec.tank;
  if (gallons === 0) return 'There shall be no water tank.';
  return `The tank shall hold ${gal(gallons)} of water, be ${within(catalogueOf(spec).part('tankShape', shape).name)} and stand ${inches(aftIn)} behind the front of the body.`;
};

const foam: Sentence = (spec) => (spec.foam ? `Foam shall be made by ${one(catalogueOf(spec).part('foam', spec.foam.partId).name)}, with ${gal(spec.foam.gallons)} of concentrate.` : 'There shall be no foam system.');

const hose: Sentence = (spec) => {
  const loads = spec.hose.filter((load) => load.lengthFt > 0);
  if (loads.length === 0) return 'No hose shall be carried.';
  const beds = bedsFor(spec);
  const said = loads.map((load) => `${feet(load.lengthFt)} of ${catalogueOf(spec).part('hose', load.hoseId).name} in the ${within(beds.find(({ id }) => id === load.bedId)?.name ?? load.bedId)}`);
  return `Hose beds shall take ${listed(said)}.`;
};

const ladders: Sentence = (spec) => {
  const { partIds, mountId } = spec.ladders;
  if (partIds.length === 0) return 'No ground ladders shall be carried.';
  return `Ground ladders shall be ${listed(partIds.map((id) => one(catalogueOf(spec).part('ladder', id).name)))}, riding ${/^Flat/.test(catalogueOf(spec).part('ladderMount', mountId).name) ? '' : 'on the '}${within(catalogueOf(spec).part('ladderMount', mountId).name)}.`;
};

const body: Sentence = (spec, { rig }) => {
  const doors = catalogueOf(spec).part('doors', spec.body.doors);
  return `The body shall be ${one(catalogueOf(spec).part('body', spec.body.partId).name)}, ${inches(spec.body.lengthIn)} long, with ${counted(rig.layout.compartments.length, 'compartment')} behind ${within(doors.name)}.`;
};

const equipment: Sentence = (spec, { rig }) => {
  const pieces = spec.equipment.reduce((sum, line) => sum + line.count, 0);
  if (pieces === 0) return 'No loose equipment is listed yet.';
  const weightLb = rig.components.filter((c) => c.role === 'equipment').reduce((sum, c) => sum + c.weightLb, 0);
  return `Space and mounting shall be provided for ${counted(pieces, 'piece')} of loose equipment weighing ${lb(weightLb)}.`;
};

const fittings: Sentence = (spec) =>
  spec.fittingIds.length === 0 ? 'No further lights or fittings shall be furnished.' : `There shall be ${listed(spec.fittingIds.map((id) => one(catalogueOf(spec).part('fitting', id).name)))}.`;

const SENTENCES: Record<StepId, Sentence> = { chassis, cab, bumper, device, pump, tank, foam, hose, ladders, body, equipment, fittings };

/** What is chosen in a step as the sentence of the specification, with its figures in place. */
export const sentenceOf = (spec: BuildSpec, step: StepId, evaluation: Evaluation): string => SENTENCES[step](spec, evaluation);
