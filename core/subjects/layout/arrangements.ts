import type { Build } from '../../build/index.js';
import { pumpIn, pumpShelf, placeOfPump, placesOf, withPump, withPumpAt } from '../pump/index.js';
import type { Pump, PumpPlace } from '../pump/index.js';
import { withCrosslaysAt } from '../hose/index.js';

/** An order in which trucks are built behind the cab, as a build that is arranged so; null where this one can't be. */
export interface Arrangement {
  id: string;
  name: string;
  words: string;
  chosen: (build: Build) => boolean;
  arrange: (build: Build) => Build | null;
}

const placeIn = (build: Build): PumpPlace | null => {
  const pump = pumpIn(build);
  return pump ? placeOfPump(pump, build.pump.at) : null;
};
const crosslaysIn = (build: Build) => build.hose.crosslaysAt ?? 'over';
const panelIn = (build: Build) => pumpIn(build)?.panel;

/** The pump with another panel that is most like the one chosen: the same drive, the nearest rating. */
function withPanel(build: Build, suits: (pump: Pump) => boolean): Build | null {
  const now = pumpIn(build);
  if (!now) return null;
  if (suits(now)) return build;
  const away = ({ ratedGpm }: Pump) => Math.abs(ratedGpm - now.ratedGpm);
  const [like] = pumpShelf
    .in(build)
    .suiting(build.type)
    .filter((pump) => suits(pump) && pump.drive === now.drive)
    .sort((a, b) => away(a) - away(b));
  return like ? withPump(build, like.id) : null;
}

const at = (build: Build | null, place: PumpPlace): Build | null => {
  const pump = build && pumpIn(build);
  return build && pump && placesOf(pump).includes(place) ? withPumpAt(build, place) : null;
};

const sidePanel = (build: Build) => withPanel(build, ({ panel }) => panel === 'side');

/** Where a housed pump, its panel and the crosslays stand. */
const housed = (
  id: string,
  name: string,
  words: string,
  place: PumpPlace,
  crosslays: 'over' | 'ahead' | 'behind',
): Arrangement => ({
  id,
  name,
  words,
  chosen: (build) =>
    panelIn(build) === 'side' && placeIn(build) === place && crosslaysIn(build) === crosslays,
  arrange: (build) => {
    const placed = at(sidePanel(build), place);
    return placed && withCrosslaysAt(placed, crosslays);
  },
});

/** A panel on top: on an open walkway, or enclosed. */
const onTop = (id: string, name: string, words: string, suits: (pump: Pump) => boolean): Arrangement => ({
  id,
  name,
  words,
  chosen: (build) => {
    const pump = pumpIn(build);
    return pump?.panel === 'top' && suits(pump);
  },
  arrange: (build) => {
    const placed = at(
      withPanel(build, (pump) => pump.panel === 'top' && suits(pump)),
      'row',
    );
    return placed && withCrosslaysAt(placed, 'over');
  },
});

/** A pump that stands on a bed. */
const onBed = (id: string, name: string, words: string, place: PumpPlace): Arrangement => ({
  id,
  name,
  words,
  chosen: (build) => panelIn(build) === 'skid' && placeIn(build) === place,
  arrange: (build) => (panelIn(build) === 'skid' ? at(build, place) : null),
});

/** The orders in use (formulas: the row). */
export const ARRANGEMENTS: readonly Arrangement[] = [
  housed('side', 'Cab, pump, body', 'The usual order; crosslays over the pump.', 'row', 'over'),
  onTop(
    'walkway',
    'Cab, walkway, pump, body',
    'The operator stands between cab and pump, seeing both sides.',
    ({ walkwayIn = 0 }) => walkwayIn > 0,
  ),
  onTop(
    'enclosed',
    'Cab, enclosed top panel, body',
    'The operator stands inside, out of traffic and weather.',
    ({ walkwayIn = 0 }) => walkwayIn === 0,
  ),
  housed(
    'ahead',
    'Cab, preconnects, pump, body',
    'Low crosslays ahead of the pump, in reach from the ground; longer.',
    'row',
    'ahead',
  ),
  housed(
    'behind',
    'Cab, pump, preconnects, body',
    'Low crosslays behind the pump, away from the panel; longer.',
    'row',
    'behind',
  ),
  housed(
    'crewModule',
    'Cab with the pump in a crew module, body',
    'Pump and operator inside a module that joins the cab.',
    'crewModule',
    'over',
  ),
  housed(
    'bodyFront',
    'Cab, body with the pump in it',
    'The panel is behind a door at the front of the body; short, and quiet in the street.',
    'bodyFront',
    'over',
  ),
  housed(
    'bodyRear',
    'Cab, body, pump at the rear',
    'The operator stands behind the truck; the front of the body is all compartments.',
    'bodyRear',
    'over',
  ),
  onBed('bedFront', 'Cab, pump, bed', 'The pump stands on the bed behind the cab.', 'bedFront'),
  onBed('bedRear', 'Cab, bed, pump at the rear', 'The pump stands at the rear of the bed.', 'bedRear'),
];
