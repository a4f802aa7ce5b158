import { Button } from '@mantine/core';
import { useMemo } from 'react';
import type { StepId } from '#core/rig';
import type { BuildSpec } from '#core/spec';
import { schoolsFor, TWO_LINES_GPM } from '#core/study';
import type { Consequences, School } from '#core/study';
import { amount, bare, change as changed, formatMoney, gpm, signed } from '#core/units';
import type { Quantity } from '#core/units';
import { useUnits } from '../common';
import type { Bench } from '../session';
import classes from './bench.module.css';

type Row = { key: keyof Consequences; title: string; unit: Quantity | '$' | 'min' | '°' };

const ROWS: Row[] = [
  { key: 'frontLb', title: 'Front axle', unit: 'lb' }, { key: 'rearLb', title: 'Rear axle', unit: 'lb' }, { key: 'grossLb', title: 'Gross', unit: 'lb' },
  { key: 'heightIn', title: 'Height', unit: 'in' }, { key: 'lengthIn', title: 'Length', unit: 'in' }, { key: 'hoseBedIn', title: 'Hose bed floor', unit: 'in' },
  { key: 'compartmentFt3', title: 'Compartments', unit: 'ft3' }, { key: 'tiltDeg', title: 'Least tilt, rigid', unit: '°' }, { key: 'waterMin', title: 'Water lasts', unit: 'min' }, { key: 'priceCents', title: 'Price', unit: '$' },
];

/** A figure without its unit, which stands in the row's head. */
const text = (value: number, unit: Row['unit']): string => (unit === '$' ? formatMoney(value).replace('$', '') : unit === 'min' || unit === '°' ? (Math.round(value * 10) / 10 + 0).toFixed(1) : bare(amount(value, unit)));
const gain = (value: number, unit: Row['unit']): string => (unit === '$' || unit === 'min' || unit === '°' ? signed(value, (v) => text(v, unit).replace('-', '−')) : changed(text(value, unit)));

function Card({ school, spec, bench }: { school: School; spec: BuildSpec; bench: Bench }) {
  const { say, unit } = useUnits();
  const differing = ROWS.filter(({ key, unit: of }) => new Set(school.sides.map(({ consequences }) => say(text(consequences[key], of)))).size > 1);
  return (
    <details className={classes.school}>
      <summary>{school.question}</summary>
      <table>
        <thead>
          <tr><th scope="col"><span className="unseen">Figure</span></th>{school.sides.map(({ id, name, chosen }) => <th key={id} scope="col">{name}{chosen && <span className={classes.has}>this truck</span>}</th>)}</tr>
        </thead>
        <tbody>
          <tr className={classes.schoolWords}><td />{school.sides.map(({ id, words }) => <td key={id}>{words}</td>)}</tr>
          {differing.map(({ key, title, unit: of }) => (
            <tr key={key}>
              <th scope="row">{title}, {of === '$' || of === 'min' || of === '°' ? of : unit(of)}</th>
              {school.sides.map(({ id, chosen, consequences, change }) => (
                <td key={id} className="figures">{say(text(consequences[key], of))}{!chosen && <span className={classes.gain}>{say(gain(change[key], of))}</span>}</td>
              ))}
            </tr>
          ))}
          <tr><td />{school.sides.map(({ id, name, chosen, spec: then }) => <td key={id}>{!chosen && <Button size="compact-xs" variant="default" onClick={() => bench.change({ spec: then, words: `${school.question} ${name}` })} aria-label={`Take: ${name}`}>Take</Button>}</td>)}</tr>
        </tbody>
      </table>
      {differing.some(({ key }) => key === 'waterMin') && <p className={classes.source} style={{ marginLeft: 0 }}>{say(`Minutes of water at ${gpm(TWO_LINES_GPM[spec.type === 'brush' ? 'brush' : 'structural'])}.`)}</p>}
    </details>
  );
}

/** The questions of a step on which good departments differ, each way with what it comes to on this truck. */
export function Schools({ spec, step, bench }: { spec: BuildSpec; step: StepId; bench: Bench }) {
  const schools = useMemo(() => schoolsFor(spec, step), [spec, step]);
  if (schools.length === 0) return null;
  return (
    <section className={classes.group} aria-label="Two schools">
      <h3 className={classes.groupTitle}>Two schools, on this truck</h3>
      {schools.map((school) => <Card key={school.id} school={school} spec={spec} bench={bench} />)}
    </section>
  );
}
