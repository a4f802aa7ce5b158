import type { Build } from '../../build/index.js';
import { way } from '../../kernel/index.js';
import type { Question } from '../../kernel/index.js';
import { bedsIn, dividersIn, isDivided } from './beds.js';
import { hoseShelf, loadsIn } from './block.js';
import type { HoseLoad } from './block.js';
import { bumperLine } from './bumper-line.js';
import { withCrosslaysAt, withDead, withDividers, withLoad, withNewLoad } from './edits.js';
import { withOwnBed } from './own-beds.js';

/** How wide the main bed is taken to be where dividers are spread over it anew, in. */
const BED_IN = 40;
/** Large hose, and what of it a chute is tried with. */
const LARGE_IN = 4;
const CHUTE_FT = 200;

const large = (build: Build): HoseLoad | undefined =>
  build.hose.loads.find(
    ({ partId, lengthFt }) =>
      lengthFt >= CHUTE_FT && (hoseShelf.in(build).find(partId)?.sizeIn ?? 0) >= LARGE_IN,
  );

/** All that lies in the main bed in one that is not divided, or in two. */
const oneOrTwo: Question = {
  id: 'mainBeds',
  question: 'One deep hose bed, or two?',
  ways: (build) => {
    if (!isDivided(build)) return [];
    const count = dividersIn(build).length;
    const one = {
      ...withDividers(build, 0, BED_IN),
      hose: {
        ...withDividers(build, 0, BED_IN).hose,
        loads: build.hose.loads.map((load) =>
          bedsIn(build).some(({ id, kind }) => id === load.bedId && kind === 'main')
            ? { ...load, bedId: 'main-left' }
            : load,
        ),
      },
    };
    return [
      way(
        'one',
        'One deep bed',
        'Takes any hose side by side, and packs slowly: what lies below comes off last.',
        count === 0,
        count === 0 ? build : one,
      ),
      way(
        'two',
        'Two beds beside each other',
        'Two lays at once, forward or reverse, and quickly packed; a divider’s room is lost.',
        count === 1,
        count === 1 ? build : withDividers(build, 1, BED_IN),
      ),
    ];
  },
};

/** Large hose in the bed, or the first of it in a chute at the rear. */
const chuteOrBed: Question = {
  id: 'chute',
  question: 'Large hose in the bed, or in a chute at the rear?',
  ways: (build) => {
    const load = large(build);
    const chute = (build.hose.beds ?? []).some(({ at }) => at === 'chute');
    if (!load || chute || bedsIn(build).every(({ kind }) => kind !== 'main')) return [];
    const tried = withLoad(
      withNewLoad(withOwnBed(build, 'chute', 'chute'), 'chute', load.partId, CHUTE_FT, 'chute-1'),
      load.id,
      { lengthFt: load.lengthFt - CHUTE_FT },
    );
    return [
      way(
        'bed',
        'All of it in the bed',
        'One lay without a break; packed on top of the truck, slowly.',
        true,
        build,
      ),
      way(
        'chute',
        'A chute for the first of it',
        'Taken and packed from the ground, quickly; the rear compartment gives up its room.',
        false,
        tried,
      ),
    ];
  },
};

/** Crosslays over the pump, or in a module beside it. */
const overOrBeside: Question = {
  id: 'crosslays',
  question: 'Crosslays over the pump, or low ahead of it or behind?',
  ways: (build) => {
    if (bedsIn(build).every(({ kind }) => kind !== 'crosslay')) return [];
    const at = build.hose.crosslaysAt ?? 'over';
    const placed = (to: 'over' | 'ahead' | 'behind', name: string, words: string) =>
      way(to, name, words, at === to, at === to ? build : withCrosslaysAt(build, to));
    return [
      placed('over', 'Over the pump', 'A short truck; pulled from over the head, and packed by a climb.'),
      placed(
        'ahead',
        'In a module ahead of the pump',
        'At the hands, and quickly packed; the truck is longer.',
      ),
      placed(
        'behind',
        'In a module behind the pump',
        'At the hands, and quickly packed; the body stands farther aft.',
      ),
    ];
  },
};

/** A line that waits connected, or hose that is stretched first. */
const deadOrReady: Question = {
  id: 'deadLay',
  question: 'A line that is kept connected, or a dead lay?',
  ways: (build) => {
    const stock = hoseShelf.in(build);
    const load = bedsIn(build)
      .filter(({ kind }) => kind === 'main' || kind === 'own')
      .flatMap(({ id }) => loadsIn(build, id))
      .find(({ partId }) => stock.find(partId)?.use === 'attack');
    if (!load) return [];
    const dead = load.dead !== undefined;
    return [
      way(
        'ready',
        'Kept connected',
        'Charged as soon as it is stretched; takes a discharge, and lies in one piece.',
        !dead,
        dead ? withDead(build, load.id, false) : build,
      ),
      way(
        'dead',
        'A dead lay',
        'As long as it must be, from any discharge; coupled at the fire, and packed in any order.',
        dead,
        dead ? build : withDead(build, load.id, true),
      ),
    ];
  },
};

export const hoseQuestions: Question[] = [bumperLine, oneOrTwo, chuteOrBed, overOrBeside, deadOrReady];
