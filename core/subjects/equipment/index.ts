import type { Build } from '../../build/index.js';
import { atOnce, check, fromBuild, limitKind, reading, way, noneOf } from '../../kernel/index.js';
import type { Changes, Choice, Subject } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import { seatsFitted } from '../cab/index.js';
import { counted, formatWhole, inShort, lb, within } from '../../units/index.js';
import {
  CAB,
  equipmentBlock,
  equipmentProblems,
  equipmentShelf,
  pieceAs,
  placeName,
  placeTitle,
  settleEquipment,
  withEquipmentLine,
} from './block.js';
import type { EquipmentLine } from './block.js';
import { goesInto } from './fit.js';
import { fitChanges, fitChecks, MOVE } from './fit-checks.js';
import { allowanceLeftLb, equipmentComponents, equipmentLb, moved, piecesInWays } from './place.js';

export {
  CAB,
  equipmentBlock,
  equipmentShelf,
  LINE_FIELDS,
  pieceAs,
  placeName,
  placesFor,
  placeTitle,
  usualPlaceOf,
  WAY,
  YET,
  withEquipment,
  withEquipmentLine,
  withPieces,
} from './block.js';
export type { EquipmentLine, LineChange } from './block.js';
export { equipmentRows, inSections, rowsWith, sectionOf, withLinesIn } from './list.js';
export type { EquipmentOrder, EquipmentRow, EquipmentSection } from './list.js';
export { GROUPS } from './parts.js';
export type { Equipment, EquipmentGroup } from './parts.js';
export { MOVE } from './fit-checks.js';
export { allowanceLeftLb, lyingIn, pieceUpIn, riding } from './place.js';
export type { Piece, Riding } from './place.js';
export { layOf, usualPose } from './lying.js';
export type { Lay, Lying } from './lying.js';
export { missingOf, withListOf, withMissing } from './starters.js';
export type { Missing } from './starters.js';
export { POSE_NAMES, POSES, posed, posesOf } from './pose.js';
export type { Pose } from './pose.js';
export { NEED_NAMES, NEEDS, OFTEN, OFTEN_NAMES } from './traits.js';
export type { Need, Often } from './traits.js';

/** The choice of equipment as a whole: it has a list and not options. */
export const EQUIPMENT_CHOICE = 'equipment';

const limits = {
  allowanceLb: limitKind('Allowance for loose equipment', 'lb', 'reckon', 0, 10_000),
  roomyFt3: limitKind(
    'Compartments from which the larger allowance counts',
    'ft3',
    'reckon',
    0,
    2000,
    'smaller',
  ),
  roomyAllowanceLb: limitKind('Larger allowance for loose equipment', 'lb', 'reckon', 0, 10_000),
};

/** The breathing apparatus that is asked about. */
const PACK = 'pack';

const linesOf = reading('equipment', [fromBuild(({ equipment }) => equipment)], ({ lines }) => lines);

const inPlace = check(
  'equipment',
  { id: 'equipmentPlace', title: 'Equipment in its place', steps: ['equipment'] },
  [linesOf, moved],
  ({ length: carried }, elsewhere) => {
    if (carried === 0) return null;
    const [first] = elsewhere;
    const more = elsewhere.length > 1 ? ` and ${formatWhole(elsewhere.length - 1)} more` : '';
    return noneOf(
      elsewhere.length,
      'caution',
      'Geometry of this build',
      first
        ? `${first.name}${more}: this body has no ${first.asked}; weighed in ${first.rides} until another place is chosen.`
        : `All ${formatWhole(carried)} lines ride where they were put.`,
    );
  },
);

/** Packs that ride in the cab, held against the seats that hold one. */
const packs = check(
  'equipment',
  { id: 'packs', title: 'A seat for each pack in the cab', steps: ['equipment', 'cab'] },
  [linesOf, fromBuild(({ cab }) => cab)],
  (lines, cab) => {
    const carried = lines.filter(({ partId }) => partId === PACK);
    const count = (of: typeof carried) => of.reduce((sum, line) => sum + line.count, 0);
    const inCab = count(carried.filter(({ compartmentId }) => compartmentId === CAB));
    if (carried.length === 0) return null;
    const seats = seatsFitted(cab);
    const holders = seats.filter(({ pack }) => pack === 'holder').length;
    const margin = holders - inCab;
    const outside = count(carried) - inCab;
    const rest = `${outside > 0 ? `, and ${counted(outside, 'pack')} outside` : ''} for ${counted(seats.length, 'seat')}`;
    return {
      status: margin < 0 ? 'caution' : 'holds',
      actual: inCab,
      limit: holders,
      margin,
      unit: 'pieces',
      state: null,
      basis: 'Seats with a pack in their back, of this build',
      words:
        margin < 0
          ? `${counted(inCab, 'pack')} ride in the cab and ${counted(holders, 'seat')} ${holders === 1 ? 'holds' : 'hold'} one: ${formatWhole(-margin)} would lie loose among the crew.`
          : `${counted(inCab, 'pack')} in ${counted(holders, 'seat')} that hold one${rest}.`,
    };
  },
);

/** So many of the heaviest lines are looked at for other places. */
const MOVES_LOOKED_AT = 8;

const changes: Changes[] = [
  {
    kind: MOVE,
    helps: ['load', 'level'],
    offer: (evaluation) => {
      const { build } = evaluation;
      // What rides with the crew is worn or reached for on the way: nobody would look for it in the body.
      const weighed = build.equipment.lines
        .filter(({ compartmentId }) => compartmentId !== CAB)
        .map((line) => ({ line, part: pieceAs(equipmentShelf.in(build).part(line.partId), line) }));
      const heaviest = weighed
        .sort((a, b) => b.part.weightLb * b.line.count - a.part.weightLb * a.line.count)
        .slice(0, MOVES_LOOKED_AT);
      return heaviest.flatMap(({ line, part }) =>
        evaluation
          .read(compartments)
          .filter((to) => to.id !== line.compartmentId && goesInto(part, to))
          .map(({ id, name }) =>
            atOnce(
              MOVE,
              `Move ${within(part.name)} (${lb(part.weightLb * line.count)}) from ${placeName(line.compartmentId, build)} to ${name}`,
              (on) => withEquipmentLine(on, line.id, { compartmentId: id }),
              line.id,
            ),
          ),
      );
    },
  },
  {
    // Packs that no seat holds: in the first compartment that the truck has.
    kind: MOVE,
    helps: ['packs'],
    offer: (evaluation) => {
      const [first] = evaluation.read(compartments);
      const lines = evaluation.build.equipment.lines.filter(
        ({ partId, compartmentId }) => partId === PACK && compartmentId === CAB,
      );
      if (!first) return [];
      return lines.map((line) =>
        atOnce(
          MOVE,
          `Packs outside, in ${first.name}`,
          (on) => withEquipmentLine(on, line.id, { compartmentId: first.id }),
          line.id,
        ),
      );
    },
  },
  {
    // What has lost its compartment stays where it is weighed meanwhile.
    kind: MOVE,
    helps: ['equipmentPlace'],
    offer: (evaluation) => {
      const rides = new Map(evaluation.read(moved).map(({ asked, rides: now }) => [asked, now]));
      if (rides.size === 0) return [];
      const where = [...rides]
        .map(([asked, now]) => `${placeName(asked, evaluation.build)} in ${placeName(now, evaluation.build)}`)
        .join(', ');
      const lines = (on: Build): EquipmentLine[] =>
        on.equipment.lines.map((line) => ({
          ...line,
          compartmentId: rides.get(line.compartmentId) ?? line.compartmentId,
        }));
      return [
        atOnce(MOVE, `Let them ride where they are weighed now: what was for ${where}`, (on) => ({
          ...on,
          equipment: { ...on.equipment, lines: lines(on) },
        })),
      ];
    },
  },
];

/** What can be chosen for one line of equipment: in which of the places that the truck has it rides. */
export function lineChoices(build: Build, id: string, places: readonly string[]): Choice[] {
  const line = build.equipment.lines.find((other) => other.id === id)!;
  return [
    {
      kind: 'pick',
      id: `place-${id}`,
      title: 'Rides in',
      options: places.map((place) => ({
        id: place,
        label: placeTitle(place, build),
        chosen: place === line.compartmentId,
        build: withEquipmentLine(build, id, { compartmentId: place }),
      })),
    },
  ];
}

/** The loose equipment, each line in its place. */
export const equipment: Subject = {
  id: 'equipment',
  title: 'Equipment',
  step: () => true,
  shelves: [equipmentShelf],
  limits,
  block: equipmentBlock,
  provides: [piecesInWays],
  components: equipmentComponents,
  figures: [
    {
      id: 'allowanceLeft',
      title: 'Allowance beyond the list',
      unit: 'lb',
      note: 'The profile counts so much loose equipment at least, and more where the compartments are roomy.',
      reading: allowanceLeftLb,
    },
  ],
  checks: [inPlace, ...fitChecks, packs],
  changes: [...changes, ...fitChanges],
  settle: settleEquipment,
  problems: equipmentProblems,
  choices: () => [{ kind: 'list', id: EQUIPMENT_CHOICE, title: 'Equipment' }],
  questions: [
    {
      id: 'packs',
      question: 'Breathing apparatus in the cab or outside?',
      ways: (build, evaluation) => {
        const line = build.equipment.lines.find(({ partId }) => partId === PACK);
        const places = evaluation.read(compartments);
        if (!line || places.length === 0) return [];
        const inCab = line.compartmentId === CAB;
        const outside = inCab ? places[0]!.id : line.compartmentId;
        return [
          way(
            'cab',
            'In the seats',
            'Ready on arrival; soot and weight ride with the crew.',
            inCab,
            withEquipmentLine(build, line.id, { compartmentId: CAB }),
          ),
          way(
            'outside',
            `Outside, in ${placeName(outside, build)}`,
            'A clean cab; dressed at the truck.',
            !inCab,
            withEquipmentLine(build, line.id, { compartmentId: outside }),
          ),
        ];
      },
    },
  ],
  sentence: (evaluation) => {
    const pieces = evaluation.build.equipment.lines.reduce((sum, line) => sum + line.count, 0);
    return pieces === 0
      ? 'No loose equipment is listed yet.'
      : `Space and mounting shall be provided for ${counted(pieces, 'piece')} of loose equipment weighing ${lb(evaluation.read(equipmentLb))}.`;
  },
  line: (evaluation) => {
    const pieces = evaluation.build.equipment.lines.reduce((sum, line) => sum + line.count, 0);
    return pieces === 0 ? 'None yet' : inShort(counted(pieces, 'piece'), lb(evaluation.read(equipmentLb)));
  },
};
