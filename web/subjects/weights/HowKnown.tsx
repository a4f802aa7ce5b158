import { Button } from '@mantine/core';
import { BASIS_TOLERANCE_PCT } from '#core/build';
import type { Basis } from '#core/build';
import type { SheetRow } from '#core/subjects/weights';
import { lb } from '#core/units';
import { useUnits } from '../../common';
import { gridClasses as look } from '../../grid';

/** What a typed weight can rest on, as a person says it. */
const SOURCES: { basis: Basis; words: string }[] = [
  { basis: 'weighed', words: 'weighed' },
  { basis: 'catalogued', words: 'the maker’s figure' },
  { basis: 'estimated', words: 'a guess' },
];

/** Asks how a weight is known that was typed: so much the sum is sure of it. */
export function HowKnown({ row, onSay }: { row: SheetRow; onSay: (basis: Basis, words: string) => void }) {
  const { say } = useUnits();
  return (
    <div role="group" aria-label="How the weight is known" className={look.howKnown}>
      <span role="status">
        {say(`${row.name}, ${lb(row.weightLb)}: how is it known?`)} Until you say, it counts as ±{' '}
        {Number(row.tolerancePct.toFixed(1))} %.
      </span>
      {SOURCES.map(({ basis, words }) => (
        <Button key={basis} size="compact-xs" variant="default" onClick={() => onSay(basis, words)}>
          {words}, ± {BASIS_TOLERANCE_PCT[basis]} %
        </Button>
      ))}
    </div>
  );
}
