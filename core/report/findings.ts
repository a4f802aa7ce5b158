import { rank, STATUS_WORDS } from '../review/index.js';
import type { Finding } from '../review/index.js';
import { amount, formatMoney } from '../units/index.js';
import type { TableOf } from './kinds.js';

/** A figure of a finding in its own unit. */
export const figureOf = (value: number, { unit }: Pick<Finding, 'unit'>): string => (unit === '$' ? formatMoney(value) : amount(value, unit));

/** Every finding, the worst first, with the load state in which it is worst and where its limit comes from. */
export const findingsTable = (findings: Finding[]): TableOf => ({
  title: 'Findings',
  columns: [{ head: 'State' }, { head: 'Check' }, { head: 'Figure', figure: true }, { head: 'Limit', figure: true }, { head: 'Worst in' }, { head: 'Basis' }],
  rows: [...findings].sort((a, b) => rank(b.status) - rank(a.status)).map((finding) => ({
    id: finding.id, ...(finding.status === 'fails' ? { over: [0] } : {}),
    cells: [STATUS_WORDS[finding.status], finding.title, figureOf(finding.actual, finding), figureOf(finding.limit, finding), finding.state?.name.toLowerCase() ?? '', finding.basis],
  })),
});
