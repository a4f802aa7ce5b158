/** Dollars as the integer cents in which the catalog keeps money. */
export const usd = (dollars: number): number => Math.round(dollars * 100);
