import type { BuildSpec } from '../spec/index.js';
import { feetInches } from '../units/index.js';
import { component } from './component.js';
import type { ChosenParts } from './parts.js';
import { boxAt, boxOf } from './shapes.js';
import type { Shape } from './shapes.js';
import type { Component, Layout } from './types.js';

/** How far each section's tip stands beyond the one that carries it, stowed, in. */
const TIP_STEP_IN = 9;
const HEEL_IN = 16;
/** A section's centre lies nearer its heel, where it is built heavier. */
const CENTRE_SHARE = 0.44;

/** The aerial device as it rides: turntable, sections over the truck, platform, torque box and outriggers. */
export function deviceComponents(spec: BuildSpec, { device, chassis }: ChosenParts, layout: Layout): Component[] {
  const turntable = layout.turntable;
  if (!device || !turntable || !spec.device) return [];
  const forward = turntable.facing === 'forward' ? -1 : 1;
  const heel = turntable.xIn - forward * HEEL_IN;
  const baseZ = turntable.zIn;
  const about = { group: 'Aerial device', step: 'device', yIn: 0 } as const;
  const frameTop = chassis.frame.topIn;

  const sections = device.sections.map((section, i) => {
    const start = heel + forward * i * TIP_STEP_IN;
    const end = start + forward * section.lengthIn;
    const bottom = baseZ + 2 * i;
    return component({
      id: `section-${i + 1}`, name: i === 0 ? 'Base section' : `Section ${i + 1}`, ...about,
      weightLb: section.weightLb, basis: device.basis, xIn: start + forward * section.lengthIn * CENTRE_SHARE, zIn: bottom + section.heightIn / 2,
      shapes: [{
        kind: 'section', order: i,
        box: boxOf(Math.min(start, end), Math.max(start, end), -section.widthIn / 2, section.widthIn / 2, bottom, bottom + section.heightIn),
      }],
    });
  });
  const last = device.sections.length - 1;
  const tip = heel + forward * (last * TIP_STEP_IN + device.sections[last]!.lengthIn);

  const outriggers = device.outriggers.find((option) => option.id === spec.device?.outriggersId) ?? device.outriggers[0]!;
  const torqueBack = Math.min(layout.bodyEnd - 4, turntable.xIn + 50);
  const torqueBox = boxOf(torqueBack - device.torqueBox.lengthIn, torqueBack, -19, 19, frameTop, frameTop + 12);
  const cut = chassis.rearTyre.diameterIn / 2 + 14;
  const beside = spec.chassis.wheelbaseIn + (chassis.rearAxles.find((a) => a.id === spec.chassis.rearAxleId)?.spreadIn ?? 0) / 2;
  const ahead = layout.pumpHouse?.x1 ?? layout.bodyFront;
  const places = outriggers.pairs === 2 ? [ahead + 9, Math.min(beside + cut, layout.bodyEnd - 9)] : [Math.min(beside + cut, layout.bodyEnd - 9)];
  const half = layout.bodyWidth / 2;
  const outriggerShapes: Shape[] = places.flatMap((x) => [-1, 1].map((side): Shape => ({
    kind: 'outrigger', box: boxOf(x - 8, x + 8, side < 0 ? -half - 0.5 : half - 14, side < 0 ? -half + 14 : half + 0.5, 15, 54),
  })));

  return [
    component({
      id: 'torque-box', name: 'Torque box', ...about, weightLb: device.torqueBox.weightLb, basis: device.basis, xIn: (torqueBox.x0 + torqueBox.x1) / 2, zIn: frameTop + 2,
      shapes: [{ kind: 'torqueBox', box: torqueBox }],
    }),
    component({
      id: 'outriggers', name: `${outriggers.name}, ${feetInches(outriggers.spreadIn)} spread`, ...about, weightLb: outriggers.weightLb, priceCents: outriggers.priceCents,
      xIn: places.reduce((sum, x) => sum + x, 0) / places.length, zIn: 34, shapes: outriggerShapes,
    }),
    component({
      id: 'turntable', name: 'Turntable', ...about, weightLb: device.turntable.weightLb, basis: device.basis, priceCents: device.priceCents,
      xIn: turntable.xIn, zIn: (frameTop + 12 + baseZ + 20) / 2,
      shapes: [{ kind: 'turntable', box: boxAt(turntable.xIn, 0, (frameTop + 12 + baseZ) / 2, device.turntable.diameterIn, device.turntable.diameterIn, baseZ - frameTop - 12) }],
    }),
    ...sections,
    ...(device.platform ? [component({
      id: 'platform', name: 'Platform', ...about, weightLb: device.platform.weightLb, xIn: tip + forward * device.platform.lengthIn / 2, zIn: baseZ - 4,
      shapes: [{ kind: 'platform', box: boxAt(tip + (forward * device.platform.lengthIn) / 2, 0, baseZ - 4, device.platform.lengthIn, device.platform.widthIn, device.platform.heightIn) }],
    })] : []),
  ];
}
