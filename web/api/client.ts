import type { Problem } from '#core/build';

/** An answer that the server refused, with its words. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly problems: Problem[] = [],
    readonly currentRevision?: number,
  ) {
    super(message);
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {}

type Method = 'GET' | 'POST' | 'PATCH' | 'PUT' | 'DELETE';

async function answerTo(method: Method, path: string, body?: unknown, keepalive = false): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, {
      method,
      keepalive,
      ...(body === undefined
        ? {}
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch {
    throw new Unreachable('The server does not answer.');
  }
  if (response.ok) return response;
  const details = (await response.json().catch(() => null)) as {
    detail?: string;
    problems?: Problem[];
    currentRevision?: number;
  } | null;
  if (!details && response.status >= 502) throw new Unreachable('The server does not answer.');
  throw new Refused(
    response.status,
    details?.detail ?? response.statusText,
    details?.problems,
    details?.currentRevision,
  );
}

/**
 * Asks the server.
 * @throws Unreachable when nothing answers, Refused when the answer is an error.
 */
export const ask = async <T>(method: Method, path: string, body?: unknown, keepalive = false): Promise<T> =>
  (await answerTo(method, path, body, keepalive)).json() as Promise<T>;

/**
 * Asks the server for a file.
 * @throws Unreachable and Refused as `ask` does.
 */
export const askFile = async (path: string): Promise<Blob> => (await answerTo('GET', path)).blob();
