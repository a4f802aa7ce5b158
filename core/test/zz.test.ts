import { it } from 'vitest';
import { house } from '../subjects/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { startBuild } from '../demonstration/templates.js';
import { inUnits } from '../units/index.js';
it('shows', () => {
  for (const b of DEMONSTRATION.flatMap(({ builds }) => builds)) {
    try { house.parse(JSON.parse(JSON.stringify(b))); } catch (e) { console.log(b.name, 'PARSE', String(e).slice(0, 300)); }
    const e = house.evaluate(b);
    console.log(b.name, JSON.stringify(e.figures(house.mainFigures)));
    for (const f of e.findings.filter((f) => f.status !== 'holds')) console.log('   ', f.status, f.id, inUnits(f.words, 'us').slice(0, 400));
  }
  for (const t of ['pumper','aerial','brush'] as const) for (const k of ['rural','village','city','wildland'] as const) {
    const b = startBuild(t, k, 'x', 'y'); const e = house.evaluate(b);
    for (const f of e.findings.filter((f) => f.status === 'fails')) console.log(t, k, f.status, f.id, inUnits(f.words, 'us').slice(0, 400));
  }
});
import { riding } from '../subjects/equipment/place.js';
import { compartments } from '../truck/index.js';
import { goesInto, longestIn, roomOfPiece } from '../subjects/equipment/fit.js';
it('misfits', () => {
  const all = [...DEMONSTRATION.flatMap(({ builds }) => builds), ...(['pumper','aerial','brush'] as const).flatMap((t) => (['rural','village','city','wildland'] as const).map((k) => ({...startBuild(t, k, 'x', 'y'), name: t+' '+k})))];
  for (const b of all) {
    const e = house.evaluate(b);
    const cs = e.read(compartments);
    console.log('##', b.name, cs.map((c) => `${c.id}:${longestIn(c).toFixed(0)}in/${c.volumeFt3.toFixed(0)}ft3 full ${(e.read(riding).filter((r) => r.rides.compartment === c).reduce((s, r) => s + roomOfPiece(r.part) * r.line.count, 0) / c.volumeFt3 * 100).toFixed(0)}%`).join(' '));
    for (const { line, part, rides } of e.read(riding)) if (rides.compartment && !goesInto(part, rides.compartment)) console.log(`   ${part.id} ${part.lengthIn}x${part.widthIn}x${part.heightIn} in ${line.compartmentId}; would: ${cs.filter((c) => goesInto(part, c)).map((c) => c.id)}`);
  }
});
