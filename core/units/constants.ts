/** Cubic inches in one US gallon, by definition. */
export const IN3_PER_GAL = 231;

/** Cubic inches in one cubic foot. */
export const IN3_PER_FT3 = 1728;

/** Square inches in a square foot. */
export const IN2_PER_FT2 = 144;

/** Inches in one foot. */
export const IN_PER_FT = 12;

/** Weight of water, lb per US gallon, at ordinary temperature (formulas: water). */
export const WATER_LB_PER_GAL = 8.34;
