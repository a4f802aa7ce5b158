import { describe, expect, it } from 'vitest';
import { remediesFor } from '../advice/index.js';
import { rank, worstFirst } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { often } from './often.js';
import { randomBuild } from './random.js';

/** Findings of one build whose remedies are all applied: the worst one, so that a chance build takes no minute. */
const LOOKED_AT = 1;
/** Less is no difference of a margin, as a share of its limit. */
const NONE = 1e-6;

const BUILDS = Array.from({ length: often(60, 0.01) }, (_, i) => ({
  seed: i + 1,
  build: randomBuild(20_000 + i),
}));

describe('remedies of builds that chance made', () => {
  const offered = BUILDS.flatMap(({ seed, build }) => {
    const before = house.evaluate(build);
    return worstFirst(before.findings.filter(({ status }) => status !== 'holds'))
      .slice(0, LOOKED_AT)
      .flatMap((finding) =>
        remediesFor(before, finding.id).map((remedy) => {
          const after = house.evaluate(house.parse(JSON.parse(JSON.stringify(remedy.build))));
          return { seed, before, finding, remedy, after };
        }),
      );
  });

  it('are many', () => expect(offered.length).toBeGreaterThan(BUILDS.length));

  it('do what they say when they are applied: every figure is that of the build as a file', () => {
    for (const { seed, finding, remedy, after } of offered) {
      const about = `build ${seed}, ${finding.id}: ${remedy.label}`;
      const then = after.finding(finding.id);
      expect(then?.actual, about).toBeCloseTo(remedy.after.actual, 6);
      expect(then?.status, about).toBe(remedy.after.status);
      if (remedy.mends) expect(then!.status, about).not.toBe('fails');
      if (remedy.restores) expect(then!.status, about).toBe('holds');
      expect(then!.margin > finding.margin || rank(then!.status) < rank(finding.status), about).toBe(true);
    }
  });

  it('called harmless, are so in every amount: nothing is over that was not, and nothing further over', () => {
    let harmless = 0;
    for (const { seed, before, finding, remedy, after } of offered) {
      if (remedy.worse.length > 0) continue;
      const about = `build ${seed}, ${finding.id}: ${remedy.label}`;
      for (const then of after.findings) {
        const was = before.finding(then.id);
        expect(rank(then.status), `${about}: ${then.title}`).toBeLessThanOrEqual(
          rank(was?.status ?? 'holds'),
        );
        if (then.status === 'fails' && was)
          expect(was.margin - then.margin, `${about}: ${then.title}`).toBeLessThanOrEqual(
            NONE * Math.max(1, Math.abs(then.limit)),
          );
      }
      // Harm of nothing but a change of some kind: no amount moves the wrong way.
      if (remedy.kind.costs === undefined && remedy.harm <= 0.5) {
        harmless++;
        const [was, is] = [before.figures(house.harmFigures), after.figures(house.harmFigures)];
        for (const { id, harm } of house.harmFigures)
          expect((is[id]! - was[id]!) * (harm!.way === 'up' ? 1 : -1), `${about}: ${id}`).toBeLessThan(1e-6);
      }
    }
    expect(harmless).toBeGreaterThan(BUILDS.length / 20);
  });
});
