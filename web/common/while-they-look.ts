const LOOK_MS = 1500;

/** Comes when the first screen has stood for a moment: what nobody sees at once is loaded then. */
export const whileTheyLook = new Promise<void>((resolve) => {
  setTimeout(resolve, LOOK_MS);
});
