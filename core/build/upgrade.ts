import { fresh } from './block.js';
import type { Block } from './block.js';
import { BUILD_VERSION } from './build.js';

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * An object of an older file; whatever else stands there gives an empty one, and what is missing is refused
 * later.
 */
export const objectIn = (file: Json, key: string): Json => (isObject(file[key]) ? (file[key] as Json) : {});

/** A list of an older file, likewise. */
export const listIn = (file: Json, key: string): unknown[] =>
  Array.isArray(file[key]) ? (file[key] as unknown[]) : [];

/** The lines of a list of an older file; what is no object stays for the rules to refuse. */
export const linesIn = (file: Json, key: string): Json[] => listIn(file, key) as Json[];

const HEAD_OF_2 = ['format', 'name', 'department', 'type', 'assumed'];
const OF_2 = [
  'version',
  'profileId',
  'ownProfile',
  'chassis',
  'bumper',
  'pumpId',
  'tank',
  'foam',
  'hose',
  'ladders',
  'body',
  'device',
  'fittingIds',
  'equipment',
  'items',
  'corrections',
  'ownParts',
  'money',
  'growth',
  'states',
];

/** Version 2 had one version for the whole file. Version 1 was version 2 without what may be left out. */
function fromVersion2(blocks: readonly Block[], file: Json): Json {
  const strange = Object.fromEntries(
    Object.entries(file).filter(([key]) => ![...HEAD_OF_2, ...OF_2].includes(key)),
  );
  const head = Object.fromEntries(HEAD_OF_2.filter((key) => key in file).map((key) => [key, file[key]]));
  return {
    ...head,
    version: BUILD_VERSION,
    ...strange,
    ...Object.fromEntries(
      blocks.map((block) => [block.id, { version: block.version, ...block.fromVersion2(file) }]),
    ),
  };
}

function upgradedBlock(block: Block, value: unknown): unknown {
  if (value === undefined) return block.later ? fresh(block) : undefined;
  let now = value;
  while (isObject(now)) {
    const upgrade: ((older: Json) => Json) | undefined = block.upgrades?.[now['version'] as number];
    if (!upgrade) return now;
    now = upgrade(now);
  }
  return now;
}

/**
 * A build file of an older version as one of today, block by block; a block that came later than the file is
 * there empty.
 * Anything else is left as it is, for the rules to judge.
 */
export function upgraded(blocks: readonly Block[], input: unknown): unknown {
  if (!isObject(input)) return input;
  const { version } = input;
  if (version === 1 || version === 2) return fromVersion2(blocks, input);
  if (version !== BUILD_VERSION) return input;
  return {
    ...input,
    ...Object.fromEntries(blocks.map((block) => [block.id, upgradedBlock(block, input[block.id])])),
  };
}

/** What stands in a file that a later Baros wrote: it can't be read without loss. */
export function fromLater(blocks: readonly Block[], input: unknown): { field: string; message: string }[] {
  if (!isObject(input)) return [];
  const later = (field: string, version: unknown, most: number, what: string) =>
    typeof version === 'number' && version > most
      ? [
          {
            field,
            message: `${field} must be at most ${most}: this ${what} was written by a later Baros (was ${version})`,
          },
        ]
      : [];
  const whole = later('version', input['version'], BUILD_VERSION, 'file');
  return whole.length
    ? whole
    : blocks.flatMap((block) =>
        later(`${block.id}.version`, objectIn(input, block.id)['version'], block.version, 'part of the file'),
      );
}
