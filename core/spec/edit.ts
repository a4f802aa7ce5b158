import type { AxleOption } from '../catalogue/index.js';
import { bedsFor } from './beds.js';
import type { BuildSpec } from './build-spec.js';
import { catalogueOf } from './catalogue-of.js';

const clamp = (value: number, min: number, max: number) => Math.min(max, Math.max(min, value));

/** The axle of that id, or the lightest that is rated no lower than the old one was. */
function keepRating(options: AxleOption[], oldId: string): AxleOption {
  const wanted = Number(oldId.split('-').pop());
  return options.find((o) => o.id === oldId) ?? options.find((o) => o.ratings.axleLb >= wanted) ?? options[options.length - 1]!;
}

/** Puts a spec in order after a change: what no longer goes with the new choice is fitted to it or left out. */
function settle(spec: BuildSpec): BuildSpec {
  const chassis = catalogueOf(spec).part('chassis', spec.chassis.partId);
  const bumper = catalogueOf(spec).part('bumper', spec.bumper.partId);
  const body = catalogueOf(spec).part('body', spec.body.partId);
  const { minIn, maxIn, stepIn } = chassis.wheelbase;
  const onStep = minIn + Math.round((spec.chassis.wheelbaseIn - minIn) / stepIn) * stepIn;
  const itemIds = spec.bumper.itemIds.filter((id) => (catalogueOf(spec).find('bumperItem', id)?.needsExtensionIn ?? Infinity) <= bumper.extensionIn);
  const settled = {
    ...spec,
    chassis: {
      ...spec.chassis,
      wheelbaseIn: clamp(onStep, minIn, maxIn),
      frontAxleId: keepRating(chassis.frontAxles, spec.chassis.frontAxleId).id,
      rearAxleId: keepRating(chassis.rearAxles, spec.chassis.rearAxleId).id,
      roofId: chassis.roofs.some((roof) => roof.id === spec.chassis.roofId) ? spec.chassis.roofId : chassis.roofs[0]!.id,
      crew: clamp(spec.chassis.crew, 1, chassis.cab.seats.length),
    },
    bumper: { ...spec.bumper, itemIds },
    body: { ...spec.body, lengthIn: clamp(spec.body.lengthIn, body.length.minIn, body.length.maxIn) },
  };
  const beds = new Set(bedsFor(settled).map((bed) => bed.id));
  return { ...settled, hose: settled.hose.filter((load) => beds.has(load.bedId)) };
}

/** Another chassis; wheelbase, axles, roof and seats are fitted to what it offers. */
export function withChassis(spec: BuildSpec, partId: string): BuildSpec {
  const next = settle({ ...spec, chassis: { ...spec.chassis, partId } });
  const device = next.device && catalogueOf(spec).find('device', next.device.partId);
  const tandem = catalogueOf(spec).part('chassis', partId).rearAxles.some((axle) => axle.axles === 2);
  if (!device?.needsTandem || tandem) return next;
  const single = catalogueOf(spec).for('device', spec.type).filter((candidate) => !candidate.needsTandem).at(-1)!;
  return withDevice(next, single.id);
}

/** Another setting of the chassis: wheelbase, axles, roof or crew. */
export const withChassisSetting = (spec: BuildSpec, setting: Partial<BuildSpec['chassis']>): BuildSpec =>
  settle({ ...spec, chassis: { ...spec.chassis, ...setting } });

/** Another bumper; what it is too short for is left off. */
export const withBumper = (spec: BuildSpec, partId: string): BuildSpec => settle({ ...spec, bumper: { ...spec.bumper, partId } });

/** With or without one of a list of ids, the others kept in their order. */
const toggled = (ids: string[], id: string, on: boolean): string[] => (on ? [...ids.filter((other) => other !== id), id] : ids.filter((other) => other !== id));

/** A bumper item on or off. */
export const withBumperItem = (spec: BuildSpec, id: string, on: boolean): BuildSpec =>
  settle({ ...spec, bumper: { ...spec.bumper, itemIds: toggled(spec.bumper.itemIds, id, on) } });

/** Another pump, or none. */
export function withPump(spec: BuildSpec, pumpId: string | undefined): BuildSpec {
  const { pumpId: _old, ...rest } = spec;
  return settle(pumpId === undefined ? rest : { ...rest, pumpId });
}

/** Another tank size, shape or place. */
export const withTank = (spec: BuildSpec, tank: Partial<BuildSpec['tank']>): BuildSpec => ({ ...spec, tank: { ...spec.tank, ...tank } });

/** Another foam system with its concentrate, or none. */
export function withFoam(spec: BuildSpec, foam: BuildSpec['foam']): BuildSpec {
  const { foam: _old, ...rest } = spec;
  return foam ? { ...rest, foam } : rest;
}

/** What lies in a bed: one hose of one length, or nothing. */
export function withHose(spec: BuildSpec, bedId: string, load: { hoseId: string; lengthFt: number } | null): BuildSpec {
  const index = spec.hose.findIndex((other) => other.bedId === bedId);
  const others = spec.hose.filter((other) => other.bedId !== bedId);
  if (!load) return { ...spec, hose: others };
  return { ...spec, hose: index < 0 ? [...others, { bedId, ...load }] : [...others.slice(0, index), { bedId, ...load }, ...others.slice(index)] };
}

/** How the ladders ride. */
export const withLadderMount = (spec: BuildSpec, mountId: BuildSpec['ladders']['mountId']): BuildSpec => ({ ...spec, ladders: { ...spec.ladders, mountId } });

/** A ladder carried or not. */
export const withLadder = (spec: BuildSpec, id: string, on: boolean): BuildSpec => ({
  ...spec, ladders: { ...spec.ladders, partIds: toggled(spec.ladders.partIds, id, on) },
});

/** Another body, length or doors. */
export const withBody = (spec: BuildSpec, body: Partial<BuildSpec['body']>): BuildSpec => settle({ ...spec, body: { ...spec.body, ...body } });

/** Another aerial device, with the first outriggers that it offers. A heavy one brings the chassis it needs. */
export function withDevice(spec: BuildSpec, partId: string): BuildSpec {
  const device = catalogueOf(spec).part('device', partId);
  const next = { ...spec, device: { partId, outriggersId: device.outriggers[0]!.id } };
  const carries = catalogueOf(spec).part('chassis', spec.chassis.partId).rearAxles.some((axle) => axle.axles === 2);
  if (!device.needsTandem || carries) return next;
  const tandem = catalogueOf(spec).for('chassis', spec.type).find((chassis) => chassis.rearAxles.some((axle) => axle.axles === 2))!;
  return settle({ ...next, chassis: { ...next.chassis, partId: tandem.id } });
}

/** Other outriggers on the same device. */
export const withOutriggers = (spec: BuildSpec, outriggersId: string): BuildSpec =>
  spec.device ? { ...spec, device: { ...spec.device, outriggersId } } : spec;

/** A fitting on or off. */
export const withFitting = (spec: BuildSpec, id: string, on: boolean): BuildSpec => ({ ...spec, fittingIds: toggled(spec.fittingIds, id, on) });

/** One more line of equipment; the same piece in the same place counts up instead. */
export function withEquipment(spec: BuildSpec, partId: string, compartmentId: string): BuildSpec {
  const at = spec.equipment.findIndex((line) => line.partId === partId && line.compartmentId === compartmentId);
  if (at < 0) return { ...spec, equipment: [...spec.equipment, { partId, count: 1, compartmentId }] };
  return withEquipmentLine(spec, at, { count: spec.equipment[at]!.count + 1 });
}

/** Another count or place of a line of equipment, or the line gone. */
export function withEquipmentLine(spec: BuildSpec, index: number, change: { count?: number; compartmentId?: string } | null): BuildSpec {
  const equipment = spec.equipment.flatMap((line, i) => (i !== index ? [line] : change ? [{ ...line, ...change }] : []));
  return { ...spec, equipment };
}

/** A build in which these choices are confirmed as they are. */
export function confirmed(spec: BuildSpec, ids: string[]): BuildSpec {
  if (!spec.assumed?.some((id) => ids.includes(id))) return spec;
  const { assumed, ...rest } = spec;
  const left = assumed.filter((id) => !ids.includes(id));
  return left.length ? { ...rest, assumed: left } : rest;
}

/** How far the bulkheads beside the rear wheels stand from the wheel opening, in. */
export function withDivider(spec: BuildSpec, which: 'frontDividerIn' | 'rearDividerIn', atIn: number): BuildSpec {
  const { [which]: _old, ...body } = spec.body;
  return { ...spec, body: atIn > 0 ? { ...body, [which]: atIn } : body };
}

/** One more item of no list, or one in place of the item of the same id; gone where there is none. */
export function withItem(spec: BuildSpec, id: string, item: NonNullable<BuildSpec['items']>[number] | null): BuildSpec {
  const { items = [], ...rest } = spec;
  const at = items.findIndex((other) => other.id === id);
  const next = at < 0 ? [...items, ...(item ? [item] : [])] : items.flatMap((other, i) => (i !== at ? [other] : item ? [item] : []));
  return next.length ? { ...rest, items: next } : rest;
}

/** A better weight for a component, or the catalogue's again. */
export function withCorrection(spec: BuildSpec, componentId: string, correction: Omit<NonNullable<BuildSpec['corrections']>[number], 'componentId'> | null): BuildSpec {
  const { corrections = [], ...rest } = spec;
  const next = [...corrections.filter((other) => other.componentId !== componentId), ...(correction ? [{ componentId, ...correction }] : [])];
  return next.length ? { ...rest, corrections: next } : rest;
}

/** What the truck may cost and the percentage for what is not itemised. */
export const withMoney = (spec: BuildSpec, money: Partial<NonNullable<BuildSpec['money']>>): BuildSpec => ({ ...spec, money: { unlistedPct: 0, ...spec.money, ...money } });

/** Weight kept free for later, or none. */
export function withGrowth(spec: BuildSpec, growth: BuildSpec['growth']): BuildSpec {
  const { growth: _old, ...rest } = spec;
  return growth && growth.value > 0 ? { ...rest, growth } : rest;
}

/** One more load state, or one in place of the state of the same id; gone where there is none. */
export function withState(spec: BuildSpec, id: string, state: NonNullable<BuildSpec['states']>[number] | null): BuildSpec {
  const { states = [], ...rest } = spec;
  const at = states.findIndex((other) => other.id === id);
  const next = at < 0 ? [...states, ...(state ? [state] : [])] : states.flatMap((other, i) => (i !== at ? [other] : state ? [state] : []));
  return next.length ? { ...rest, states: next } : rest;
}
