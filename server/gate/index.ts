import type { NestExpressApplication } from '@nestjs/platform-express';
import { bodyJson, bodyText } from './body.js';
import { headers, quietly } from './headers.js';
import { namesOf, ownNamesOnly } from './hosts.js';

export { AskedBy } from './asker.js';
export type { Asker } from './asker.js';
export { senderOfLarge } from './body.js';
export { isLoopback, nameOf } from './hosts.js';

/** Where Baros listens, and under which further names it is asked for. */
export interface Doors {
  host: string;
  /** Hashes of the styles that the screens write into their page. */
  styleHashes?: readonly string[];
  names?: string;
}

/** What every request passes before anything else: whose name it uses, what pages may do, and what it brings. */
export function guard(app: NestExpressApplication, { host, names, styleHashes = [] }: Doors): void {
  // Behind another server on this machine, the address is the one that it was asked from.
  app.set('trust proxy', 'loopback');
  // Answers of the API are kept nowhere, so nobody asks whether one is still the same.
  app.set('etag', false);
  app.use(headers(styleHashes));
  // The page that describes the API is not ours: it writes its own styles.
  app.use('/api/docs', headers(["'unsafe-inline'"]));
  app.use(quietly);
  app.use(ownNamesOnly(namesOf(host, names)));
  app.use(bodyText());
  app.use(bodyJson);
}
