import { lb } from '../units/index.js';
import type { Quantity } from '../units/index.js';
import type { OwnKind } from './own-part.js';
import type { AerialDevice, AxleOption, Bumper, BumperItem, BodyFamily, Chassis, Equipment, Fitting, FoamSystem, Hose, Ladder, Pump } from './types.js';

/** One figure of a kind of part: what it is, its unit, what is believable, and where it stands in the part. */
export interface PartField<P> {
  id: string;
  title: string;
  unit: Quantity | 'cents';
  min: number;
  max: number;
  /** Whether the part's weight, and so its certainty, rests on it. */
  weight?: boolean;
  read: (part: P) => number;
  write: (part: P, value: number) => P;
}

/** A figure that is a field of the part itself. */
const plain = <P>(id: keyof P & string, title: string, unit: PartField<P>['unit'], min: number, max: number, weight = false): PartField<P> => ({
  id, title, unit, min, max, weight, read: (part) => part[id] as number, write: (part, value) => ({ ...part, [id]: value }),
});

const price = <P extends { priceCents: number }>(): PartField<P> => plain<P>('priceCents', 'Price', 'cents', -100_000_000, 500_000_000);
const weight = <P extends { weightLb: number }>(max: number): PartField<P> => plain<P>('weightLb', 'Weight', 'lb', 0, max, true);
const size = <P extends { lengthIn: number; widthIn: number; heightIn: number }>(): PartField<P>[] => [
  plain<P>('lengthIn', 'Length', 'in', 0.5, 400), plain<P>('widthIn', 'Width', 'in', 0.5, 120), plain<P>('heightIn', 'Height', 'in', 0.5, 160),
];

/** One axle in place of those on offer: what the plate says governs, tyres, wheels and suspension with it. */
const rating = (id: string, title: string, end: 'frontAxles' | 'rearAxles', what: string): PartField<Chassis> => ({
  id, title, unit: 'lb', min: 2_000, max: 90_000,
  read: (chassis) => Math.max(...chassis[end].map((axle) => Math.min(...Object.values(axle.ratings)))),
  write: (chassis, value) => {
    const like = chassis[end][0]!;
    const axle: AxleOption = {
      ...like, id: `${end === 'frontAxles' ? 'front' : like.axles === 2 ? 'tandem' : 'rear'}-${value}`, name: `${what} rated ${lb(value)}`,
      ratings: { axleLb: value, tyresLb: value, wheelsLb: value, suspensionLb: value },
    };
    return { ...chassis, [end]: [axle] };
  },
});

const CHASSIS_FIELDS: PartField<Chassis>[] = [
  { id: 'curbFrontLb', title: 'Curb weight, front', unit: 'lb', min: 1_500, max: 30_000, weight: true, read: (c) => c.curb.frontLb, write: (c, v) => ({ ...c, curb: { ...c.curb, frontLb: v } }) },
  { id: 'curbRearLb', title: 'Curb weight, rear', unit: 'lb', min: 1_500, max: 40_000, weight: true, read: (c) => c.curb.rearLb, write: (c, v) => ({ ...c, curb: { ...c.curb, rearLb: v }, rearAxleLb: Math.min(c.rearAxleLb, v * 0.9) }) },
  { id: 'baseWheelbaseIn', title: 'Wheelbase of the curb weights', unit: 'in', min: 100, max: 320, read: (c) => c.baseWheelbaseIn, write: (c, v) => ({ ...c, baseWheelbaseIn: v }) },
  { id: 'wheelbaseMinIn', title: 'Shortest wheelbase', unit: 'in', min: 100, max: 320, read: (c) => c.wheelbase.minIn, write: (c, v) => ({ ...c, wheelbase: { ...c.wheelbase, minIn: v } }) },
  { id: 'wheelbaseMaxIn', title: 'Longest wheelbase', unit: 'in', min: 100, max: 320, read: (c) => c.wheelbase.maxIn, write: (c, v) => ({ ...c, wheelbase: { ...c.wheelbase, maxIn: v } }) },
  rating('frontRatingLb', 'Front axle rating', 'frontAxles', 'Front axle'),
  rating('rearRatingLb', 'Rear axle rating', 'rearAxles', 'Rear axle'),
  plain<Chassis>('maxGvwrLb', 'Gross rating', 'lb', 8_000, 100_000),
  plain<Chassis>('minFrontLb', 'Least front axle load', 'lb', 1_000, 25_000),
  plain<Chassis>('cgZIn', 'Height of its centre of gravity', 'in', 20, 70),
  plain<Chassis>('frontOverhangIn', 'Front overhang', 'in', 20, 110),
  { id: 'roofIn', title: 'Height of the cab', unit: 'in', min: 60, max: 130, read: (c) => c.cab.roofIn, write: (c, v) => ({ ...c, cab: { ...c.cab, roofIn: v } }) },
  { id: 'frameResistingLbIn', title: 'Resisting bending moment of both rails, 0 where not stated', unit: 'moment', min: 0, max: 30_000_000, read: (c) => c.frame.resistingLbIn ?? 0, write: (c, v) => ({ ...c, frame: { topIn: c.frame.topIn, depthIn: c.frame.depthIn, widthIn: c.frame.widthIn, ...(v > 0 ? { resistingLbIn: v } : {}) } }) },
  { id: 'frameTopIn', title: 'Height of the frame', unit: 'in', min: 25, max: 55, read: (c) => c.frame.topIn, write: (c, v) => ({ ...c, frame: { ...c.frame, topIn: v } }) },
  { id: 'fuelGal', title: 'Fuel', unit: 'gal', min: 10, max: 150, read: (c) => c.fuel.gallons, write: (c, v) => ({ ...c, fuel: { ...c.fuel, gallons: v } }) },
  price<Chassis>(),
];

const BODY_FIELDS: PartField<BodyFamily>[] = [
  plain<BodyFamily>('lbPerIn', 'Weight for its length', 'lbin', 3, 80, true),
  plain<BodyFamily>('priceCentsPerIn', 'Price for each inch', 'cents', 0, 1_000_000),
  { id: 'lengthMinIn', title: 'Shortest', unit: 'in', min: 60, max: 360, read: (b) => b.length.minIn, write: (b, v) => ({ ...b, length: { ...b.length, minIn: v } }) },
  { id: 'lengthMaxIn', title: 'Longest', unit: 'in', min: 60, max: 360, read: (b) => b.length.maxIn, write: (b, v) => ({ ...b, length: { ...b.length, maxIn: v } }) },
  plain<BodyFamily>('widthIn', 'Width', 'in', 60, 102),
  plain<BodyFamily>('floorIn', 'Floor of the low compartments', 'in', 10, 50),
  plain<BodyFamily>('topIn', 'Top', 'in', 40, 130),
  plain<BodyFamily>('compartmentDepthIn', 'Depth of the compartments', 'in', 9, 45),
];

const DEVICE_FIELDS: PartField<AerialDevice>[] = [
  plain<AerialDevice>('heightFt', 'Rated height', 'ft', 30, 150),
  { id: 'turntableLb', title: 'Turntable', unit: 'lb', min: 1_000, max: 20_000, weight: true, read: (d) => d.turntable.weightLb, write: (d, v) => ({ ...d, turntable: { ...d.turntable, weightLb: v } }) },
  {
    id: 'sectionsLb', title: 'Sections in all', unit: 'lb', min: 1_000, max: 40_000, weight: true,
    read: (d) => d.sections.reduce((sum, s) => sum + s.weightLb, 0),
    write: (d, v) => {
      const now = d.sections.reduce((sum, s) => sum + s.weightLb, 0);
      return { ...d, sections: d.sections.map((s) => ({ ...s, weightLb: (s.weightLb * v) / now })) };
    },
  },
  { id: 'torqueBoxLb', title: 'Torque box', unit: 'lb', min: 500, max: 20_000, weight: true, read: (d) => d.torqueBox.weightLb, write: (d, v) => ({ ...d, torqueBox: { ...d.torqueBox, weightLb: v } }) },
  price<AerialDevice>(),
];

interface PartOfKind {
  chassis: Chassis;
  bumper: Bumper;
  bumperItem: BumperItem;
  pump: Pump;
  foam: FoamSystem;
  hose: Hose;
  ladder: Ladder;
  body: BodyFamily;
  fitting: Fitting;
  device: AerialDevice;
  equipment: Equipment;
}

/** The figures of each kind that a department can give of its own: the form, the CSV and the catalogue screen read this one table. */
export const PART_FIELDS: { [K in OwnKind]: PartField<PartOfKind[K]>[] } = {
  chassis: CHASSIS_FIELDS,
  bumper: [weight<Bumper>(3_000), plain<Bumper>('extensionIn', 'Extension', 'in', 0, 40), price<Bumper>()],
  bumperItem: [weight<BumperItem>(2_000), ...size<BumperItem>(), plain<BumperItem>('needsExtensionIn', 'Needs an extension of', 'in', 0, 40), price<BumperItem>()],
  pump: [weight<Pump>(9_000), plain<Pump>('ratedGpm', 'Rating', 'gpm', 10, 4_000), plain<Pump>('lengthIn', 'Length', 'in', 10, 140), plain<Pump>('heightIn', 'Height', 'in', 10, 110), plain<Pump>('centreZIn', 'Height of its centre of gravity', 'in', 5, 90), price<Pump>()],
  foam: [weight<FoamSystem>(3_000), plain<FoamSystem>('maxConcentrateGpm', 'Most concentrate', 'gpm', 0.1, 60), plain<FoamSystem>('lbPerGal', 'Weight of a gallon of concentrate', 'lb', 7, 12), price<FoamSystem>()],
  hose: [
    plain<Hose>('lbPerFt', 'Weight', 'lbft', 0.05, 8, true), plain<Hose>('flatWidthIn', 'Flat width', 'in', 0.5, 14), plain<Hose>('packedIn', 'Thickness, packed double', 'in', 0.05, 3),
    plain<Hose>('sectionFt', 'Section', 'ft', 5, 200), plain<Hose>('priceCentsPerFt', 'Price for each foot', 'cents', 0, 100_000),
  ],
  ladder: [weight<Ladder>(500), plain<Ladder>('lengthFt', 'Length', 'ft', 4, 60), plain<Ladder>('beddedIn', 'Bedded length', 'in', 30, 400), plain<Ladder>('nestedHeightIn', 'Nested height', 'in', 2, 40), plain<Ladder>('nestedWidthIn', 'Nested width', 'in', 2, 40), price<Ladder>()],
  body: BODY_FIELDS,
  fitting: [weight<Fitting>(3_000), ...size<Fitting>(), price<Fitting>()],
  device: DEVICE_FIELDS,
  equipment: [weight<Equipment>(2_000), ...size<Equipment>(), price<Equipment>()],
};

/** What the kinds are called. */
export const KIND_NAMES: Record<OwnKind, string> = {
  chassis: 'Chassis', bumper: 'Bumpers', bumperItem: 'On the bumper', pump: 'Pumps', foam: 'Foam systems', hose: 'Hose', ladder: 'Ladders', body: 'Bodies',
  fitting: 'Lights and fittings', device: 'Aerial devices', equipment: 'Equipment',
};
