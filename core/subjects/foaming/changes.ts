import { atOnce, inSteps } from '../../kernel/index.js';
import type { ChangeKind, Changes } from '../../kernel/index.js';
import { amount, gal, within } from '../../units/index.js';
import { concentrateShelf, foamCells, foamShelf, PAIL_GAL, withCell, withFoam } from '../foam/index.js';
import type { FoamCell } from '../foam/index.js';
import { nozzleOf, nozzleShelf, ratedFlow, withLineSaid } from '../lines/index.js';
import { connections, withConnection } from '../plumbing/index.js';
import { atEductor } from './eductor.js';
import { cellsLast, foamLines } from './mixed.js';

const FOAM: ChangeKind = { id: 'concentrate', title: 'Concentrate' };
const SYSTEM: ChangeKind = { id: 'foamSystem', title: 'Foam system', costs: 'much' };
const LINE: ChangeKind = { id: 'foamLine', title: 'Foam in a line' };

const PERCENT_STEP = 0.1;
/** No more pails than this are offered, more or fewer. */
const MOST_PAILS = 12;

const gallonsOf = (cell: FoamCell, gallons: number) => ({
  label: `${gal(gallons)} of ${within(cell.concentrate.name)} instead of ${gal(cell.gallons)}`,
  edit: (on: Parameters<typeof withCell>[0]) => withCell(on, cell.id, { gallons }),
});
const pails = (from: number, way: 1 | -1): number[] =>
  Array.from({ length: MOST_PAILS }, (_, i) => from + way * (i + 1) * PAIL_GAL).filter(
    (gallons) => gallons >= PAIL_GAL && gallons <= 300,
  );

export const foamingChanges: Changes[] = [
  {
    kind: FOAM,
    helps: ['foamCarried'],
    offer: (evaluation) =>
      evaluation.read(cellsLast).map(({ cell }) =>
        inSteps(
          FOAM,
          pails(cell.gallons, -1).map((gallons) => gallonsOf(cell, gallons)),
          cell.id,
        ),
      ),
  },
  {
    kind: FOAM,
    helps: ['foamLasts'],
    offer: (evaluation) =>
      evaluation.read(cellsLast).map(({ cell }) =>
        inSteps(
          FOAM,
          pails(cell.gallons, 1).map((gallons) => gallonsOf(cell, gallons)),
          cell.id,
        ),
      ),
  },
  {
    kind: FOAM,
    helps: ['foamProportioner', 'foamLasts'],
    offer: (evaluation) =>
      evaluation.read(foamCells).map((cell) => {
        const steps = Math.floor((cell.percent - cell.concentrate.leastPct) / PERCENT_STEP + 1e-9);
        return inSteps(
          FOAM,
          Array.from({ length: Math.max(0, steps) }, (_, i) => {
            const percent = Math.round((cell.percent - (i + 1) * PERCENT_STEP) * 10) / 10;
            return {
              label: `${within(cell.concentrate.name)} at ${amount(percent, '%')} instead of ${amount(cell.percent, '%')}`,
              edit: (on) => withCell(on, cell.id, { percent }),
            };
          }),
          `${cell.id} percent`,
        );
      }),
  },
  {
    kind: SYSTEM,
    helps: ['foamProportioner', 'foamMix'],
    offer: (evaluation) => {
      const first = evaluation.read(foamCells)[0];
      return first
        ? foamShelf
            .in(evaluation.build)
            .suiting(evaluation.build.type)
            .filter(
              ({ foamClass, maxConcentrateGpm, airCfm, thick }) =>
                foamClass === first.system.foamClass &&
                airCfm === first.system.airCfm &&
                (maxConcentrateGpm > first.system.maxConcentrateGpm ||
                  (thick !== undefined && first.system.thick === undefined)),
            )
            .map((part) =>
              atOnce(SYSTEM, `${part.name} instead of ${within(first.system.name)}`, (on) =>
                withFoam(on, part.id),
              ),
            )
        : [];
    },
  },
  {
    kind: LINE,
    helps: ['foamProportioner'],
    offer: (evaluation) =>
      evaluation
        .read(foamLines)
        .filter(({ line }) => line.runs)
        .map(({ line }) =>
          atOnce(
            LINE,
            `Water without foam in ${within(line.name)}`,
            (on) => withLineSaid(on, line.id, { foamPct: 0 }),
            line.id,
          ),
        ),
  },
  {
    kind: LINE,
    helps: ['foamEductor'],
    offer: (evaluation) =>
      evaluation.read(foamLines).flatMap(({ line, eductor }) =>
        eductor
          ? nozzleShelf
              .in(evaluation.build)
              .all()
              .filter(({ use, kind }) => use === line.part.use && kind !== 'automatic')
              .flatMap((part) =>
                (part.settingsGpm ?? [undefined]).flatMap((setGpm) => {
                  const nozzle = nozzleOf(part, setGpm === undefined ? {} : { setGpm });
                  const at = { flowGpm: ratedFlow(nozzle), pumpPressurePsi: nozzle.pressurePsi };
                  return atEductor(at, eductor.ratedGpm).matches
                    ? [
                        atOnce(
                          LINE,
                          `${part.name} at ${within(line.name)}${setGpm === undefined ? '' : `, set to ${setGpm}`}`,
                          (on) =>
                            withLineSaid(on, line.id, { nozzleId: part.id, setGpm, nozzlePsi: undefined }),
                          `${line.id} ${part.id}`,
                        ),
                      ]
                    : [];
                }),
              )
          : [],
      ),
  },
  {
    kind: FOAM,
    helps: ['foamClasses'],
    offer: (evaluation) =>
      evaluation
        .read(foamCells)
        .filter(({ sharesPickup }) => sharesPickup)
        .map((cell) =>
          atOnce(
            FOAM,
            `A pickup of its own for ${gal(cell.gallons)} of ${within(cell.concentrate.name)}`,
            (on) => withCell(on, cell.id, { pickup: undefined }),
            cell.id,
          ),
        ),
  },
  {
    kind: FOAM,
    helps: ['foamMix'],
    offer: (evaluation) =>
      evaluation.read(foamCells).flatMap((cell) =>
        concentrateShelf
          .in(evaluation.build)
          .all()
          .filter(
            ({ id, foamClass }) => foamClass === cell.concentrate.foamClass && id !== cell.concentrate.id,
          )
          .map((one) =>
            atOnce(
              FOAM,
              `${one.name} instead of ${within(cell.concentrate.name)}`,
              (on) => withCell(on, cell.id, { concentrateId: one.id, percent: undefined }),
              `${cell.id} ${one.id}`,
            ),
          ),
      ),
  },
  {
    kind: FOAM,
    helps: ['foamOutlets'],
    offer: (evaluation) => {
      const cells = evaluation.read(foamCells);
      const all = evaluation.read(connections);
      if (cells.length === 0)
        return [
          atOnce(FOAM, 'Water alone from every discharge', (on) =>
            all
              .filter(({ foam }) => foam !== undefined)
              .reduce(
                (build, { id }) =>
                  withConnection(evaluation.with(build), id, { foam: undefined, foamFrom: undefined }),
                on,
              ),
          ),
        ];
      const idle = cells.find(
        ({ id }, i) => !all.some(({ foam, foamFrom }) => foam && (foamFrom === id || (i === 0 && !foamFrom))),
      );
      return idle
        ? all
            .filter(({ kind, feedsId }) => kind === 'discharge' && feedsId !== undefined)
            .map((one) =>
              atOnce(
                FOAM,
                `Foam from ${within(idle.concentrate.name)} at ${within(one.label)}`,
                (on) =>
                  withConnection(evaluation.with(on), one.id, {
                    foam: 'yes',
                    foamFrom: idle.id === cells[0]!.id ? undefined : idle.id,
                    gauge: 'both',
                  }),
                one.id,
              ),
            )
        : [];
    },
  },
];
