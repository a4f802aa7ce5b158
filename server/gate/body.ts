import { text } from 'express';
import type { NextFunction, Request, Response } from 'express';
import { readJson } from '#core/build';
import { askerOf } from './asker.js';
import type { Asker } from './asker.js';

const BODY_LIMIT = '1mb';
/** A body of more letters than any usual build is judged aside, so that nobody waits for it. */
const LARGE_LETTERS = 150_000;

/** Of bodies that are large: who sent them. */
const large = new WeakMap<object, Asker>();

/** Who sent a body that is large; undefined where it is not. */
export const senderOfLarge = (body: unknown): Asker | undefined =>
  typeof body === 'object' && body !== null ? large.get(body) : undefined;

/** Reads a body as text: never a compressed one, of which a few bytes may be a gigabyte. */
export const bodyText = () => text({ type: 'application/json', limit: BODY_LIMIT, inflate: false });

/** Its JSON, once it is known that it isn't nested too deep to be read. */
export function bodyJson(request: Request, response: Response, next: NextFunction): void {
  const { body } = request as { body: unknown };
  if (typeof body === 'string') {
    const read = readJson(body);
    if (body.length > LARGE_LETTERS && typeof read === 'object' && read !== null)
      large.set(read, askerOf(request, response));
    request.body = read;
  }
  next();
}
