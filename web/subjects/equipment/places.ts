import type { Build } from '#core/build';
import type { Evaluation } from '#core/kernel';
import { CAB, placeName, WAY } from '#core/subjects/equipment';
import { ladderWay } from '#core/subjects/ladders';
import { compartments } from '#core/truck';

/** The places in which this truck can carry a piece, compartments first. */
export const placesOf = (evaluation: Evaluation): string[] => [
  ...evaluation.read(compartments).map(({ id }) => id),
  ...(evaluation.read(ladderWay) ? [WAY] : []),
  CAB,
];

/** A place in a list of places. */
export const placeLabel = (id: string, build: Build): string =>
  id === CAB ? 'cab' : id === WAY ? 'ladders' : placeName(id, build);

/** A place as a head or an answer. */
export const placeTitle = (id: string, build: Build): string =>
  id === CAB ? 'Cab' : id === WAY ? 'With the ladders' : `Compartment ${placeName(id, build)}`;
