import { expect, it } from 'vitest';
import { DEMONSTRATION } from '../demonstration/index.js';
import { report } from './index.js';

it('the report of the contract is plain JSON with the findings, remedies and loads that the screens show', () => {
  const result = report(DEMONSTRATION[0]!.builds[0]!);
  expect(JSON.parse(JSON.stringify(result))).toEqual(result);
  expect(result.findings.find((f) => f.id === 'frontAxle')!.remedies.length).toBeGreaterThanOrEqual(2);
  expect(result.components.reduce((sum, c) => sum + c.weightLb, 0)).toBeCloseTo(
    result.states[0]!.weights.totalLb,
    6,
  );
});
