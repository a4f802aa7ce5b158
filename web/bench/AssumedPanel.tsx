import { ActionIcon, Button } from '@mantine/core';
import { IconX } from '../icons';
import { confirmed } from '#core/build';
import { assumedIn } from '#core/kernel';
import type { Evaluation } from '#core/kernel';
import { counted } from '#core/units';
import { useUnits } from '../common';
import type { Bench } from '../session';
import { classes } from '../panel';
import look from './assumed.module.css';

/** What nobody has confirmed yet, by step, each with what is chosen now. */
export function AssumedPanel({
  evaluation,
  bench,
  onStep,
  onClose,
}: {
  evaluation: Evaluation;
  bench: Bench;
  onStep: (step: string) => void;
  onClose: () => void;
}) {
  const { say } = useUnits();
  const steps = assumedIn(evaluation);
  const all = steps.flatMap(({ choices }) => choices.map(({ id }) => id));
  const confirm = (ids: string[], words: string) =>
    bench.change({ build: confirmed(bench.build, ids), words });
  return (
    <>
      <div className={classes.panelHead}>
        <h2>Still assumed</h2>
        <ActionIcon
          variant="subtle"
          color="gray"
          c="var(--ink)"
          aria-label="Close what is assumed"
          onClick={onClose}
        >
          <IconX size={18} />
        </ActionIcon>
      </div>
      {steps.length === 0 && (
        <p className={classes.note}>Every choice of this build has been made or confirmed.</p>
      )}
      {steps.length > 0 && (
        <div className={look.all}>
          <p>Baros chose these as usual for such a truck. Look them over; change one in its step.</p>
          <Button
            size="xs"
            variant="default"
            onClick={() => confirm(all, `Confirmed ${counted(all.length, 'choice')} at once`)}
          >
            Confirm all {all.length}
          </Button>
        </div>
      )}
      {steps.map(({ step, title, choices }) => (
        <section key={step} className={classes.group} aria-label={title}>
          <h3 className={classes.groupTitle}>
            <button type="button" className={look.toStep} onClick={() => onStep(step)}>
              {title}
            </button>
            <Button
              size="compact-xs"
              variant="default"
              ml="auto"
              onClick={() =>
                confirm(
                  choices.map(({ id }) => id),
                  `Confirmed ${title.toLowerCase()}`,
                )
              }
              aria-label={`Confirm all of ${title}`}
            >
              Confirm all
            </Button>
          </h3>
          <ul className={look.assumedList}>
            {choices.map((choice) => (
              <li key={choice.id}>
                <span>
                  {say(choice.title)}
                  <b className={look.value}>{say(choice.value)}</b>
                </span>
                <Button
                  size="compact-xs"
                  variant="subtle"
                  c="var(--ink)"
                  style={{ flexShrink: 0 }}
                  onClick={() => confirm([choice.id], `Confirmed ${choice.title.toLowerCase()}`)}
                  aria-label={say(`Confirm ${choice.title}`)}
                >
                  Confirm
                </Button>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}
