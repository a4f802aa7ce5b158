import { STATUS_CODES } from 'node:http';
import { Catch, HttpException, Logger } from '@nestjs/common';
import type { ArgumentsHost, ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { BadInput } from '#core/build';
import { StaleSave } from './problem.js';
import type { ProblemDetails } from './problem.js';

/** Express's own errors (a body too large, JSON that does not parse) carry a status. */
const statusOf = (error: unknown): number => {
  if (error instanceof BadInput) return 400;
  if (error instanceof HttpException) return error.getStatus();
  const status = (error as { status?: unknown }).status;
  return typeof status === 'number' && status >= 400 && status < 500 ? status : 500;
};

/** Answers every error as problem+json; what went wrong inside is logged, not told. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const status = statusOf(error);
    if (status === 500) this.log.error(error);
    const details: ProblemDetails = {
      type: 'about:blank',
      title: STATUS_CODES[status] ?? 'Error',
      status,
      detail:
        status === 500 ? 'The server could not do this; nothing was changed.' : (error as Error).message,
    };
    if (error instanceof BadInput) details.problems = error.problems;
    if (error instanceof StaleSave) details.currentRevision = error.currentRevision;
    host
      .switchToHttp()
      .getResponse<Response>()
      .status(status)
      .type('application/problem+json')
      .send(JSON.stringify(details));
  }
}
