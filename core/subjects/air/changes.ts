import { atOnce } from '../../kernel/index.js';
import type { ChangeKind, Changes } from '../../kernel/index.js';
import { within } from '../../units/index.js';
import { foamCells, foamShelf, withFoam } from '../foam/index.js';
import { CFM_PER_GPM, CONSISTENCIES, CONSISTENCY_NAMES, withLineSaid } from '../lines/index.js';
import { connections, withConnection } from '../plumbing/index.js';
import { isWhole } from './checks.js';
import { airTogether } from './lines.js';

const AIR: ChangeKind = { id: 'air', title: 'Compressed air' };
const COMPRESSOR: ChangeKind = { id: 'compressor', title: 'Compressor', costs: 'much' };

export const airChanges: Changes[] = [
  {
    kind: AIR,
    helps: ['airTogether', 'airPower'],
    offer: (evaluation) =>
      (evaluation.read(airTogether)?.running ?? []).flatMap(({ line, air }) => [
        ...CONSISTENCIES.filter((one) => CFM_PER_GPM[one] < CFM_PER_GPM[air.consistency]).map((one) =>
          atOnce(
            AIR,
            `${CONSISTENCY_NAMES[one]} foam in ${within(line.name)} instead of ${CONSISTENCY_NAMES[air.consistency].toLowerCase()}`,
            (on) => withLineSaid(on, line.id, { air: one }),
            `${line.id} ${one}`,
          ),
        ),
        atOnce(
          AIR,
          `No air in ${within(line.name)}`,
          (on) => withLineSaid(on, line.id, { air: 'none' }),
          line.id,
        ),
      ]),
  },
  {
    kind: COMPRESSOR,
    helps: ['airTogether'],
    offer: (evaluation) => {
      const first = evaluation.read(foamCells)[0];
      const now = first?.system.airCfm;
      return first && now !== undefined
        ? foamShelf
            .in(evaluation.build)
            .all()
            .filter(
              ({ airCfm, foamClass }) =>
                airCfm !== undefined && airCfm > now && foamClass === first.system.foamClass,
            )
            .map((part) =>
              atOnce(COMPRESSOR, `${part.name} instead of ${within(first.system.name)}`, (on) =>
                withFoam(on, part.id),
              ),
            )
        : [];
    },
  },
  {
    kind: AIR,
    helps: ['airOutlets'],
    offer: (evaluation) => {
      const wrong = evaluation.read(connections).filter((one) => one.air !== undefined && !isWhole(one));
      return wrong.length === 0
        ? []
        : [
            atOnce(AIR, 'Foam, a check valve and a flow meter at every outlet for air', (on) =>
              wrong.reduce(
                (build, { id }) =>
                  withConnection(evaluation.with(build), id, { foam: 'yes', check: 'yes', gauge: 'both' }),
                on,
              ),
            ),
          ];
    },
  },
];
