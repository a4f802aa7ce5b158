import { HttpException, HttpStatus } from '@nestjs/common';
import type { Problem } from '#core/build';

/** An error as RFC 9457 describes it. */
export interface ProblemDetails {
  type: 'about:blank';
  title: string;
  status: number;
  detail: string;
  /** For bad input: each field that is wrong, and what would be right. */
  problems?: Problem[];
  /** For a stale save: the revision that is there now. */
  currentRevision?: number;
}

/** Refuses a save that was made on an older revision than the one that is there. */
export class StaleSave extends HttpException {
  constructor(
    readonly currentRevision: number,
    madeOn: number,
  ) {
    super(
      `revision must be ${currentRevision}, the newest; this change was made on ${madeOn}, and nothing was saved`,
      HttpStatus.CONFLICT,
    );
  }
}
