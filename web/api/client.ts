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

type Details = { detail?: string; problems?: Problem[]; currentRevision?: number } | null;

export const SILENT = 'The server does not answer.';
/** Too much at once, or a database that is away: asked again a little later, it is another answer. */
const PASSING = new Set([429, 503]);

/** What an answer that is none means: whether nobody is there, or somebody refuses. */
export function refusalOf(status: number, statusText: string, details: Details): Error {
  if (!details && status >= 502) return new Unreachable(SILENT);
  if (PASSING.has(status)) return new Unreachable(details?.detail ?? SILENT);
  return new Refused(status, details?.detail ?? statusText, details?.problems, details?.currentRevision);
}

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
    throw new Unreachable(SILENT);
  }
  if (response.ok) return response;
  throw refusalOf(response.status, response.statusText, (await response.json().catch(() => null)) as Details);
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
