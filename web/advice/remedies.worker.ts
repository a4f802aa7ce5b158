import { expose } from 'comlink';
import { levelingOf, remediesFor } from '#core/advice';
import type { Leveling, Remedy } from '#core/advice';
import type { Build } from '#core/build';
import { house } from '#core/subjects';

const office = {
  levelingOf: (build: Build): Leveling[] => levelingOf(house.evaluate(build)),
  remediesFor: (build: Build, finding: string): Remedy[] => remediesFor(house.evaluate(build), finding),
};

export type RemediesOffice = typeof office;
expose(office);
