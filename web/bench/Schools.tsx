import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { schoolsFor } from '#core/advice';
import type { School } from '#core/advice';
import { saidChange, saidFigure } from '#core/kernel';
import type { Evaluation, Figure } from '#core/kernel';
import { house } from '#core/subjects';
import { useUnits } from '../common';
import { classes } from '../panel';
import type { Bench } from '../session';
import look from './schools.module.css';

/** A figure as it is said in the row of a question. */
const text = (figure: Figure, value: number | undefined): string => saidFigure(figure, value ?? 0);

function Card({ school, bench }: { school: School; bench: Bench }) {
  const { say } = useUnits();
  const differing = house.figures.filter(
    (figure) => new Set(school.sides.map(({ figures }) => say(text(figure, figures[figure.id])))).size > 1,
  );
  return (
    <details className={look.school}>
      <summary>{school.question}</summary>
      <table>
        <thead>
          <tr>
            <th scope="col">
              <span className="unseen">Figure</span>
            </th>
            {school.sides.map(({ id, name, chosen }) => (
              <th key={id} scope="col">
                {name}
                {chosen && <span className={look.has}>this truck</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr className={look.schoolWords}>
            <td />
            {school.sides.map(({ id, words }) => (
              <td key={id}>{words}</td>
            ))}
          </tr>
          {differing.map((figure) => (
            <tr key={figure.id}>
              <th scope="row">{figure.title}</th>
              {school.sides.map(({ id, chosen, figures, change }) => (
                <td key={id} className="figures">
                  {say(text(figure, figures[figure.id]))}
                  {!chosen && (
                    <span className={look.gain}>{say(saidChange(figure, change[figure.id] ?? 0))}</span>
                  )}
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <td />
            {school.sides.map(({ id, name, chosen, build }) => (
              <td key={id}>
                {!chosen && (
                  <Button
                    size="compact-xs"
                    variant="default"
                    onClick={() => bench.change({ build, words: `${school.question} ${name}` })}
                    aria-label={`Take: ${name}`}
                  >
                    Take
                  </Button>
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
      {differing.flatMap(({ id, note }) =>
        note
          ? [
              <p key={id} className={classes.source} style={{ marginLeft: 0 }}>
                {say(note)}
              </p>,
            ]
          : [],
      )}
    </details>
  );
}

/** The questions of a step on which good departments differ, each way with what it comes to on this truck. */
export function Schools({ evaluation, step, bench }: { evaluation: Evaluation; step: string; bench: Bench }) {
  const schools = useMemo(() => schoolsFor(evaluation, step), [evaluation, step]);
  if (schools.length === 0) return null;
  return (
    <section className={classes.group} aria-label="Two schools">
      <h3 className={classes.groupTitle}>Two schools, on this truck</h3>
      {schools.map((school) => (
        <Card key={school.id} school={school} bench={bench} />
      ))}
    </section>
  );
}
