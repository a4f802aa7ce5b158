import type { Build } from '../../build/index.js';
import { inSteps, range } from '../../kernel/index.js';
import type { Candidate, ChangeKind, Changes, Evaluation } from '../../kernel/index.js';
import { feet, within } from '../../units/index.js';
import { bedsIn, suitsBed } from './beds.js';
import { hoseShelf, loadsIn } from './block.js';
import { withLoad, withNewLoad } from './edits.js';
import { COUNTED_IN } from './checks.js';
import { fitChanges } from './fit-changes.js';
import type { Hose } from './parts.js';

const HOSE: ChangeKind = { id: 'hose', title: 'Hose loads', costs: 'givesUp' };
/** Loads from this length on may be made shorter, ft. */
const SHORT_LOAD_FT = 200;
/** Where more hose is looked for: in sections of so much together, up to what is laid in such a bed at most, ft. */
const LONGER_BY_FT = 100;
const MOST_LAID_FT = { main: 1500, other: 500 };
const stepOf = ({ sectionFt }: Hose): number => Math.ceil(LONGER_BY_FT / sectionFt) * sectionFt;

/** Loads made shorter where weight or room is short, longer where hose is. */
export const hoseChanges: Changes[] = [
  ...fitChanges,
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
  ...Object.entries(COUNTED_IN).map(([asked, [from, below]]) => ({
    kind: HOSE,
    helps: [asked],
    offer: ({ build }: Pick<Evaluation, 'build'>) =>
      moreHose(build, ({ sizeIn }) => sizeIn >= from && sizeIn < below),
  })),
];

/** Each bed: more of what lies in it, or some of each hose that suits it where it is empty. */
function moreHose(build: Build, counts: (hose: Hose) => boolean): Candidate[] {
  const stock = hoseShelf.in(build);
  return bedsIn(build).flatMap((bed) => {
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
    const mostLaid = MOST_LAID_FT[bed.kind === 'main' ? 'main' : 'other'];
    return (loads.length > 0 ? longer : first)
      .filter(({ hose }) => counts(hose))
      .map(({ hose, from, instead, of, edit }) =>
        inSteps(
          HOSE,
          range(from, Math.max(from, mostLaid), stepOf(hose)).map((lengthFt) => ({
            label: `${feet(lengthFt)} of ${hose.name} in ${within(bed.name)}${instead}`,
            edit: (on) => edit(on, lengthFt),
          })),
          of,
        ),
      );
  });
}
