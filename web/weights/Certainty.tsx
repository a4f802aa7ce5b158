import { SegmentedControl, Table } from '@mantine/core';
import { useMemo, useState } from 'react';
import { certaintyOf } from '#core/study';
import type { Measured } from '#core/study';
import { bare, formatPct, lb } from '#core/units';
import { useUnits } from '../common';
import { useSession } from '../session';
import classes from './weights.module.css';

const OF = [{ value: 'front', label: 'Front axle' }, { value: 'rear', label: 'Rear axle' }, { value: 'gross', label: 'Gross' }];

/** Nothing that is calculated is certain. */
const probability = (p: number) => (p > 0.999 ? 'over 99.9 %' : p < 0.001 ? 'under 0.1 %' : formatPct(p * 100));

/** How sure the loads are, what makes most of the doubt, and what weighing each of it would gain. */
export function Certainty() {
  const { evaluation } = useSession();
  const { say, unit } = useUnits();
  const [measured, setMeasured] = useState<Measured>('front');
  const all = useMemo(() => (['front', 'rear', 'gross'] as const).map((of) => certaintyOf(evaluation, of)), [evaluation]);
  const certainty = all.find((of) => of.measured === measured)!;
  return (
    <>
      <Table className={classes.table} verticalSpacing={4} aria-label="Certainty">
        <Table.Thead><Table.Tr><Table.Th>In service</Table.Th><Table.Th ta="right">Load, {unit('lb')}</Table.Th><Table.Th ta="right">95 % band, ± {unit('lb')}</Table.Th><Table.Th ta="right">Rating, {unit('lb')}</Table.Th><Table.Th ta="right">Within the rating, probability</Table.Th></Table.Tr></Table.Thead>
        <Table.Tbody>
          {all.map((of, i) => (
            <Table.Tr key={of.measured}><Table.Td fw={500}>{OF[i]!.label}</Table.Td><Table.Td ta="right" className="figures">{say(bare(lb(of.loadLb)))}</Table.Td><Table.Td ta="right" className="figures">{say(bare(lb(of.bandLb)))}</Table.Td><Table.Td ta="right" className="figures">{say(bare(lb(of.limitLb)))}</Table.Td><Table.Td ta="right" className="figures">{probability(of.probabilityWithin)}</Table.Td></Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <h2 className={classes.sub}>What makes most of the doubt</h2>
      <SegmentedControl size="xs" aria-label="Doubt of" data={OF} value={measured} onChange={(value) => setMeasured(value as Measured)} />
      <Table className={classes.table} verticalSpacing={4} aria-label="What makes most of the doubt">
        <Table.Thead><Table.Tr><Table.Th>Component</Table.Th><Table.Th ta="right">Weight, {unit('lb')}</Table.Th><Table.Th>Basis</Table.Th><Table.Th ta="right">Of the doubt</Table.Th><Table.Th>If it were weighed</Table.Th></Table.Tr></Table.Thead>
        <Table.Tbody>
          {certainty.doubts.map((doubt) => (
            <Table.Tr key={doubt.componentId}>
              <Table.Td fw={500}>{say(doubt.name)}</Table.Td><Table.Td ta="right" className="figures">{say(bare(lb(doubt.weightLb)))}</Table.Td><Table.Td>{doubt.basis}, ± {doubt.tolerancePct} %</Table.Td>
              <Table.Td ta="right" className="figures">{formatPct(doubt.sharePct)}</Table.Td><Table.Td className="figures">{say(`± ${bare(lb(certainty.bandLb))} → ± ${lb(doubt.afterBandLb)}`)}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <p className={classes.says}>Components are taken as independent; a tolerance is two standard deviations. Weighed beats calculated beats catalogued beats estimated: write a weighed figure into the sheet and the band narrows.</p>
    </>
  );
}
