import { reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { envelope, turntable } from '../../truck/index.js';
import { axles } from '../chassis/index.js';

/** How far the truck reaches ahead of its front axle, and behind its rear axle or the middle of a tandem, in. */
export const overhangs = reading('dimensions', [envelope, axles], ({ frontIn, rearIn }, { wheelbaseIn }) => ({
  frontIn: -frontIn,
  rearIn: rearIn - wheelbaseIn,
}));

/** Behind the rear axle so much of the wheelbase is what a builder would build; more over a device that points aft. */
const MOST_OVERHANG = { usual: 0.6, rearward: 0.75 };

/** The share of the wheelbase that hangs behind the rear axle, as far as it is more than a builder would build. */
const tooFarBehind = reading(
  'dimensions',
  [overhangs, axles, turntable],
  ({ rearIn }, { wheelbaseIn }, device) =>
    Math.max(
      0,
      rearIn / wheelbaseIn - (device?.facing === 'rearward' ? MOST_OVERHANG.rearward : MOST_OVERHANG.usual),
    ),
);

/** How long and how high the truck is in travel position. */
export const dimensions: Subject = {
  id: 'dimensions',
  title: 'Dimensions',
  unbuildable: tooFarBehind,
  figures: [
    {
      id: 'height',
      title: 'Height',
      unit: 'in',
      main: true,
      harm: { way: 'up', each: 3 },
      reading: reading('dimensions', [envelope], ({ heightIn }) => heightIn),
    },
    {
      id: 'length',
      title: 'Length',
      unit: 'in',
      main: true,
      harm: { way: 'up', each: 6 },
      reading: reading('dimensions', [envelope], ({ lengthIn }) => lengthIn),
    },
  ],
};
