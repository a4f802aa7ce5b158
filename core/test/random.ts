import type { Build } from '../build/index.js';
import { DEMONSTRATION, starterBuild } from '../demonstration/index.js';
import type { Choice } from '../kernel/index.js';
import { house } from '../subjects/index.js';

/** Numbers from 0 to 1, the same for the same seed. */
export function generator(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state / 2_147_483_648;
  };
}

const TYPES = ['pumper', 'aerial', 'brush'] as const;
const BASES = [
  ...DEMONSTRATION.flatMap(({ builds }) => builds),
  ...TYPES.map((type) => starterBuild(type, 'New', 'Department')),
];
/** Choices that one after another make a build. */
const CHOICES = 8;

/** A choice made by chance, as a person could make it on the bench. */
function chosen(choice: Choice, next: () => number): Build | null {
  if (choice.kind === 'list') return null;
  if (choice.kind === 'amount') {
    const [least, most] = choice.usual ?? [choice.min, choice.max];
    const steps = Math.floor((most - least) / choice.step);
    return choice.set(least + Math.round(next() * steps) * choice.step);
  }
  return choice.options[Math.floor(next() * choice.options.length)]?.build ?? null;
}

/** A build as a person could make it who presses anything, the same for the same seed. */
export function randomBuild(seed: number): Build {
  const next = generator(seed * 7_919 + 17);
  let build = BASES[Math.floor(next() * BASES.length)]!;
  for (let i = 0; i < CHOICES; i++) {
    const subjects = house.stepsFor(build).flatMap((step) => house.inPanelOf(step));
    const subject = subjects[Math.floor(next() * subjects.length)]!;
    const choices = house.choicesOf(subject, house.evaluate(build));
    const choice = choices[Math.floor(next() * choices.length)];
    const made = choice && chosen(choice, next);
    if (made && house.problemsOf(made).length === 0) build = made;
  }
  return build;
}
