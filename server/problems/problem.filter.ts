import { STATUS_CODES } from 'node:http';
import { Catch, HttpException, Logger } from '@nestjs/common';
import type { ArgumentsHost, ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { BadInput } from '#core/build';
import { databaseAway } from '../reach/index.js';
import { Busy } from '../work/index.js';
import { StaleSave } from './problem.js';
import type { ProblemDetails } from './problem.js';

/** Express's own errors (a body too large, JSON that does not parse) carry a status. */
const statusOf = (error: unknown): number => {
  if (error instanceof BadInput) return 400;
  if (error instanceof HttpException) return error.getStatus();
  if (databaseAway(error)) return 503;
  const status = (error as { status?: unknown }).status;
  return typeof status === 'number' && status >= 400 && status < 500 ? status : 500;
};

const RETRY_S = 3;
/** What is told where the error itself says what is nobody's business, or nothing to anybody. */
const TOLD: Record<number, string> = {
  500: 'The server could not do this; nothing was changed.',
  503: 'The server is there, but its database does not answer. Nothing was changed.',
};

/** Answers every error as problem+json; what went wrong inside is logged, not told. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const status = statusOf(error);
    if (status === 500) this.log.error(error);
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent || response.destroyed) return;
    if (status === 503) response.setHeader('Retry-After', RETRY_S);
    if (error instanceof Busy) response.setHeader('Retry-After', error.retryAfterS);
    const details: ProblemDetails = {
      type: 'about:blank',
      title: STATUS_CODES[status] ?? 'Error',
      status,
      detail: TOLD[status] ?? (error as Error).message,
    };
    if (error instanceof BadInput) details.problems = error.problems;
    if (error instanceof StaleSave) details.currentRevision = error.currentRevision;
    response.status(status).type('application/problem+json').send(JSON.stringify(details));
  }
}
