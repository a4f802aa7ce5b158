import { existsSync } from 'node:fs';
import { installPackage } from './debian.mjs';

/** Debian's Chromium, installed when missing. */
export function ensureChromium() {
  const path = '/usr/bin/chromium';
  if (!existsSync(path)) installPackage('chromium', 'Chromium for the browser tests');
  return path;
}
