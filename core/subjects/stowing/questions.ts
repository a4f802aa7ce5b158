import type { Build } from '../../build/index.js';
import { way } from '../../kernel/index.js';
import type { Question } from '../../kernel/index.js';
import { withEquipment, YET } from '../equipment/index.js';

const GENERATOR = 'generator-portable';
const CORD_REEL = 'cord-reel';
const BATTERIES = 'spare-batteries';

const carries = (build: Build, partId: string): boolean =>
  build.equipment.lines.some((line) => line.partId === partId);
const withPiece = (build: Build, partId: string): Build =>
  carries(build, partId) ? build : withEquipment(build, partId, YET);
const withoutPieces = (build: Build, ...partIds: string[]): Build => ({
  ...build,
  equipment: {
    ...build.equipment,
    lines: build.equipment.lines.filter(({ partId }) => !partIds.includes(partId)),
  },
});

/** Where one school puts something, another puts tools. */
export const questions: readonly Question[] = [
  {
    id: 'generatorRoom',
    question: 'A portable generator, or its room for tools?',
    ways: (build) => {
      if (build.type === 'brush') return [];
      return [
        way(
          'generator',
          'Portable generator and cord reel',
          'Power away from the truck; an engine with fuel, which wants a vented compartment and service.',
          carries(build, GENERATOR),
          withPiece(withPiece(build, GENERATOR), CORD_REEL),
        ),
        way(
          'tools',
          'Its room for tools',
          'Battery tools and lights, charged on the truck; what they need beyond that stays at the station.',
          !carries(build, GENERATOR) && carries(build, BATTERIES),
          withPiece(withoutPieces(build, GENERATOR, CORD_REEL), BATTERIES),
        ),
      ];
    },
  },
];
