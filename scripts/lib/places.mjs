import { fileURLToPath } from 'node:url';
import { join } from 'node:path';

/** The project's folder. */
export const root = fileURLToPath(new URL('../..', import.meta.url));

/** Where a running Baros keeps its database; BAROS_DATA puts it elsewhere. */
export const dataFolder = process.env.BAROS_DATA ?? join(root, 'data');

/** What is built. */
export const distFolder = join(root, 'dist');

/** A program that npm installed with the project. */
export const tool = (name) => join(root, 'node_modules', '.bin', name);
