import type { Build } from '../../build/index.js';
import { inSteps, range } from '../../kernel/index.js';
import type { ChangeKind, Changes } from '../../kernel/index.js';
import { feet, within } from '../../units/index.js';
import { bedsIn, suitsBed } from './beds.js';
import { hoseShelf, loadsIn, withLoad, withNewLoad } from './block.js';

const HOSE: ChangeKind = { id: 'hose', title: 'Hose loads', costs: 'givesUp' };
/** Loads from this length on may be made shorter; and how long one may become when more is looked for, ft. */
const SHORT_LOAD_FT = 200;
const MOST_LOOKED_AT_FT = 1500;

/** Loads made shorter where weight or room is short, longer where hose is. */
export const hoseChanges: Changes[] = [
  {
    kind: HOSE,
    helps: ['load', 'hoseFits'],
    offer: ({ build }) =>
      build.hose.loads
        .filter(({ lengthFt }) => lengthFt >= SHORT_LOAD_FT)
        .map(({ id, partId, lengthFt: now }) => {
          const hose = hoseShelf.in(build).part(partId);
          return inSteps(
            HOSE,
            range(now, now / 2, hose.sectionFt).map((lengthFt) => ({
              label: `${feet(lengthFt)} of ${hose.name} instead of ${feet(now)}`,
              edit: (on) => withLoad(on, id, { lengthFt }),
            })),
            id,
          );
        }),
  },
  {
    // Each bed: more of what lies in it, or some of each hose that suits it where it is empty.
    kind: HOSE,
    helps: ['supplyHose', 'attackHose', 'hose15', 'hose1'],
    offer: ({ build }) =>
      bedsIn(build).flatMap((bed) => {
        const stock = hoseShelf.in(build);
        const loads = loadsIn(build, bed.id);
        const longer = loads.map((load) => ({
          hose: stock.part(load.partId),
          from: load.lengthFt,
          instead: ` instead of ${feet(load.lengthFt)}`,
          of: load.id,
          edit: (on: Build, lengthFt: number) => withLoad(on, load.id, { lengthFt }),
        }));
        const first = stock
          .all()
          .filter((hose) => suitsBed(bed, hose))
          .map((hose) => ({
            hose,
            from: 0,
            instead: '',
            of: bed.id,
            edit: (on: Build, lengthFt: number) => withNewLoad(on, bed.id, hose.id, lengthFt),
          }));
        return (loads.length > 0 ? longer : first).map(({ hose, from, instead, of, edit }) =>
          inSteps(
            HOSE,
            range(from, MOST_LOOKED_AT_FT, hose.sectionFt).map((lengthFt) => ({
              label: `${feet(lengthFt)} of ${hose.name} in ${within(bed.name)}${instead}`,
              edit: (on) => edit(on, lengthFt),
            })),
            of,
          ),
        );
      }),
  },
];
