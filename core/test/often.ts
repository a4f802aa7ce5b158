/** With `npm run fuzz`, how many cases it was asked for; `npm test` tries few. */
const ASKED = process.env['BAROS_FUZZ'];

/** What chance draws from: the same in every run of the tests, another in each fuzz, which prints it. */
export const SEED = Number(process.env['BAROS_SEED'] ?? 20_261_126);

/** How many cases are tried: so few in `npm test`; in the fuzz this share of what it was asked for, and no fewer. */
export const often = (few: number, share = 1): number =>
  ASKED === undefined ? few : Math.max(few, Math.round(Number(ASKED) * share));
