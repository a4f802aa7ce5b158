import { assemble } from '../rig/index.js';
import type { StepId } from '../rig/index.js';
import { measureOf, evaluate } from '../review/index.js';
import type { Measure } from '../review/index.js';
import {
  catalogueOf, profileOf, referenceProblems, withBody, withBumper, withBumperItem, withChassis, withDevice, withEquipmentLine, withFitting, withHose, withLadderMount, withOutriggers, withPump, withTank,
} from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';

/** What either way of two schools does to this truck. Minutes are of water at the flow of two attack lines. */
export interface Consequences extends Measure {
  compartmentFt3: number;
  hoseBedIn: number;
  tiltDeg: number;
  waterMin: number;
}

export interface SchoolSide {
  id: string;
  name: string;
  words: string;
  chosen: boolean;
  spec: BuildSpec;
  consequences: Consequences;
  /** What it comes to less what this truck has now: gains and losses. */
  change: Consequences;
}

/** A question on which good departments differ: both ways work, and each is weighed on this very truck. */
export interface School {
  id: string;
  step: StepId;
  question: string;
  sides: SchoolSide[];
}

/** Flow of two attack lines, gpm: structural, and on a brush truck. */
export const TWO_LINES_GPM = { structural: 300, brush: 80 };

/** What a build weighs, costs, holds and reaches to. */
export function consequencesOf(spec: BuildSpec): Consequences {
  const evaluation = evaluate(spec);
  const { layout } = evaluation.rig;
  const beds = layout.beds.filter((bed) => bed.kind === 'main' || bed.kind === 'tray');
  return {
    ...measureOf(evaluation),
    compartmentFt3: layout.compartments.reduce((sum, { volumeFt3 }) => sum + volumeFt3, 0),
    hoseBedIn: beds.length ? Math.max(...beds.map((bed) => bed.floorIn)) : 0,
    tiltDeg: Math.min(...evaluation.states.map(({ weights }) => weights.tiltAngleDeg)),
    waterMin: spec.tank.gallons / TWO_LINES_GPM[spec.type === 'brush' ? 'brush' : 'structural'],
  };
}

interface Way { id: string; name: string; words: string; chosen: boolean; spec: BuildSpec | null }
interface Question { id: string; step: StepId; question: string; ways: (spec: BuildSpec) => Way[] }

/** Ways of which the truck has one. */
const way = (id: string, name: string, words: string, chosen: boolean, spec: BuildSpec | null): Way => ({ id, name, words, chosen, spec });

const QUESTIONS: Question[] = [
  {
    id: 'chassis', step: 'chassis', question: 'Custom or commercial chassis?',
    ways: (spec) => (spec.type !== 'pumper' ? [] : catalogueOf(spec).for('chassis', 'pumper').filter(({ id }) => id === 'custom-medium' || id === 'commercial-hood').map((part) => {
      const custom = part.cab.style === 'flatFront';
      return way(part.id, custom ? 'Custom' : 'Commercial', custom ? 'Short for its seats, made for the service, dearer to buy and to mend.' : 'Cheaper, mended anywhere; longer for the same body, fewer seats.', spec.chassis.partId === part.id, withChassis(spec, part.id));
    })),
  },
  {
    id: 'tyres', step: 'chassis', question: 'Dual rear tyres or wide singles?',
    ways: (spec) => (spec.type !== 'brush' ? [] : [
      way('dual', 'Dual tyres', 'Higher rating behind, lower truck.', spec.chassis.partId === 'light-4x4', withChassis(spec, 'light-4x4')),
      way('wide', 'Wide singles', 'Rides in its own track and floats on soft ground; higher, with less rating behind.', spec.chassis.partId === 'light-4x4-wide', withChassis(spec, 'light-4x4-wide')),
    ]),
  },
  {
    id: 'bumper', step: 'bumper', question: 'Steel or aluminium at the front?',
    ways: (spec) => {
      const now = catalogueOf(spec).part('bumper', spec.bumper.partId);
      const of = (material: string) => catalogueOf(spec).for('bumper', spec.type).find((part) => part.extensionIn === now.extensionIn && part.material === material);
      const [steel, aluminium] = [of('steel'), of('aluminium')];
      if (!steel || !aluminium || now.extensionIn === 0) return [];
      return [
        way('steel', 'Steel', 'Takes a knock and is straightened again.', now.id === steel.id, withBumper(spec, steel.id)),
        way('aluminium', 'Aluminium', 'Spares the front axle; costs more.', now.id === aluminium.id, withBumper(spec, aluminium.id)),
      ];
    },
  },
  {
    id: 'bumperLine', step: 'bumper', question: 'A line at the bumper, or none?',
    ways: (spec) => {
      const well = spec.bumper.itemIds.includes('hose-well');
      const fits = catalogueOf(spec).for('bumperItem', spec.type).some(({ id, needsExtensionIn }) => id === 'hose-well' && catalogueOf(spec).part('bumper', spec.bumper.partId).extensionIn >= needsExtensionIn);
      if (!fits) return [];
      const line = withHose(withBumperItem(spec, 'hose-well', true), 'bumper-well', { hoseId: 'attack-1.75', lengthFt: 100 });
      return [
        way('line', 'A line at the bumper', 'Short and soon at work on a car or a bin; all of it on the front axle.', well, well ? spec : line),
        way('none', 'None', 'Spares the front axle; the crosslays do its work.', !well, withBumperItem(spec, 'hose-well', false)),
      ];
    },
  },
  {
    id: 'device', step: 'device', question: 'Rear-mount ladder or mid-mount platform?',
    ways: (spec) => (spec.type !== 'aerial' ? [] : [
      way('rear', 'Rear-mount ladder', 'Lighter and cheaper; overhangs the cab.', spec.device?.partId === 'ladder-100-rear', withDevice(spec, 'ladder-100-rear')),
      way('mid', 'Mid-mount platform', 'Low on the road, a basket to work from; heavy, and longer behind.', spec.device?.partId === 'platform-100-mid', withDevice(spec, 'platform-100-mid')),
    ]),
  },
  {
    id: 'outriggers', step: 'device', question: 'One pair of outriggers or two?',
    ways: (spec) => {
      const options = spec.device ? (catalogueOf(spec).find('device', spec.device.partId)?.outriggers ?? []) : [];
      return options.map((option) => way(option.id, option.pairs === 1 ? 'One pair' : 'Two pairs', option.pairs === 1 ? 'Set up sooner, less weight; wider on the street.' : 'Narrower on the street for the same load; more weight and more to set.', option.id === spec.device?.outriggersId, withOutriggers(spec, option.id)));
    },
  },
  {
    id: 'panel', step: 'pump', question: 'Side or enclosed top panel?',
    ways: (spec) => {
      const pumps = spec.type === 'pumper' ? catalogueOf(spec).for('pump', 'pumper') : [];
      const now = spec.pumpId === undefined ? undefined : catalogueOf(spec).find('pump', spec.pumpId);
      const top = pumps.find((pump) => pump.panel === 'top');
      const side = top && pumps.find((pump) => pump.panel === 'side' && pump.drive === top.drive && pump.ratedGpm === top.ratedGpm);
      if (!top || !side) return [];
      return [
        way('side', 'Side panel', 'Short pump house; the operator stands in the street.', now?.panel === 'side', now?.panel === 'side' ? spec : withPump(spec, side.id)),
        way('top', 'Enclosed top panel', 'Out of traffic and weather, seeing both sides; takes length and weight.', now?.panel === 'top', now?.panel === 'top' ? spec : withPump(spec, top.id)),
      ];
    },
  },
  {
    id: 'drive', step: 'pump', question: 'Own engine or power take-off?',
    ways: (spec) => (spec.type !== 'brush' ? [] : [
      way('own', 'Own engine', 'Pumps whatever the truck does; one more engine to keep.', spec.pumpId === 'skid-250', withPump(spec, 'skid-250')),
      way('pto', 'Power take-off', 'No second engine, close behind the cab; pumps with the truck’s engine.', spec.pumpId === 'pto-250', withPump(spec, 'pto-250')),
    ]),
  },
  {
    id: 'tank', step: 'tank', question: 'Low hose bed or deep compartments?',
    ways: (spec) => (spec.tank.gallons === 0 || spec.type === 'aerial' ? [] : [
      way('low', 'Low and wide tank', 'Hose at hand height, low centre of gravity.', spec.tank.shape === 'lowWide', withTank(spec, { shape: 'lowWide' })),
      spec.type === 'brush'
        ? way('upright', 'Upright tank', 'Short along the bed; higher.', spec.tank.shape === 'skid', withTank(spec, { shape: 'skid' }))
        : way('tall', 'Tall and narrow tank', 'Full depth in every compartment; a climb to the hose.', spec.tank.shape === 'tall', withTank(spec, { shape: 'tall' })),
    ]),
  },
  {
    id: 'water', step: 'tank', question: 'More water or a lighter truck?',
    ways: (spec) => {
      const { gallons } = spec.tank;
      const least = profileOf(spec).limits.tankGal?.value ?? 0;
      const by = spec.type === 'brush' ? 50 : 250;
      if (gallons === 0) return [];
      return [
        way('less', 'Lighter', 'Shorter, quicker, easier on axles and lanes; sooner in need of supply.', false, gallons - by >= least && gallons > by ? withTank(spec, { gallons: gallons - by }) : null),
        way('now', 'As it is', 'The water that it carries now.', true, spec),
        way('more', 'More water', 'Longer on its own water; more weight on every mile.', false, gallons + by <= (spec.type === 'brush' ? 1000 : 1500) ? withTank(spec, { gallons: gallons + by }) : null),
      ];
    },
  },
  {
    id: 'ladders', step: 'ladders', question: 'Ladders on a rack or in the body?',
    ways: (spec) => (spec.type !== 'pumper' || spec.ladders.partIds.length === 0 ? [] : [
      way('rack', 'Hydraulic rack', 'Comes down to the hands; loads one side, high up, and shortens the compartments there.', spec.ladders.mountId === 'rack', withLadderMount(spec, 'rack')),
      way('tunnel', 'Through the body', 'Low and near the middle; takes depth from one side.', spec.ladders.mountId === 'tunnel', withLadderMount(spec, 'tunnel')),
    ]),
  },
  {
    id: 'doors', step: 'body', question: 'Roll-up or hinged doors?',
    ways: (spec) => [
      way('rollUp', 'Roll-up', 'Never in the way of traffic; the drum takes room at the top.', spec.body.doors === 'rollUp', withBody(spec, { doors: 'rollUp' })),
      way('hinged', 'Hinged', 'The whole opening, and a door to hang tools on; swings out into the street.', spec.body.doors === 'hinged', withBody(spec, { doors: 'hinged' })),
    ],
  },
  {
    id: 'packs', step: 'equipment', question: 'Breathing apparatus in the cab or outside?',
    ways: (spec) => {
      const at = spec.equipment.findIndex((line) => line.partId === 'pack');
      const places = assemble(spec).layout.compartments;
      if (at < 0 || places.length === 0) return [];
      const outside = spec.equipment[at]!.compartmentId === 'cab' ? places[0]!.id : spec.equipment[at]!.compartmentId;
      return [
        way('cab', 'In the seats', 'Ready on arrival; soot and weight ride with the crew.', spec.equipment[at]!.compartmentId === 'cab', withEquipmentLine(spec, at, { compartmentId: 'cab' })),
        way('outside', `Outside, in ${outside}`, 'A clean cab; dressed at the truck.', spec.equipment[at]!.compartmentId !== 'cab', withEquipmentLine(spec, at, { compartmentId: outside })),
      ];
    },
  },
  {
    id: 'power', step: 'fittings', question: 'Generator or inverter?',
    ways: (spec) => {
      if (spec.type === 'brush') return [];
      const has = (id: string) => spec.fittingIds.includes(id);
      return [
        way('generator', 'Hydraulic generator', 'Runs a fan and the big lights; weighs, and wants service.', has('generator-8') && !has('inverter-3'), withFitting(withFitting(spec, 'inverter-3', false), 'generator-8', true)),
        way('inverter', 'Inverter', 'Enough for LED and chargers; cannot start every fan.', has('inverter-3') && !has('generator-8'), withFitting(withFitting(spec, 'generator-8', false), 'inverter-3', true)),
      ];
    },
  },
];

const less = (after: Consequences, before: Consequences): Consequences =>
  Object.fromEntries((Object.keys(after) as (keyof Consequences)[]).map((key) => [key, after[key] - before[key]])) as unknown as Consequences;

/** The questions of a step that this truck can be built either way on, each way with what it comes to. */
export function schoolsFor(spec: BuildSpec, step: StepId): School[] {
  const now = consequencesOf(spec);
  return QUESTIONS.filter((question) => question.step === step).flatMap(({ id, question, ways }) => {
    const sides = ways(spec)
      .filter((side): side is Way & { spec: BuildSpec } => side.spec !== null && referenceProblems(side.spec).length === 0)
      .map((side) => {
        const consequences = side.chosen ? now : consequencesOf(side.spec);
        return { ...side, consequences, change: less(consequences, now) };
      });
    return sides.length >= 2 ? [{ id, step, question, sides }] : [];
  });
}
