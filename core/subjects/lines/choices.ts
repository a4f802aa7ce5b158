import type { Build } from '../../build/index.js';
import { amountChoice, choicesOfLine, NONE, partOptions } from '../../kernel/index.js';
import type { Choice, Evaluation, PickChoice } from '../../kernel/index.js';
import { gpm, hoseSize } from '../../units/index.js';
import { linesOf } from '../brief/index.js';
import { chosenPump } from '../pump/index.js';
import { cellFor, compressorCfm, foamCells } from '../foam/index.js';
import { connections, isDischarge } from '../plumbing/index.js';
import { CONSISTENCIES, CONSISTENCY_NAMES, usualAirGpm } from './air.js';
import { truckLines } from './all.js';
import type { TruckLine } from './all.js';
import {
  LINE_FIELDS,
  linesBlock,
  nozzleShelf,
  SUPPLIES,
  SUPPLY_NAMES,
  withLineSaid,
  withSupply,
} from './block.js';
import { USUAL_LAY } from './flows.js';
import { USUAL_COEFFICIENTS } from './hydraulics.js';

/** The lines as a whole: they have a list and not options. */
export const LINES_CHOICE = 'lines';

const HOSE_SIZES_IN = Object.keys(USUAL_COEFFICIENTS)
  .map(Number)
  .filter((size) => size >= linesBlock.fields.layIn.min)
  .sort((a, b) => a - b);

const sizePick = (
  id: string,
  title: string,
  now: number | undefined,
  edit: (sizeIn: number | undefined) => Build,
  /** The build as it is. */
  keep: Build,
  none: boolean,
): PickChoice => ({
  kind: 'pick',
  id,
  title,
  compact: true,
  options: [
    ...(none
      ? [
          {
            id: NONE,
            label: 'None',
            chosen: now === undefined,
            build: now === undefined ? keep : edit(undefined),
          },
        ]
      : []),
    ...HOSE_SIZES_IN.map((size) => ({
      id: String(size),
      label: hoseSize(size),
      chosen: size === now,
      build: size === now ? keep : edit(size),
    })),
  ],
});

/** What can be chosen of one line. */
export function lineChoices(evaluation: Evaluation, id: string): Choice[] {
  const line = evaluation.read(truckLines).find((one) => one.id === id);
  if (!line) return [];
  const { build } = evaluation;
  const said: Record<string, unknown> = { ...line.entry };
  const edit = (change: Record<string, unknown>): Build => withLineSaid(build, id, change);
  const { part, nozzle } = line;
  const piece = line.hose.at(-1);
  const { lengthFt, parallel, leaderFt, leaderParallel, elevationFt, lossPsi, crew, nozzlePsi, setGpm } =
    LINE_FIELDS;
  const amounts = (
    fields: Record<string, (typeof LINE_FIELDS)['lossPsi'] | (typeof LINE_FIELDS)['crew']>,
    usual: Record<string, number>,
  ) => choicesOfLine(`line-${id}`, fields, said, edit, { has: '', usual });
  const settings: Choice[] = part.settingsGpm
    ? [
        {
          kind: 'pick',
          id: `line-${id}-setting`,
          title: 'Set to',
          compact: true,
          options: part.settingsGpm.map((flow) => ({
            id: String(flow),
            label: gpm(flow),
            chosen: nozzle.type === 'fog' && nozzle.ratedGpm === flow,
            build: edit({ setGpm: flow === part.ratedGpm ? undefined : flow }),
          })),
        },
      ]
    : nozzle.type === 'automatic'
      ? [
          amountChoice(
            `line-${id}-setGpm`,
            { ...setGpm, min: nozzle.fromGpm, max: nozzle.toGpm },
            nozzle.flowGpm,
            (to) => edit({ setGpm: to }),
          ),
        ]
      : [];
  const outlets = evaluation.read(connections).filter(isDischarge);
  return [
    {
      kind: 'pick',
      id: `line-${id}-nozzle`,
      title: 'Nozzle',
      compact: true,
      options: partOptions(
        nozzleShelf.in(build).all(),
        (one) => one.id === part.id,
        (one) => edit({ nozzleId: one.id, setGpm: undefined, nozzlePsi: undefined }),
      ),
    },
    ...settings,
    ...amounts({ nozzlePsi }, { nozzlePsi: nozzle.pressurePsi }),
    sizePick(
      `line-${id}-size`,
      'Hose',
      piece?.sizeIn,
      (sizeIn) => edit({ sizeIn, lengthFt: piece?.lengthFt ?? 100 }),
      build,
      false,
    ),
    ...(piece ? amounts({ lengthFt, parallel }, { lengthFt: piece.lengthFt, parallel: piece.parallel }) : []),
    sizePick(
      `line-${id}-leader`,
      'Hose before it',
      line.entry?.leaderIn,
      (leaderIn) =>
        edit(
          leaderIn === undefined
            ? { leaderIn, leaderFt: undefined, leaderParallel: undefined }
            : { leaderIn, leaderFt: line.entry?.leaderFt ?? 100 },
        ),
      build,
      true,
    ),
    ...(line.entry?.leaderIn === undefined
      ? []
      : amounts({ leaderFt, leaderParallel }, { leaderFt: 100, leaderParallel: 1 })),
    ...amounts(
      { elevationFt, lossPsi, ...(line.held ? { crew } : {}) },
      { elevationFt: line.elevationFt, lossPsi: line.applianceLossPsi, crew: line.crew },
    ),
    ...mixedChoices(evaluation, line, edit),
    ...(evaluation.read(chosenPump)?.pumpAndRoll
      ? [
          {
            kind: 'pick' as const,
            id: `line-${id}-rolls`,
            title: LINE_FIELDS.rolls.title,
            compact: true as const,
            options: (['yes', 'no'] as const).map((one) => ({
              id: one,
              label: LINE_FIELDS.rolls.names![one]!,
              chosen: line.rolls === (one === 'yes'),
              build: line.rolls === (one === 'yes') ? build : edit({ rolls: one }),
            })),
          },
        ]
      : []),
    {
      kind: 'pick',
      id: `line-${id}-outlet`,
      title: 'Discharge',
      compact: true,
      options: [
        {
          id: NONE,
          label: line.source ? 'The one that feeds it' : 'Any that is free',
          chosen: line.entry?.outletId === undefined,
          build: edit({ outletId: undefined }),
        },
        ...outlets.map((one) => ({
          id: one.id,
          label: `${one.label}, ${hoseSize(one.sizeIn)}`,
          chosen: line.entry?.outletId === one.id,
          build: edit({ outletId: one.id }),
        })),
      ],
    },
  ];
}

/** What can be chosen of the foam and the air in a line, where its discharge carries them. */
function mixedChoices(
  evaluation: Evaluation,
  { id, outlet, air, entry, hose }: TruckLine,
  edit: (change: Record<string, unknown>) => Build,
): Choice[] {
  const cell = cellFor(outlet, evaluation.read(foamCells));
  const { foamPct, airGpm } = LINE_FIELDS;
  const compressed = outlet?.air !== undefined && evaluation.read(compressorCfm) > 0;
  const now = air?.consistency ?? 'none';
  return [
    ...(cell
      ? choicesOfLine(`line-${id}`, { foamPct }, { ...entry }, edit, {
          has: '',
          usual: { foamPct: cell.percent },
        })
      : []),
    ...(compressed
      ? [
          {
            kind: 'pick' as const,
            id: `line-${id}-air`,
            title: LINE_FIELDS.air.title,
            compact: true as const,
            options: (['none', ...CONSISTENCIES] as const).map((one) => ({
              id: one,
              label: one === 'none' ? 'None' : CONSISTENCY_NAMES[one],
              chosen: one === now,
              build: one === now ? evaluation.build : edit({ air: one }),
            })),
          },
        ]
      : []),
    ...(air
      ? choicesOfLine(`line-${id}`, { airGpm }, { ...entry }, edit, {
          has: '',
          usual: { airGpm: usualAirGpm(hose.at(-1)?.sizeIn ?? 0) },
        })
      : []),
  ];
}

/** Which lines run together, and where the water comes from. */
export function togetherChoices(build: Build, evaluated: () => Evaluation): Choice[] {
  const all = evaluated().read(truckLines);
  const asked = build.lines;
  const { layIn, layFt, lays, relayPsi } = { ...USUAL_LAY, ...asked };
  const amountOf = (id: string, key: 'layFt' | 'lays' | 'relayPsi', now: number) =>
    amountChoice(id, linesBlock.fields[key], now, (to) =>
      to === now ? build : withSupply(build, { [key]: to }),
    );
  const kind = asked.supply ?? 'tank';
  const places =
    kind === 'hydrant'
      ? linesOf(build.brief, 'hydrants')
      : kind === 'draft'
        ? linesOf(build.brief, 'drafts')
        : [];
  const laid = kind === 'hydrant' || kind === 'relay';
  return [
    { kind: 'list', id: LINES_CHOICE, title: 'Lines' },
    {
      kind: 'toggle',
      id: 'lines-running',
      title: 'Run together',
      options: all.map((line) => ({
        id: line.id,
        label: line.name,
        words: `${gpm(line.asked.flowGpm)}`,
        chosen: line.runs,
        build: withLineSaid(build, line.id, { runs: line.runs ? 'no' : 'yes' }),
      })),
    },
    {
      kind: 'pick',
      id: 'lines-supply',
      title: 'Water comes from',
      compact: true,
      options: SUPPLIES.filter(
        (one) =>
          (one !== 'hydrant' || linesOf(build.brief, 'hydrants').length > 0) &&
          (one !== 'draft' || linesOf(build.brief, 'drafts').length > 0),
      ).map((one) => ({
        id: one,
        label: SUPPLY_NAMES[one],
        chosen: one === kind,
        build:
          one === kind
            ? build
            : withSupply(build, { supply: one === 'tank' ? undefined : one, placeId: undefined }),
      })),
    },
    ...(places.length > 1
      ? [
          {
            kind: 'pick' as const,
            id: 'lines-place',
            title: kind === 'hydrant' ? 'Hydrant' : 'Draft site',
            compact: true,
            options: places.map((place, i) => ({
              id: place.id,
              label: place.name,
              chosen: asked.placeId === undefined ? i === 0 : place.id === asked.placeId,
              build: withSupply(build, { placeId: place.id }),
            })),
          },
        ]
      : []),
    ...(kind === 'relay' ? [amountOf('lines-relay', 'relayPsi', relayPsi)] : []),
    ...(laid
      ? [
          sizePick(
            'lines-lay-size',
            'Supply line',
            layIn,
            (to) => withSupply(build, { layIn: to }),
            build,
            false,
          ),
          amountOf('lines-lay', 'layFt', layFt),
          amountOf('lines-lays', 'lays', lays),
        ]
      : []),
  ];
}
