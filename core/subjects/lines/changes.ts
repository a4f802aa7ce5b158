import { atOnce, inSteps } from '../../kernel/index.js';
import type { ChangeKind, Changes } from '../../kernel/index.js';
import { capital, counted, feet, gpm, hoseSize, within } from '../../units/index.js';
import { withLoad } from '../hose/index.js';
import { nozzleOf, truckLines } from './all.js';
import type { TruckLine } from './all.js';
import { nozzleShelf, withLineSaid, withSupply } from './block.js';
import { eachAlone, running, runningTogether, USUAL_LAY, waterFrom } from './flows.js';
import { ratedFlow } from './hydraulics.js';
import type { NozzlePart } from './parts.js';

const LINE: ChangeKind = { id: 'line', title: 'Line' };
const NOZZLE: ChangeKind = { id: 'nozzle', title: 'Nozzle' };
const SUPPLY: ChangeKind = { id: 'supplyLine', title: 'Supply line' };

/** Lower settings of the nozzle that a line has, the highest first. */
const lowerSettings = (line: TruckLine) =>
  (line.part.settingsGpm ?? [])
    .filter((flow) => line.nozzle.type === 'fog' && flow < line.nozzle.ratedGpm)
    .reverse()
    .map((flow) => ({
      label: `${line.name} set to ${gpm(flow)}`,
      edit: (on: Parameters<typeof withLineSaid>[0]) => withLineSaid(on, line.id, { setGpm: flow }),
    }));

/** What a nozzle flows as it is usually set, gpm. */
const flowOf = (part: NozzlePart): number => ratedFlow(nozzleOf(part, {}));

/** Other nozzles of its use that flow less, the most first. */
const smallerNozzles = (evaluation: Parameters<Changes['offer']>[0], line: TruckLine) =>
  nozzleShelf
    .in(evaluation.build)
    .all()
    .filter(({ use, kind }) => use === line.part.use && kind === line.part.kind && kind !== 'automatic')
    .filter((part) => flowOf(part) < flowOf(line.part))
    .sort((a, b) => flowOf(b) - flowOf(a))
    .map((part) => ({
      label: capital(`${within(part.name)} at ${line.name}`),
      edit: (on: Parameters<typeof withLineSaid>[0]) =>
        withLineSaid(on, line.id, { nozzleId: part.id, setGpm: undefined, nozzlePsi: undefined }),
    }));

/** Supply lines beside each other at most. */
const LAYS_MOST = 4;

const LARGER_IN: Readonly<Record<number, number>> = {
  1: 1.5,
  1.5: 1.75,
  1.75: 2,
  2: 2.5,
  2.5: 3,
  3: 4,
  4: 5,
  5: 6,
};
const CREW_MOST = 4;
const LONGER_FT = [50, 100, 150, 200, 300];

export const linesChanges: Changes[] = [
  {
    kind: LINE,
    helps: ['together'],
    offer: (evaluation) =>
      evaluation.read(runningTogether)?.stop
        ? evaluation
            .read(running)
            .map((line) =>
              atOnce(
                LINE,
                `Without ${within(line.name)}`,
                (on) => withLineSaid(on, line.id, { runs: 'no' }),
                line.id,
              ),
            )
        : [],
  },
  {
    // What reaches the truck through its supply line: one more beside it, or a larger one.
    kind: SUPPLY,
    helps: ['together'],
    offer: (evaluation) => {
      const { kind } = evaluation.read(waterFrom);
      if (evaluation.read(runningTogether)?.stop !== 'intake' || (kind !== 'hydrant' && kind !== 'relay'))
        return [];
      const { lays, layIn } = { ...USUAL_LAY, ...evaluation.build.lines };
      const larger = LARGER_IN[layIn];
      return [
        inSteps(
          SUPPLY,
          Array.from({ length: Math.max(0, LAYS_MOST - lays) }, (_, i) => lays + i + 1).map((count) => ({
            label: `${counted(count, 'supply line')} side by side`,
            edit: (on) => withSupply(on, { lays: count }),
          })),
          'lays',
        ),
        ...(larger === undefined
          ? []
          : [
              atOnce(
                SUPPLY,
                `A supply line of ${hoseSize(larger)} instead of ${hoseSize(layIn)}`,
                (on) => withSupply(on, { layIn: larger }),
                'size',
              ),
            ]),
      ];
    },
  },
  {
    kind: NOZZLE,
    helps: ['together', 'pumpEnergy'],
    offer: (evaluation) =>
      evaluation
        .read(running)
        .flatMap((line) => [
          inSteps(NOZZLE, lowerSettings(line)),
          inSteps(NOZZLE, smallerNozzles(evaluation, line)),
        ]),
  },
  {
    kind: NOZZLE,
    helps: ['monitorTime'],
    offer: (evaluation) =>
      evaluation
        .read(truckLines)
        .filter(({ isMonitor }) => isMonitor)
        .flatMap((line) => [
          inSteps(NOZZLE, lowerSettings(line)),
          inSteps(NOZZLE, smallerNozzles(evaluation, line)),
        ]),
  },
  {
    kind: LINE,
    helps: ['lineAlone'],
    offer: (evaluation) =>
      evaluation
        .read(eachAlone)
        .filter(({ line, alone }) => alone.stop && !line.isMonitor)
        .flatMap(({ line }) => {
          const piece = line.hose.at(-1);
          const larger = piece && LARGER_IN[piece.sizeIn];
          return [
            inSteps(NOZZLE, lowerSettings(line)),
            inSteps(NOZZLE, smallerNozzles(evaluation, line)),
            ...(larger === undefined
              ? []
              : [
                  atOnce(
                    LINE,
                    `Hose of ${hoseSize(larger)} on ${within(line.name)}`,
                    (on) => withLineSaid(on, line.id, { sizeIn: larger, lengthFt: piece!.lengthFt }),
                    line.id,
                  ),
                ]),
          ];
        }),
  },
  {
    kind: LINE,
    helps: ['reaction'],
    offer: (evaluation) =>
      evaluation
        .read(truckLines)
        .filter(({ held }) => held)
        .flatMap((line) => [
          inSteps(
            LINE,
            [line.crew + 1, line.crew + 2]
              .filter((crew) => crew <= CREW_MOST)
              .map((crew) => ({
                label: `${counted(crew, 'firefighter')} on ${within(line.name)}`,
                edit: (on) => withLineSaid(on, line.id, { crew }),
              })),
          ),
          inSteps(NOZZLE, smallerNozzles(evaluation, line)),
        ]),
  },
  {
    kind: LINE,
    helps: ['stretch'],
    offer: (evaluation) =>
      evaluation.read(truckLines).flatMap((line) => {
        const load = evaluation.build.hose.loads.find(({ id }) => id === line.source?.id);
        return load && line.held
          ? [
              inSteps(
                LINE,
                LONGER_FT.map((more) => ({
                  label: `${feet(load.lengthFt + more)} on ${within(line.name)} instead of ${feet(load.lengthFt)}`,
                  edit: (on) => withLoad(on, load.id, { lengthFt: load.lengthFt + more }),
                })),
              ),
            ]
          : [];
      }),
  },
];
