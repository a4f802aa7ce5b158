import { createParamDecorator } from '@nestjs/common';
import type { ExecutionContext } from '@nestjs/common';
import type { Request, Response } from 'express';

/** Who asks: from which address, and whether he is still there. */
export interface Asker {
  address: string;
  /** Aborted when the connection is gone before the answer. */
  signal: AbortSignal;
}

/** Who sent a request. */
export function askerOf(request: Request, response: Response): Asker {
  const gone = new AbortController();
  response.once('close', () => {
    if (!response.writableFinished) gone.abort();
  });
  return { address: request.ip ?? '', signal: gone.signal };
}

/** Who asks, as an argument of an endpoint. */
export const AskedBy = createParamDecorator((_: unknown, context: ExecutionContext): Asker => {
  const http = context.switchToHttp();
  return askerOf(http.getRequest<Request>(), http.getResponse<Response>());
});
