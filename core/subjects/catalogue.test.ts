import { describe, expect, it } from 'vitest';
import { BUILD_TYPES } from '../build/index.js';
import type { Part } from '../kernel/index.js';
import { bodyShelf } from './body/index.js';
import { bumperShelf } from './bumper/block.js';
import { chassisShelf } from './chassis/index.js';
import { deviceShelf } from './device/shelf.js';
import { hoseShelf } from './hose/index.js';
import { house } from './index.js';
import { profileShelf } from './limits/index.js';
import { pumpShelf } from './pump/index.js';

/** The shelves of things that weigh and are bought; the others hold ways to do something. */
const kinds = house.shelves.map(({ kind }) => kind);
const partsOf = (kind: string) => house.shelf(kind).shipped.all() as Part[];
const part = (kind: string, id: string) =>
  house.shelf(kind).shipped.part(id) as never as Record<string, never>;
const within = (value: number, [least, most]: readonly [number, number], what: string) => {
  expect(value, what).toBeGreaterThanOrEqual(least);
  expect(value, what).toBeLessThanOrEqual(most);
};

describe('every part', () => {
  it.each(kinds)('%s: has a name of its own and an id of its own', (kind) => {
    const parts = partsOf(kind);
    expect(new Set(parts.map((part) => part.id)).size).toBe(parts.length);
    expect(new Set(parts.map((part) => part.name)).size).toBe(parts.length);
    for (const part of parts) expect(part.id).toMatch(/^[a-z0-9][a-zA-Z0-9.-]*$/);
  });

  it.each(kinds)('%s: weighs and costs something believable', (kind) => {
    for (const part of partsOf(kind)) {
      if ('weightLb' in part) within(part.weightLb, [0, 6000], part.id);
      if ('priceCents' in part) expect(Number.isInteger(part.priceCents), part.id).toBe(true);
    }
  });

  it('is found by kind and id, and missed with a clear word', () => {
    expect(hoseShelf.shipped.part('supply-5').sizeIn).toBe(5);
    expect(hoseShelf.shipped.find('garden')).toBeUndefined();
    expect(() => hoseShelf.shipped.part('garden')).toThrow('the catalog has no hose "garden"');
  });

  it('suits the types that it says', () => {
    expect(chassisShelf.shipped.suiting('brush').map((part) => part.id)).toEqual([
      'medium-4x4',
      'medium-4x4-crew',
      'light-4x4',
      'light-4x4-2door',
      'light-4x4-wide',
    ]);
    expect(pumpShelf.shipped.suiting('aerial').every((part) => part.panel === 'side')).toBe(true);
    expect(hoseShelf.shipped.suiting('brush')).toEqual(hoseShelf.shipped.all());
  });

  it.each(BUILD_TYPES)('a %s can be built: there is some of each kind for it', (type) => {
    for (const kind of kinds) {
      if (kind === 'device' && type !== 'aerial') continue;
      expect(house.shelf(kind).shipped.suiting(type).length, `${kind} for ${type}`).toBeGreaterThan(0);
    }
  });
});

/** Curb front and rear, lowest and highest ratings front and rear, from light to heavy ones of their class. */
const CHASSIS_RANGES: [
  string,
  readonly [number, number],
  readonly [number, number],
  readonly [number, number],
  readonly [number, number],
][] = [
  ['custom-medium', [11_000, 12_600], [7_000, 8_200], [18_000, 22_800], [24_000, 33_500]],
  ['custom-long', [11_800, 13_600], [7_600, 9_200], [20_000, 24_000], [27_000, 33_500]],
  ['custom-long-tandem', [13_000, 14_000], [12_000, 13_000], [22_800, 24_000], [48_000, 62_000]],
  ['commercial-hood', [8_200, 9_000], [5_800, 6_600], [12_000, 16_000], [21_000, 31_000]],
  ['medium-4x4', [7_200, 8_000], [4_600, 5_400], [12_000, 14_000], [21_000, 23_000]],
  ['light-4x4', [5_000, 5_400], [3_300, 3_700], [7_000, 7_500], [13_000, 14_700]],
  ['light-4x4-wide', [5_180, 5_580], [3_180, 3_580], [7_500, 7_500], [13_000, 13_000]],
];

describe('the chassis are of the size that such chassis are', () => {
  it.each(CHASSIS_RANGES)('%s', (id, front, rear, frontRating, rearRating) => {
    const chassis = chassisShelf.shipped.part(id);
    within(chassis.curb.frontLb, front, 'front');
    within(chassis.curb.rearLb, rear, 'rear');
    for (const axle of chassis.frontAxles) within(axle.ratings.axleLb, frontRating, axle.id);
    for (const axle of chassis.rearAxles) within(axle.ratings.axleLb, rearRating, axle.id);
  });

  it.each(chassisShelf.shipped.all().map((chassis) => [chassis.id, chassis] as const))(
    '%s: its parts go together',
    (_, chassis) => {
      const { wheelbase, cab, frontTire, rearTire } = chassis;
      within(chassis.baseWheelbaseIn, [wheelbase.minIn, wheelbase.maxIn], 'base wheelbase');
      expect((wheelbase.maxIn - wheelbase.minIn) % wheelbase.stepIn).toBe(0);
      expect((chassis.baseWheelbaseIn - wheelbase.minIn) % wheelbase.stepIn).toBe(0);
      expect(chassis.rearAxleLb).toBeLessThan(chassis.curb.rearLb);
      expect(chassis.minFrontLb).toBeLessThan(chassis.curb.frontLb);
      expect(cab.frontIn).toBeLessThan(0);
      expect(cab.backIn).toBeGreaterThan(frontTire.diameterIn / 2);
      expect(cab.windshieldIn).toBeGreaterThanOrEqual(cab.frontIn);
      expect(wheelbase.minIn - rearTire.diameterIn / 2).toBeGreaterThan(cab.backIn);
      for (const seat of cab.seats) within(seat.xIn, [cab.frontIn, cab.backIn], seat.name);
      expect(cab.seats.slice(0, 2).map((seat) => seat.name)).toEqual(['Driver', 'Officer']);
      expect(cab.seats[0]!.yIn).toBeLessThan(0);
      expect(chassis.roofs[0]).toMatchObject({ id: 'flat', raiseIn: 0, weightLb: 0 });
    },
  );

  it('have tires, wheels and suspension that carry what the axle may', () => {
    for (const axle of chassisShelf.shipped
      .all()
      .flatMap((chassis) => [...chassis.frontAxles, ...chassis.rearAxles])) {
      expect(Math.min(...Object.values(axle.ratings)), axle.id).toBe(axle.ratings.axleLb);
      expect(axle.axles === 2, axle.id).toBe(axle.spreadIn > 0);
    }
  });
});

describe('the weights of usual equipment', () => {
  it.each([
    ['forestry-1', 0.13, 1.9, 0.15, 100],
    ['booster-1', 0.6, 1.5, 1.5, 50],
    ['forestry-1.5', 0.19, 2.7, 0.18, 100],
    ['attack-1.5', 0.3, 2.8, 0.3, 50],
    ['attack-1.75', 0.34, 3.1, 0.31, 50],
    ['attack-2', 0.4, 3.5, 0.32, 50],
    ['attack-2.5', 0.52, 4.3, 0.35, 50],
    ['supply-3', 0.66, 5.1, 0.38, 50],
    ['supply-4', 0.78, 6.6, 0.38, 100],
    ['supply-5', 1.08, 8.2, 0.42, 100],
  ])(
    'hose %s: %d lb/ft, %d in flat, %d in packed, %d ft sections',
    (id, lbPerFt, flatWidthIn, packedIn, sectionFt) => {
      expect(part('hose', id)).toMatchObject({ lbPerFt, flatWidthIn, packedIn, sectionFt });
    },
  );

  it.each([
    ['attic-10', 22, 138],
    ['roof-14', 34, 168],
    ['roof-16', 40, 192],
    ['extension-20', 62, 150],
    ['extension-24', 74, 174],
    ['extension-28', 95, 196],
    ['extension-35', 130, 248],
    ['extension-35-3', 150, 176],
    ['articulating-22', 45, 68],
  ])('ladder %s: %d lb, %d in bedded', (id, weightLb, beddedIn) => {
    expect(part('ladder', id)).toMatchObject({ weightLb, beddedIn });
  });

  it.each([
    ['body-aluminum', 23, 26],
    ['body-poly', 23, 26],
    ['body-stainless', 27, 30],
    ['body-galvanized', 29, 33],
    ['bed-aluminum', 11, 14],
    ['bed-steel', 11, 14],
  ])('%s: %d to %d lb an inch', (id, least, most) =>
    within(bodyShelf.shipped.part(id).lbPerIn, [least, most], id),
  );

  it.each([
    ['midship-1250-side', 3000, 3600],
    ['midship-1500-side', 3000, 3600],
    ['midship-2000-side', 3600, 4000],
    ['midship-1500-top', 3700, 4400],
    ['pto-1000', 1900, 2600],
    ['electric-1250', 2500, 5500],
    ['skid-150', 320, 750],
    ['skid-350', 320, 750],
  ])('%s: %d to %d lb', (id, least, most) => within(pumpShelf.shipped.part(id).weightLb, [least, most], id));

  it.each([
    ['ladder-65-rear', 8_500, 11_000],
    ['ladder-75-rear', 8_500, 11_000],
    ['ladder-100-rear', 19_000, 22_500],
    ['platform-100-mid', 26_000, 30_000],
  ])('%s: %d to %d lb, and its torque box and outriggers', (id, least, most) => {
    const device = deviceShelf.shipped.part(id);
    const stowed =
      device.turntable.weightLb +
      device.sections.reduce((sum, section) => sum + section.weightLb, 0) +
      (device.platform?.weightLb ?? 0);
    within(stowed, [least, most], 'device');
    for (const outriggers of device.outriggers) {
      within(
        device.torqueBox.weightLb + outriggers.weightLb,
        device.needsTandem ? [6_500, 11_000] : [4_500, 6_500],
        outriggers.name,
      );
      within(outriggers.spreadIn, [120, 216], outriggers.name);
    }
    const widths = device.sections.map((section) => section.widthIn);
    expect(widths, 'each section slides in the one before').toEqual([...widths].sort((a, b) => b - a));
  });

  it('aluminum bumpers weigh 40 % less than steel ones', () => {
    for (const extension of [12, 18, 24]) {
      expect(
        bumperShelf.shipped.part(`aluminum-${extension}`).weightLb /
          bumperShelf.shipped.part(`steel-${extension}`).weightLb,
      ).toBeCloseTo(0.6, 2);
    }
  });
});

describe('the limit profiles', () => {
  it.each(profileShelf.shipped.all().map((profile) => [profile.name, profile] as const))(
    '%s: every limit has a value, a unit and a basis',
    (_, profile) => {
      for (const id of Object.keys(house.limits)) {
        const limit = profile.limits[id];
        if (!limit) continue;
        const { title, unit, min, max } = house.limits[id]!;
        expect(title && unit, id).toBeTruthy();
        expect(limit.value, id).toBeGreaterThanOrEqual(min);
        expect(limit.value, id).toBeLessThanOrEqual(max);
        expect(limit.basis, id).toMatch(/House rule|confirm (against the adopted|with the road authority)/);
      }
    },
  );

  it.each([
    [
      'us-pumper',
      {
        pumpGpm: 750,
        tankGal: 300,
        compartmentFt3: 40,
        supplyHoseFt: 800,
        attackHoseFt: 400,
        allowanceLb: 2000,
        sideImbalancePct: 7,
        cgHeightToTrackPct: 80,
        tiltEstimateDeg: 26.5,
        compliancePct: 20,
        seatLb: 250,
        hoseBedFt3: 30,
        preconnectFt3: 3.5,
        approachDeg: 8,
        departureDeg: 8,
        roomyFt3: 250,
        roomyAllowanceLb: 2500,
      },
    ],
    [
      'us-compact',
      {
        pumpGpm: 250,
        tankGal: 200,
        compartmentFt3: 22,
        hoseBedFt3: 10,
        supplyHoseFt: 300,
        attackHoseFt: 400,
      },
    ],
    [
      'us-water-supply',
      {
        tankGal: 1000,
        compartmentFt3: 20,
        hoseBedFt3: 10,
        supplyHoseFt: 200,
        allowanceLb: 1000,
        pumpGpm: undefined,
      },
    ],
    ['us-2016-quint', { pumpGpm: 1000, groundLadderFt: 85 }],
    ['canada-pumper', { pumpGpm: 750, sideImbalancePct: 7 }],
    [
      'us-wildland-1',
      { pumpGpm: 1000, tankGal: 300, supplyHoseFt: 1200, hose15Ft: 500, seats: 4, gvwrLb: undefined },
    ],
    ['us-wildland-3', { pumpGpm: 150, tankGal: 500, hose15Ft: 1000, hose1Ft: 500, seats: 3 }],
    ['us-wildland-5', { tankGal: 400, gvwrLb: 26_000 }],
    ['us-wildland-7', { pumpGpm: 10, tankGal: 50, hose1Ft: 200, hose15Ft: undefined, gvwrLb: 14_000 }],
    ['us-quint', { pumpGpm: 1000, tankGal: 300, groundLadderFt: 85, allowanceLb: 2500 }],
    ['us-aerial', { groundLadderFt: 115, compartmentFt3: 40, allowanceLb: 2500 }],
    ['us-wildland-6', { pumpGpm: 50, tankGal: 150, hose15Ft: 300, hose1Ft: 300, seats: 2, gvwrLb: 19_500 }],
    ['us-wildland-4', { pumpGpm: 50, tankGal: 750 }],
  ])('%s asks for what it stands for', (id, asked) => {
    const { limits } = profileShelf.shipped.part(id);
    expect(Object.fromEntries(Object.keys(asked).map((key) => [key, limits[key]?.value]))).toEqual(asked);
  });

  it('the one without limits keeps to the makers’ ratings', () => {
    expect(Object.keys(profileShelf.shipped.part('ratings-only').limits).sort()).toEqual([
      'compliancePct',
      'frameMomentPct',
      'frontSharePct',
      'reservePct',
      'seatLb',
      'steerFt',
    ]);
  });
});
