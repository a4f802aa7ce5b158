import { describe, expect, it } from 'vitest';
import { starterBuild } from '../demonstration/index.js';
import { house } from '../subjects/index.js';
import { withItem } from '../subjects/items/index.js';
import { csvOf, csvRows } from './csv.js';
import { partsCsv, readPartsCsv, readSheet, sheetCsv } from './index.js';

const NAMES = ['=1+1', '+49', '-2', '@SUM(A1)', "'quoted", "'=1+1", 'a=b', '"', 'a,b', '−5', '\tTab'];

describe('a text in a CSV', () => {
  it.each(NAMES)('%s is no formula, and comes back as it was', (name) => {
    const csv = csvOf(['name', 'weight'], [[name, -12.5]]);
    expect(csv.split('\n')[1]).not.toMatch(/^"?[=+\-@\t]/);
    expect(csv).toMatch(/,-12\.5$/);
    expect(csvRows(csv)).toEqual([
      ['name', 'weight'],
      [name, '-12.5'],
    ]);
  });

  it('is so in the weight sheet and in the list of own parts', () => {
    const plain = starterBuild('pumper', 'Engine', 'District');
    const item = { id: 'own-1', name: '=1+1', weightLb: 40, priceCents: 0, xIn: 100, yIn: 0, zIn: 50 };
    const build = withItem(plain, 'own-1', { ...item, basis: 'estimated' });
    const sheet = sheetCsv(house.evaluate(build), 'us');
    expect(sheet).toContain(`"'=1+1"`);
    expect(readSheet(house.evaluate(build), sheet)).toMatchObject({ changes: [], refused: [] });

    const part = { id: 'our-ladder', kind: 'ladder', likeId: 'roof-14', name: '=cmd', figures: [] };
    expect(partsCsv([part], 'us')).toContain(`"'=cmd"`);
    expect(readPartsCsv(partsCsv([part], 'us')).parts).toEqual([part]);
  });
});
