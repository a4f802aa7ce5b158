/** Dollars as the integer cents in which the catalogue keeps money. */
export const usd = (dollars: number): number => Math.round(dollars * 100);
