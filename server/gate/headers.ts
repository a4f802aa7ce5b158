import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';

/** What a page of Baros may do: it needs nothing from elsewhere; of styles within the page those of these hashes. */
export const headers = (styleHashes: readonly string[]) =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        'default-src': ["'none'"],
        // The solver is WebAssembly that Baros brings along.
        'script-src': ["'self'", "'wasm-unsafe-eval'"],
        'style-src': ["'self'", ...styleHashes],
        'font-src': ["'self'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'connect-src': ["'self'"],
        'worker-src': ["'self'"],
        'frame-src': ["'self'", 'blob:'],
        'manifest-src': ["'self'"],
        'base-uri': ["'none'"],
        'form-action': ["'self'"],
        'frame-ancestors': ["'self'"],
        'object-src': ["'none'"],
      },
    },
    // Baros is served over plain HTTP on the department's own network.
    strictTransportSecurity: false,
  });

const NOTHING = ['camera', 'microphone', 'geolocation', 'payment', 'usb', 'serial', 'hid', 'midi'];

/** No device, and of answers of the API no copy anywhere. */
export function quietly(request: Request, response: Response, next: NextFunction): void {
  response.setHeader('Permissions-Policy', NOTHING.map((what) => `${what}=()`).join(', '));
  if (request.path.startsWith('/api/')) response.setHeader('Cache-Control', 'no-store');
  next();
}
