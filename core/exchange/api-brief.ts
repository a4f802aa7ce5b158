import 'reflect-metadata';
import { classOf, Nested } from '../build/index.js';
import { BRIEF_FIELDS } from '../subjects/brief/index.js';
import type { Brief } from '../subjects/brief/index.js';
import { RevisionOrNone } from './moments.js';

/** The rules of a brief, as a build carries it. */
export const BriefRules = classOf(BRIEF_FIELDS, 'Brief');

/** A department's brief: until somebody changes it, the usual one of its kind of district, with revision 0. */
export class BriefView {
  @RevisionOrNone()
  revision!: number;

  @Nested(() => BriefRules)
  brief!: Brief;
}

/** A change of it, and the revision that it was made on: refused where a newer one is there. */
export class BriefChange extends BriefView {}
