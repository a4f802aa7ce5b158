import type { Problem } from '#core/spec';

/** An answer that the server refused, with its words. */
export class Refused extends Error {
  constructor(readonly status: number, message: string, readonly problems: Problem[] = [], readonly currentRevision?: number) {
    super(message);
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {}

/**
 * Asks the server.
 * @throws Unreachable when nothing answers, Refused when the answer is an error.
 */
export async function ask<T>(method: 'GET' | 'POST' | 'PATCH' | 'PUT' | 'DELETE', path: string, body?: unknown, keepalive = false): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, {
      method, keepalive, ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch {
    throw new Unreachable('The server does not answer.');
  }
  if (response.ok) return response.json() as Promise<T>;
  const details = await response.json().catch(() => null) as { detail?: string; problems?: Problem[]; currentRevision?: number } | null;
  if (!details && response.status >= 502) throw new Unreachable('The server does not answer.');
  throw new Refused(response.status, details?.detail ?? response.statusText, details?.problems, details?.currentRevision);
}
