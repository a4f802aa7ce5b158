import type { RequestHandler } from 'express';
import sirv from 'sirv';

const A_YEAR_S = 365 * 24 * 3600;

/**
 * The built screens of a folder, in the form in which the build has compressed them (`.br`, `.gz`). A path that
 * is no file and not the API's is a screen's own: it gets the page.
 */
export const screens = (folder: string): RequestHandler =>
  sirv(folder, {
    brotli: true,
    gzip: true,
    etag: true,
    single: true,
    ignores: [/^\/api(\/|$)/],
    setHeaders: (response, path) =>
      response.setHeader(
        'Cache-Control',
        path.startsWith('/assets/') ? `public, max-age=${A_YEAR_S}, immutable` : 'no-cache',
      ),
  });
