import { reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { envelope } from '../../truck/index.js';
import { axles } from '../chassis/index.js';

/** How far the truck reaches ahead of its front axle, and behind its rear axle or the middle of a tandem, in. */
export const overhangs = reading('dimensions', [envelope, axles], ({ frontIn, rearIn }, { wheelbaseIn }) => ({
  frontIn: -frontIn,
  rearIn: rearIn - wheelbaseIn,
}));

/** How long and how high the truck is in travel position. */
export const dimensions: Subject = {
  id: 'dimensions',
  title: 'Dimensions',
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
