import type { RequestHandler } from 'express';
import sirv from 'sirv';

const A_YEAR_S = 365 * 24 * 3600;

/** What a page is told of its rights; a script or a font of it has none of its own, and comes seventy times. */
const OF_PAGES = [
  'Content-Security-Policy',
  'Permissions-Policy',
  'Cross-Origin-Opener-Policy',
  'Origin-Agent-Cluster',
  'Referrer-Policy',
  'X-DNS-Prefetch-Control',
  'X-Download-Options',
  'X-Frame-Options',
  'X-Permitted-Cross-Domain-Policies',
  'X-XSS-Protection',
];
/** A worker is held to the policy that it comes with. */
const isWorker = (path: string): boolean => path.includes('worker');

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
    setHeaders: (response, path) => {
      const isAsset = path.startsWith('/assets/');
      if (isAsset && !isWorker(path)) OF_PAGES.forEach((header) => response.removeHeader(header));
      response.setHeader('Cache-Control', isAsset ? `public, max-age=${A_YEAR_S}, immutable` : 'no-cache');
    },
  });
