/** How long a tank lasts. Minutes, gallons, gpm. */
export interface RunTime {
  gallons: number;
  /** What is asked of it all the while. */
  gpm: number;
  /** Until the way to the pump can't carry it any more. */
  fullMin: number;
  /** Until it is empty. */
  emptyMin: number;
}

/** Of the tank, what is gone when its way to the pump begins to fall off (formulas: run time). */
export const FULL_SHARE = 0.8;

/**
 * How long a tank gives a flow through a way that carries `pathGpm` until 80 % of it is gone and less and less
 * after that, by the square root of what is left (formulas: run time). Both are endless where nothing flows.
 */
export function runTime(gallons: number, pathGpm: number, gpm: number): RunTime {
  const flow = Math.min(gpm, pathGpm);
  if (!(flow > 0)) return { gallons, gpm: 0, fullMin: Infinity, emptyMin: Infinity };
  const last = (1 - FULL_SHARE) * gallons;
  const knee = last * (flow / pathGpm) ** 2;
  const fullMin = (gallons - knee) / flow;
  return { gallons, gpm: flow, fullMin, emptyMin: fullMin + (2 * knee) / flow };
}

/** What is left in the tank after so many minutes, gal, and what then flows from it, gpm. */
export function tankAt(
  { gallons, gpm, fullMin, emptyMin }: RunTime,
  minutes: number,
): { gallons: number; gpm: number } {
  if (gpm === 0) return { gallons, gpm: 0 };
  if (minutes <= fullMin) return { gallons: gallons - gpm * minutes, gpm };
  if (minutes >= emptyMin) return { gallons: 0, gpm: 0 };
  const left = (emptyMin - minutes) / (emptyMin - fullMin);
  const knee = gallons - gpm * fullMin;
  return { gallons: knee * left ** 2, gpm: gpm * left };
}

/** The flow that a tank gives for so many minutes until it is empty, gpm; what its way carries at most. */
export function flowFor(gallons: number, pathGpm: number, minutes: number): number {
  if (minutes <= 0) return pathGpm;
  let [low, high] = [0, pathGpm];
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (runTime(gallons, pathGpm, middle).emptyMin >= minutes) low = middle;
    else high = middle;
  }
  return low;
}
