import { block, clamped, field, objectIn, settled, withBlock } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { withLonger } from '../body/index.js';
import { chassisShelf, offered, withChassis } from '../chassis/index.js';
import { alongIn } from './row.js';
import { deviceShelf } from './shelf.js';

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

/** The rear axle moves aft by so much, in, as far as the chassis is made. */
function withAxleAft(build: Build, byIn: number): Build {
  const { wheelbaseIn } = build.chassis;
  const range = chassisShelf.in(build).part(build.chassis.partId).wheelbase;
  return withBlock(build, 'chassis', {
    wheelbaseIn: clamped({ min: range.minIn, max: range.maxIn }, wheelbaseIn + byIn),
  });
}

/**
 * The row behind the cab grows or shrinks by so much, in, and as much hangs behind the axle as before: the axle
 * makes room first and the body gives up the rest; room that is free again goes to the body first.
 */
function withRowLonger(build: Build, byIn: number): Build {
  if (byIn > 0) {
    const moved = withAxleAft(build, byIn);
    return withLonger(moved, moved.chassis.wheelbaseIn - build.chassis.wheelbaseIn - byIn);
  }
  const longer = withLonger(build, -byIn);
  return withAxleAft(longer, byIn + (longer.body.lengthIn - build.body.lengthIn));
}

/**
 * Another aerial device, with the first outriggers that it offers. A heavy one brings the chassis it needs; what
 * it takes of the row behind the cab is given by wheelbase and body.
 */
export function withDevice(build: Build, partId: string): Build {
  const stock = deviceShelf.in(build);
  const device = stock.part(partId);
  const was = build.device.partId === undefined ? undefined : stock.find(build.device.partId);
  const longer = alongIn(device) - (was ? alongIn(was) : 0);
  const next = bare(build, partId);
  const carrier = !device.needsTandem || hasTandem(build) ? next : onTandem(next);
  return longer === 0 ? carrier : withRowLonger(carrier, longer);
}

/** On the first chassis of the type that has two rear axles. */
const onTandem = (build: Build): Build =>
  withChassis(
    build,
    chassisShelf
      .in(build)
      .suiting(build.type)
      .find(({ id }) => hasTandem(build, id))!.id,
  );

/** A device that the chassis can't carry gives way to one that it can; it stands on outriggers that it offers. */
export function settleDevice(build: Build): Build {
  const { partId, outriggersId } = build.device;
  const device = partId === undefined ? undefined : deviceShelf.in(build).find(partId);
  if (!device) return build;
  if (!device.needsTandem || hasTandem(build))
    return device.outriggers.some(({ id }) => id === outriggersId)
      ? build
      : settled(build, 'device', { ...build.device, outriggersId: device.outriggers[0]!.id });
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
