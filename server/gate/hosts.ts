import { hostname, networkInterfaces } from 'node:os';
import type { NextFunction, Request, Response } from 'express';
import { ForbiddenException, MisdirectedException } from '@nestjs/common';

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/** Whether only this machine reaches what listens there. */
export const isLoopback = (host: string): boolean => /^(localhost|127(\.\d+){3}|::1)$/.test(host);

/** An address as it stands in a URL. */
export const nameOf = (host: string): string => (host.includes(':') ? `[${host}]` : host).toLowerCase();

/**
 * The names under which Baros answers: those of what it listens on, and those that are given (`BAROS_NAMES`,
 * with commas between them). A page of another name that points here is another's.
 */
export function namesOf(host: string, given = ''): Set<string> {
  const own = given
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean);
  const everywhere = host === '0.0.0.0' || host === '::';
  const machine = everywhere
    ? [
        hostname().toLowerCase(),
        `${hostname().toLowerCase()}.local`,
        ...Object.values(networkInterfaces()).flatMap((all) => all!.map(({ address }) => nameOf(address))),
      ]
    : [nameOf(host)];
  return new Set([...LOOPBACK, ...machine, ...own]);
}

const nameIn = (host: string): string => host.toLowerCase().replace(/:\d+$/, '');

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Refuses who asks under a name that is not ours, and who lets a page of somebody else change something. */
export const ownNamesOnly =
  (names: ReadonlySet<string>) =>
  (request: Request, _response: Response, next: NextFunction): void => {
    const { host = '', origin } = request.headers;
    if (!names.has(nameIn(host)))
      throw new MisdirectedException(
        `Baros does not answer as "${host.slice(0, 80)}"; start it with that name in BAROS_NAMES`,
      );
    if (!READS.has(request.method)) {
      const site = request.headers['sec-fetch-site'];
      const foreign = origin !== undefined && origin.replace(/^https?:\/\//, '') !== host;
      if (foreign || (site !== undefined && site !== 'same-origin' && site !== 'none'))
        throw new ForbiddenException('only the pages of Baros itself may change something here');
    }
    next();
  };
