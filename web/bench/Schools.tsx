import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import { isOpen, schoolOf } from '#core/advice';
import type { School } from '#core/advice';
import { saidChange, saidFigure } from '#core/kernel';
import type { Evaluation, Figure, Question } from '#core/kernel';
import { house } from '#core/subjects';
import { useLater, useUnits } from '../common';
import { classes } from '../panel';
import type { Bench } from '../session';
import look from './schools.module.css';

/** A figure as it is said in the row of a question. */
const text = (figure: Figure, value: number | undefined): string => saidFigure(figure, value ?? 0);

/** Each way of a question with what it comes to. */
function Ways({
  school,
  question,
  evaluation,
  bench,
}: {
  school: School;
  question: Question;
  evaluation: Evaluation;
  bench: Bench;
}) {
  const { say } = useUnits();
  const differing = house.figures.filter(
    (figure) => new Set(school.sides.map(({ figures }) => say(text(figure, figures[figure.id])))).size > 1,
  );
  // What is shown may be of the truck as it was a moment ago; what is taken is of the truck as it is.
  const take = (id: string, name: string) => {
    const build = house.waysOf(question, evaluation).find((way) => way.id === id)?.build;
    if (build) bench.change({ build, words: `${question.question} ${name}` });
  };
  return (
    <>
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
            {school.sides.map(({ id, name, chosen }) => (
              <td key={id}>
                {!chosen && (
                  <Button
                    size="compact-xs"
                    variant="default"
                    onClick={() => take(id, name)}
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
    </>
  );
}

function Card({ question, evaluation, bench }: { question: Question; evaluation: Evaluation; bench: Bench }) {
  const [open, setOpen] = useState(false);
  const pieces = useMemo(
    () => new Map(open ? [[question.id, () => schoolOf(evaluation, question)]] : []),
    [open, evaluation, question],
  );
  const school = useLater(pieces).values.get(question.id);
  return (
    <details className={look.school} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{question.question}</summary>
      {school && <Ways school={school} question={question} evaluation={evaluation} bench={bench} />}
    </details>
  );
}

/** The questions of a step on which good departments differ, each way with what it comes to on this truck. */
export function Schools({ evaluation, step, bench }: { evaluation: Evaluation; step: string; bench: Bench }) {
  const pieces = useMemo(
    () =>
      new Map(
        house.questionsOf(step).map((question) => [question.id, () => isOpen(evaluation, question)] as const),
      ),
    [evaluation, step],
  );
  const open = useLater(pieces).values;
  const questions = house.questionsOf(step).filter(({ id }) => open.get(id));
  if (questions.length === 0) return null;
  return (
    <section className={classes.group} aria-label="Two ways">
      <h3 className={classes.groupTitle}>Two ways to do it, on this truck</h3>
      {questions.map((question) => (
        <Card key={question.id} question={question} evaluation={evaluation} bench={bench} />
      ))}
    </section>
  );
}
