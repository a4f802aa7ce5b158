import { gather, port, reading } from '../kernel/index.js';
import type { AlongBlock } from '../kernel/index.js';
import { cabPlace } from './stations.js';

/** What was moved in the row: a block's rank in place of its usual one, and what is kept free ahead of it besides, in. */
export interface Moved {
  blockId: string;
  rank?: number;
  aheadIn: number;
}
export const movedInRow = port<Moved[]>('layout');

/** The usual order behind the cab. */
export const RANK = {
  stabilizers: 10,
  crewModule: 20,
  preconnectsAhead: 30,
  walkway: 40,
  pump: 50,
  preconnectsBehind: 60,
  secondPump: 65,
  turntable: 70,
  body: 80,
} as const;

/** A block with its place behind the cab, in. */
export interface BlockPlace extends AlongBlock {
  x0: number;
  x1: number;
}

const blocks = gather<AlongBlock[]>('truck', (subject) => subject.along);

/** The row of blocks behind the cab, front to back. */
export const row = {
  ...reading('truck', [cabPlace, blocks, movedInRow], ({ backIn, gapIn }, all, moved): BlockPlace[] => {
    const of = (id: string) => moved.find(({ blockId }) => blockId === id);
    let x = backIn;
    return all
      .flat()
      .map((block) => ({ ...block, rank: of(block.id)?.rank ?? block.rank }))
      .sort((a, b) => a.rank - b.rank)
      .map((block, i) => {
        const gap = i === 0 && !block.joinsCab ? gapIn : 0;
        const x0 = x + gap + block.aheadIn + (of(block.id)?.aheadIn ?? 0);
        x = x0 + block.lengthIn;
        return { ...block, x0, x1: x };
      });
  }),
  settles: true as const,
};

/** Where the blocks of the row begin and end, by their ids. */
export const alongFrame = {
  ...reading('truck', [row], (all) => Object.fromEntries(all.map(({ id, x0, x1 }) => [id, { x0, x1 }]))),
  settles: true as const,
};
