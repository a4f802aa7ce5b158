import { describe, expect, it } from 'vitest';
import { field } from '../build/index.js';
import type { Build } from '../build/index.js';
import { hasChoice, NONE, pickChoice } from './index.js';

/** Builds are told apart by their names here. */
const named = (name: string) => ({ name }) as Build;
const build = named('as it is');
const rewinds = field.oneOf('Rewind', ['electric', 'hand'], { electric: 'By its motor' });
const told = (now: 'electric' | 'hand' | undefined, of = {}, usual?: 'electric' | 'hand') =>
  pickChoice('rewind', { ...rewinds, ...of }, now, build, (to) => named(`to ${to ?? 'nothing'}`), usual)
    .options;

describe('one of several of a field', () => {
  it('names what has a name, and keeps the build where it is chosen', () =>
    expect(told('hand')).toEqual([
      { id: 'electric', label: 'By its motor', chosen: false, build: named('to electric') },
      { id: 'hand', label: 'hand', chosen: true, build },
    ]));

  it.each([
    ['may be left out: nothing is its first option', undefined, undefined, [NONE, 'electric', 'hand'], NONE],
    ['the same with something chosen', 'hand', undefined, [NONE, 'electric', 'hand'], 'hand'],
    ['a usual one is no option beside itself', undefined, 'electric', ['electric', 'hand'], 'electric'],
  ] as const)('%s', (_, now, usual, ids, chosen) => {
    const options = told(now, { optional: true }, usual);
    expect(options.map(({ id }) => id)).toEqual(ids);
    expect(options.filter((option) => option.chosen).map(({ id }) => id)).toEqual([chosen]);
  });

  it('says nothing of what is usual', () => {
    const [usual, other] = told('hand', { optional: true }, 'electric');
    expect(usual!.build).toEqual(named('to nothing'));
    expect(other!.build).toBe(build);
    expect(told(undefined, { optional: true })[1]!.build).toEqual(named('to electric'));
    expect(told('hand', { optional: true })[0]!.build).toEqual(named('to nothing'));
  });
});

it('a thing that is there or not is turned over', () => {
  const choice = (has: boolean) =>
    hasChoice('tarp', 'Rear', { id: 'end', label: 'End tarp' }, has, (on) => named(on ? 'on' : 'off'));
  expect(choice(false)).toEqual({
    kind: 'toggle',
    id: 'tarp',
    title: 'Rear',
    options: [{ id: 'end', label: 'End tarp', chosen: false, build: named('on') }],
  });
  expect(choice(true).options).toEqual([{ id: 'end', label: 'End tarp', chosen: true, build: named('off') }]);
});
