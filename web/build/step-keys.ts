/** A key for each step of the order of work, as they stand side by side on the keyboard. */
export const STEP_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-', '='] as const;
