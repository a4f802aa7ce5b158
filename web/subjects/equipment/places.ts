import type { Build } from '#core/build';
import type { Evaluation } from '#core/kernel';
import { CAB, placeName, placesFor, WAY, YET } from '#core/subjects/equipment';
import { mountShelf } from '#core/subjects/ladders';
import { compartments } from '#core/truck';

/** The places in which this truck can carry a piece, compartments first. */
export const placesOf = (evaluation: Evaluation): string[] =>
  placesFor(
    evaluation.build,
    evaluation.read(compartments).map(({ id }) => id),
  );

/** A place in a list of places. */
export const placeLabel = (id: string, build: Build): string =>
  id === CAB
    ? 'cab'
    : id === WAY
      ? 'ladders'
      : id === YET
        ? 'none yet'
        : (mountShelf.in(build).find(id)?.short ?? placeName(id, build));
