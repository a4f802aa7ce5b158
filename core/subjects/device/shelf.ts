import { partFigure, Shelf } from '../../kernel/index.js';
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
      'Bay for outriggers and stairs behind the cab',
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
