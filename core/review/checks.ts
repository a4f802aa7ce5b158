import { approach, departure } from './angle-checks.js';
import { frontAxle, frontLeast, frontShare, gross, rearAxle } from './axle-checks.js';
import { roll, sideFront, sideRear } from './balance-checks.js';
import { equipmentPlace, hoseFits, laddersFit, tankFits, wheelsFit } from './fit-checks.js';
import { frameMoment } from './frame-check.js';
import { budget } from './money.js';
import { minimums, typeGvwr } from './minimum-checks.js';
import type { Check, Finding, Looked, Status } from './types.js';

/** Every check, in the order in which findings are shown. To add a check, add a function to this list. */
export const CHECKS: Check[] = [
  frontAxle, rearAxle, gross, frontShare, frontLeast, sideFront, sideRear, roll, approach, departure, frameMoment, typeGvwr,
  tankFits, hoseFits, laddersFit, wheelsFit, equipmentPlace,
  ...minimums, budget,
];

/** What every check says of a truck. */
export const review = (looked: Looked): Finding[] => CHECKS.map((check) => check(looked)).filter((finding) => finding !== null);

/** How a status is called. */
export const STATUS_WORDS: Record<Status, string> = { holds: 'holds', caution: 'close', fails: 'over a limit' };

const RANK: Record<Status, number> = { holds: 0, caution: 1, fails: 2 };

/** How bad a status is: 0 holds, 1 caution, 2 fails. */
export const rank = (status: Status): number => RANK[status];

/** The worst of several; holds where there is nothing to say. */
export const worstStatus = (findings: { status: Status }[]): Status =>
  findings.reduce<Status>((worst, { status }) => (rank(status) > rank(worst) ? status : worst), 'holds');
