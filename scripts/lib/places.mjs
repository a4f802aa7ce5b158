import { fileURLToPath } from 'node:url';
import { join, resolve } from 'node:path';

/** The project's folder. */
export const root = fileURLToPath(new URL('../..', import.meta.url));

/** Where a running Baros keeps its database; BAROS_DATA puts it elsewhere. Whoever works there has a folder of his own to stand in. */
export const dataFolder = resolve(process.env.BAROS_DATA ?? join(root, 'data'));

/** Where backups go that are given no other place: beside the database, not within it. */
export const backupsFolder = join(root, 'backups');

/** What is built. */
export const distFolder = join(root, 'dist');

/** A program that npm installed with the project. */
export const tool = (name) => join(root, 'node_modules', '.bin', name);
