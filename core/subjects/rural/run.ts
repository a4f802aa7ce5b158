import { oneWayMin } from './shuttle.js';
import type { ShuttleInput } from './shuttle.js';

/** What a shuttle did minute by minute: water in the folding tank and what was drawn of it. Minutes, gallons, gpm. */
export interface ShuttleRun {
  at: number[];
  levelGal: number[];
  drawnGpm: number[];
  /** Given up by tankers, drawn by the pump, and still in the tank, gal. */
  dumpedGal: number;
  drawnGal: number;
}

type Doing = 'dumpQueue' | 'backing' | 'dumping' | 'away' | 'fillQueue' | 'coupling' | 'filling' | 'coming';

interface Running {
  doing: Doing;
  /** Minutes left of what it does, where that is a matter of time. */
  left: number;
  loadGal: number;
}

const STEP_MIN = 0.05;
/** Of the run, every so many steps are kept. */
const KEPT = 10;

/**
 * Runs a shuttle for so many minutes: all tankers come loaded at once, and wait their turn; the lines draw what they ask
 * for as long as there is water. `holdsGal` is what they dump into.
 */
export function runShuttle(
  { distanceMiles, deliveredShare, source, dump, tankers }: ShuttleInput,
  holdsGal: number,
  askedGpm: number,
  minutes: number,
): ShuttleRun {
  const way = oneWayMin(distanceMiles);
  const all = tankers.map((tanker): Running => ({ doing: 'dumpQueue', left: 0, loadGal: tanker.gallons }));
  const busy = (...doing: Doing[]) => all.filter((one) => doing.includes(one.doing)).length;
  const next: Partial<Record<Doing, Doing>> = {
    backing: 'dumping',
    away: 'fillQueue',
    coupling: 'filling',
    coming: 'dumpQueue',
  };
  const run: ShuttleRun = { at: [], levelGal: [], drawnGpm: [], dumpedGal: 0, drawnGal: 0 };
  let level = 0;
  const steps = Math.round(minutes / STEP_MIN);
  for (let step = 0; step <= steps; step++) {
    all.forEach((one, i) => {
      const { gallons, fillGpm, dumpGpm } = tankers[i]!;
      one.left -= STEP_MIN;
      if (one.left <= 0 && next[one.doing]) one.doing = next[one.doing]!;
      if (one.doing === 'dumpQueue' && busy('backing', 'dumping') < dump.places)
        Object.assign(one, { doing: 'backing', left: dump.handlingMin });
      else if (one.doing === 'fillQueue' && busy('coupling', 'filling') < source.places)
        Object.assign(one, { doing: 'coupling', left: source.handlingMin });
      else if (one.doing === 'dumping') {
        const out = Math.min(one.loadGal, dumpGpm * STEP_MIN, (holdsGal - level) / deliveredShare);
        one.loadGal -= out;
        level += out * deliveredShare;
        run.dumpedGal += out * deliveredShare;
        if (one.loadGal <= 1e-9) Object.assign(one, { doing: 'away', left: way });
      } else if (one.doing === 'filling') {
        one.loadGal = Math.min(gallons, one.loadGal + Math.min(fillGpm, source.fillGpm) * STEP_MIN);
        if (one.loadGal >= gallons) Object.assign(one, { doing: 'coming', left: way });
      }
    });
    const drawn = Math.min(level, askedGpm * STEP_MIN);
    level -= drawn;
    run.drawnGal += drawn;
    if (step % KEPT === 0) {
      run.at.push(step * STEP_MIN);
      run.levelGal.push(level);
      run.drawnGpm.push(drawn / STEP_MIN);
    }
  }
  return run;
}
