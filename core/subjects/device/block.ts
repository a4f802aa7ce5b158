import { block, field, objectIn, settled } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { partFigure, Shelf } from '../../kernel/index.js';
import { chassisShelf, offered, withChassis } from '../chassis/index.js';
import { DEVICES } from './parts.js';
import type { AerialDevice } from './parts.js';

const { plain, price, within } = partFigure;
const sectionsLb = (device: AerialDevice) => device.sections.reduce((sum, s) => sum + s.weightLb, 0);

export const deviceShelf = new Shelf<AerialDevice>({
  kind: 'device',
  title: 'Aerial devices',
  shipped: DEVICES,
  figures: [
    plain<AerialDevice>('heightFt', 'Rated height', 'ft', 30, 150),
    within(
      'turntableLb',
      'Turntable',
      'lb',
      [1_000, 20_000],
      (d) => d.turntable.weightLb,
      (d, v) => ({ ...d, turntable: { ...d.turntable, weightLb: v } }),
      { weight: true },
    ),
    within(
      'sectionsLb',
      'Sections in all',
      'lb',
      [1_000, 40_000],
      sectionsLb,
      (d, v) => ({
        ...d,
        sections: d.sections.map((s) => ({ ...s, weightLb: (s.weightLb * v) / sectionsLb(d) })),
      }),
      { weight: true },
    ),
    within(
      'torqueBoxLb',
      'Torque box',
      'lb',
      [500, 20_000],
      (d) => d.torqueBox.weightLb,
      (d, v) => ({ ...d, torqueBox: { ...d.torqueBox, weightLb: v } }),
      { weight: true },
    ),
    within(
      'turntableIn',
      'Diameter of the turntable',
      'in',
      [40, 120],
      (d) => d.turntable.diameterIn,
      (d, v) => ({ ...d, turntable: { ...d.turntable, diameterIn: v } }),
    ),
    within(
      'sectionIn',
      'Length of the base section',
      'in',
      [120, 600],
      (d) => d.sections[0]!.lengthIn,
      // The others keep the length by which each is shorter than it.
      (d, v) => ({
        ...d,
        sections: d.sections.map((s) => ({ ...s, lengthIn: s.lengthIn + v - d.sections[0]!.lengthIn })),
      }),
    ),
    within(
      'torqueBoxIn',
      'Length of the torque box',
      'in',
      [60, 320],
      (d) => d.torqueBox.lengthIn,
      (d, v) => ({ ...d, torqueBox: { ...d.torqueBox, lengthIn: v } }),
    ),
    within(
      'bayIn',
      'Bay for stabilizers and stairs behind the cab',
      'in',
      [12, 80],
      (d) => d.bayIn ?? NaN,
      (d, v) => (d.bayIn === undefined ? d : { ...d, bayIn: v }),
      { none: 'none' },
    ),
    within(
      'platformLb',
      'Platform',
      'lb',
      [300, 4_000],
      (d) => d.platform?.weightLb ?? NaN,
      (d, v) => (d.platform ? { ...d, platform: { ...d.platform, weightLb: v } } : d),
      { none: 'none' },
    ),
    within(
      'outriggersLb',
      'Outriggers, all',
      'lb',
      [300, 9_000],
      (d) => d.outriggers[0]!.weightLb,
      (d, v) => ({ ...d, outriggers: [{ ...d.outriggers[0]!, weightLb: v }] }),
      { weight: true },
    ),
    within(
      'spreadIn',
      'Outrigger spread',
      'in',
      [80, 260],
      (d) => d.outriggers[0]!.spreadIn,
      (d, v) => ({ ...d, outriggers: d.outriggers.map((o, i) => (i === 0 ? { ...o, spreadIn: v } : o)) }),
    ),
    price<AerialDevice>(),
  ],
});

const outriggersName = (id: string, build: Build): string => {
  const device =
    build.device.partId === undefined ? undefined : deviceShelf.in(build).find(build.device.partId);
  return device?.outriggers.find((option) => option.id === id)?.name ?? id;
};

export const deviceBlock = block({
  id: 'device',
  title: 'Aerial device',
  version: 1,
  fields: {
    /** Left out on a truck that has none. */
    partId: field.optional(field.part('Aerial device', 'device')),
    outriggersId: field.optional(field.id('Outriggers', outriggersName)),
  },
  empty: {},
  asOne: ({ partId, outriggersId }, names) =>
    partId === undefined
      ? 'none'
      : `${names.part('device', partId)}${outriggersId === undefined ? '' : `, ${outriggersName(outriggersId, names.build).toLowerCase()}`}`,
  fromVersion2: (file) => objectIn(file, 'device') as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    device: BlockOf<typeof deviceBlock>;
  }
}

const hasTandem = (build: Build, chassisId = build.chassis.partId) =>
  chassisShelf
    .in(build)
    .part(chassisId)
    .rearAxles.some((axle) => axle.axles === 2);
const bare = (build: Build, partId: string): Build => ({
  ...build,
  device: { ...build.device, partId, outriggersId: deviceShelf.in(build).part(partId).outriggers[0]!.id },
});

/** Another aerial device, with the first outriggers that it offers. A heavy one brings the chassis it needs. */
export function withDevice(build: Build, partId: string): Build {
  const next = bare(build, partId);
  if (!deviceShelf.in(build).part(partId).needsTandem || hasTandem(build)) return next;
  const tandem = chassisShelf
    .in(build)
    .suiting(build.type)
    .find(({ id }) => hasTandem(build, id))!;
  return withChassis(next, tandem.id);
}

/** A device that the chassis can't carry gives way to one that it can. */
export function settleDevice(build: Build): Build {
  const { partId } = build.device;
  const device = partId === undefined ? undefined : deviceShelf.in(build).find(partId);
  if (!device?.needsTandem || hasTandem(build)) return build;
  const lighter = deviceShelf
    .in(build)
    .suiting(build.type)
    .filter(({ needsTandem }) => !needsTandem)
    .at(-1)!;
  return settled(build, 'device', bare(build, lighter.id).device);
}

export function deviceProblems(build: Build): Problem[] {
  const { partId, outriggersId } = build.device;
  const say = (field: string, message: string): Problem[] => [{ field, message: `${field} ${message}` }];
  if (build.type !== 'aerial')
    return partId === undefined ? [] : say('device', `goes on an aerial only (this is a ${build.type})`);
  if (partId === undefined) return say('device', 'must be chosen on an aerial (was missing)');
  const device = deviceShelf.in(build).part(partId);
  const rear = chassisShelf
    .in(build)
    .part(build.chassis.partId)
    .rearAxles.find((axle) => axle.id === build.chassis.rearAxleId);
  return [
    ...offered('device.outriggersId', device.outriggers, outriggersId ?? '', 'device'),
    ...(device.needsTandem && rear?.axles === 1
      ? say('device.partId', `needs a chassis with a tandem rear axle (was "${device.id}")`)
      : []),
  ];
}
