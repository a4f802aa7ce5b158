import { figureOf, STATUS_WORDS, worstFirst } from '../kernel/index.js';
import type { Finding, TableOf } from '../kernel/index.js';

/** Every finding, the worst first, with the load state in which it is worst and where its limit comes from. */
export const findingsTable = (findings: Finding[]): TableOf => ({
  title: 'Checks',
  columns: [
    { head: 'State' },
    { head: 'Check' },
    { head: 'Figure', figure: true },
    { head: 'Limit', figure: true },
    { head: 'Worst in' },
    { head: 'Basis' },
  ],
  rows: worstFirst(findings).map((finding) => ({
    id: finding.id,
    ...(finding.status === 'fails' ? { wrong: [0] } : {}),
    cells: [
      STATUS_WORDS[finding.status],
      finding.title,
      figureOf(finding.actual, finding),
      figureOf(finding.limit, finding),
      finding.state?.name.toLowerCase() ?? '',
      finding.basis,
    ],
  })),
});
