/**
 * What people of the field also say, and the names under which Baros has it. What is typed finds both: a word on
 * the left leads to whatever has one of those on the right in its name.
 */
export const ALSO_CALLED: Readonly<Record<string, readonly string[]>> = {
  scba: ['breathing apparatus'],
  airpack: ['breathing apparatus'],
  bottle: ['cylinder'],
  jaws: ['spreader', 'cutter', 'combination tool'],
  extrication: ['spreader', 'cutter', 'combination tool', 'ram'],
  gvwr: ['gross weight'],
  gvw: ['gross weight'],
  gawr: ['axle'],
  overweight: ['gross weight', 'axle'],
  payload: ['payload left'],
  speedlay: ['crosslay'],
  'cross lay': ['crosslay'],
  'speed lay': ['crosslay'],
  mattydale: ['crosslay'],
  preconnect: ['crosslay', 'bumper well', 'reel'],
  'booster line': ['reel'],
  'booster tank': ['tank'],
  ldh: ['large-diameter', '5 in supply', '4 in supply'],
  'deck gun': ['deck monitor'],
  'master stream': ['monitor'],
  siren: ['lights and fittings', 'extra item'],
  lightbar: ['warning light bar'],
  halligan: ['irons'],
  k12: ['rotary saw'],
  'k-12': ['rotary saw'],
  ppv: ['fan'],
  aed: ['defibrillator'],
  tic: ['thermal camera'],
  jacks: ['outriggers'],
  stabilizers: ['outriggers'],
  drafting: ['hard suction', 'strainer'],
  'drop tank': ['folding tank'],
  'dump tank': ['folding tank'],
  portatank: ['folding tank'],
  'jump seat': ['seats'],
  locker: ['compartment'],
  cabinet: ['compartment'],
  rollover: ['center of gravity', 'tilt'],
  stability: ['center of gravity', 'tilt'],
  cost: ['price', 'money'],
  print: ['pdf'],
  export: ['csv', 'pdf', 'svg', 'build file'],
  import: ['read a'],
  compare: ['history', 'catalog'],
  revisions: ['history'],
  diff: ['history'],
};

const hasAll = (name: string, words: readonly string[]): boolean =>
  words.every((word) => name.includes(word));

/** So much of a word says which it will be. */
const LEAST_BEGUN = 3;

/** What was typed, in the names that Baros has. */
function meant(search: string): string[] {
  return Object.entries(ALSO_CALLED).flatMap(([said, names]) => {
    const stands = new RegExp(`(^|\\s)${said}s?($|\\s)`).test(search);
    const begun = search.length >= LEAST_BEGUN && said.startsWith(search);
    return stands || begun ? names : [];
  });
}

/**
 * How well a name answers what was typed: every word of it, or of what it is also called, stands in the name. Names
 * that begin with it come first, then those that have it, then those of another name.
 */
export function matches(value: string, typed: string): number {
  const name = value.toLowerCase();
  const search = typed.toLowerCase().trim().replace(/\s+/g, ' ');
  const words = search.split(' ').filter(Boolean);
  if (hasAll(name, words)) return name.startsWith(search) ? 1 : 0.75;
  return meant(search).some((other) => hasAll(name, other.split(' '))) ? 0.5 : 0;
}
