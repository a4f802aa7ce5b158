import type { Build } from '../../build/index.js';
import type { BedKind } from '../../truck/index.js';
import { bodyShelf } from '../body/index.js';
import { wellsIn } from '../bumper/index.js';
import { pumpIn } from '../pump/index.js';
import type { OwnBed } from './block.js';
import { OWN_BED_NAMES } from './own-bed-kinds.js';
import type { Hose } from './parts.js';
import { REEL_NAMES, reelsIn } from './reels.js';
import type { ReelPlace, Reeled } from './reels.js';

/** A place for hose that a build has, in the order of the lists. */
export interface Bed {
  id: string;
  name: string;
  kind: BedKind;
  /** −1 at the driver's side, 1 at the officer's, 0 across. */
  side: -1 | 0 | 1;
  /** Which of its kind, from the front, 0 first. */
  nth: number;
  /** Of a reel: where it stands, and whether it is there without hose on it. */
  reelAt?: ReelPlace;
  drumIn?: number;
  bare?: boolean;
  /** Of a bed that the department adds. */
  own?: OwnBed;
}

/** What decides which beds a build has. */
export type Bedded = Pick<Build, 'pump' | 'bumper' | 'parts' | 'body' | 'device'> &
  Divided &
  Reeled & { hose: { beds?: OwnBed[] } };

const bed = (id: string, name: string, kind: BedKind, side: Bed['side'] = 0, nth = 0): Bed => ({
  id,
  name,
  kind,
  side,
  nth,
});

/** On both sides of a ladder that lies over the truck. */
const besideLadder = [
  bed('main-left', 'Hose bed, driver’s side', 'main', -1),
  bed('main-right', 'Hose bed, officer’s side', 'main', 1, 1),
];

/** Over the tank of an open bed. */
const trays = [
  bed('tray-left', 'Tray, driver’s side', 'tray', -1),
  bed('tray-right', 'Tray, officer’s side', 'tray', 1),
];

/** The wells in the bumper; the first keeps the name that it has alone. */
const wells = (build: Bedded): Bed[] =>
  wellsIn(build).map((line, i, all) =>
    i === 0
      ? bed('bumper-well', all.length > 1 ? 'Bumper well 1' : 'Bumper well', 'well')
      : bed(`bumper-well-${line}`, `Bumper well ${i + 1}`, 'well', 0, i),
  );

/** What has a main bed that may be divided. */
interface Divided {
  hose: { dividers?: { id: string; yIn: number }[] };
}

/** The dividers of the main bed, from the driver's side. */
export const dividersIn = ({ hose }: Divided): { id: string; yIn: number }[] =>
  [...(hose.dividers ?? [{ id: 'middle', yIn: 0 }])].sort((a, b) => a.yIn - b.yIn);

/** The parts of the main bed between its dividers, from the driver's side. */
function mainBeds(build: Divided): Bed[] {
  const dividers = dividersIn(build);
  if (dividers.length === 0) return [bed('main-left', 'Hose bed', 'main')];
  const between = dividers
    .slice(0, -1)
    .map(({ id }, i) =>
      bed(
        `main-${id}`,
        dividers.length > 2 ? `Hose bed, middle ${i + 1}` : 'Hose bed, middle',
        'main',
        0,
        i + 1,
      ),
    );
  return [
    bed('main-left', 'Hose bed, driver’s side', 'main', -1),
    ...between,
    bed('main-right', 'Hose bed, officer’s side', 'main', 1, dividers.length),
  ];
}

/** Whether the body is an open bed. */
export const isFlatbed = (build: Pick<Build, 'body' | 'parts'>): boolean =>
  bodyShelf.in(build).find(build.body.partId)?.style === 'flatbed';

/** Whether the main beds can be divided: not beside a ladder, nor where there are none. */
export const isDivided = (build: Bedded): boolean => !isFlatbed(build) && build.device.partId === undefined;

/** Beds that the department adds; those of one kind are told apart by their number. */
function ownBedsOf({ hose }: Bedded): Bed[] {
  const all = hose.beds ?? [];
  return all.map((own, i) => {
    const alike = all.filter(({ at }) => at === own.at);
    const name = OWN_BED_NAMES[own.at];
    return {
      ...bed(own.id, alike.length > 1 ? `${name} ${alike.indexOf(own) + 1}` : name, 'own', 0, i),
      own,
    };
  });
}

/** The beds that follow from what was chosen: bumper, pump, reels, body, device. */
export function bedsIn(build: Bedded): Bed[] {
  const flatbed = isFlatbed(build);
  return [
    ...wells(build),
    ...Array.from({ length: pumpIn(build)?.crosslays ?? 0 }, (_, i) =>
      bed(`crosslay-${i + 1}`, `Crosslay ${i + 1}`, 'crosslay', 0, i),
    ),
    ...reelsIn(build, flatbed).map(({ id, at, bare, drumIn }, i) => ({
      ...bed(id, REEL_NAMES[at], 'reel', 0, i),
      reelAt: at,
      ...(drumIn === undefined ? {} : { drumIn }),
      bare,
    })),
    ...ownBedsOf(build),
    ...(flatbed ? trays : build.device.partId !== undefined ? besideLadder : mainBeds(build)),
  ];
}

/** What suits a bed: booster on a reel, forestry and attack in trays, attack and supply in the rest. */
export function suitsBed({ kind }: Pick<Bed, 'kind'>, { use }: Pick<Hose, 'use'>): boolean {
  if (kind === 'reel') return use === 'booster';
  if (kind === 'tray') return use === 'forestry' || use === 'attack';
  return use === 'attack' || use === 'supply';
}
