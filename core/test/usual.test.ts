import { describe, expect, it } from 'vitest';
import { inService, leastTilt } from '../subjects/weights/index.js';
import { house } from '../subjects/index.js';
import { clashes, envelope } from '../truck/index.js';
import { USUAL } from './usual.js';
import type { Range } from './usual.js';

const within = (what: string, value: number, [least, most]: Range) => {
  expect(value, `${what} ${value.toFixed(1)} of ${least} to ${most}`).toBeGreaterThanOrEqual(least);
  expect(value, `${what} ${value.toFixed(1)} of ${least} to ${most}`).toBeLessThanOrEqual(most);
};

describe('a truck as such trucks usually are', () => {
  it.each(USUAL.map((usual) => [usual.kind, usual] as const))('%s: within its usual ranges', (_, usual) => {
    const evaluation = house.evaluate(usual.build);
    const { weights } = evaluation.read(inService);
    const outside = evaluation.read(envelope);
    within('wheelbase', usual.build.chassis.wheelbaseIn, usual.wheelbaseIn);
    within('length', outside.lengthIn, usual.lengthIn);
    within('height', outside.heightIn, usual.heightIn);
    within('front', weights.front.loadLb, usual.frontLb);
    within('rear', weights.rear.loadLb, usual.rearLb);
    within('gross', weights.totalLb, usual.grossLb);
    if (usual.cgIn) within('center of gravity', weights.cg.zIn, usual.cgIn);
    if (usual.tiltDeg) within('rigid tilt', evaluation.read(leastTilt).rigidDeg, usual.tiltDeg);
  });

  it.each(USUAL.map(({ kind, build }) => [kind, build] as const))(
    '%s: whole, clear of every clash, and all of it fits',
    (_, build) => {
      expect(house.parse(JSON.parse(JSON.stringify(build)))).toEqual(build);
      const evaluation = house.evaluate(build);
      expect(evaluation.read(clashes).map(({ a, b }) => `${a.name} / ${b.name}`)).toEqual([]);
      const FIT = [
        'clash',
        'tankFits',
        'hoseFits',
        'laddersFit',
        'wheelsFit',
        'equipmentPlace',
        'goesIn',
        'compartmentFull',
        'packs',
      ];
      expect(evaluation.findings.filter(({ id, status }) => FIT.includes(id) && status === 'fails')).toEqual(
        [],
      );
    },
  );

  it('is there of every kind', () => {
    expect(new Set(USUAL.map(({ id }) => id)).size).toBe(14);
  });
});
