import { ActionIcon, Button } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { confirmed } from '#core/build';
import { assumedIn } from '#core/kernel';
import { house } from '#core/subjects';
import { useUnits } from '../common';
import type { Bench } from '../session';
import { classes } from '../panel';
import look from './assumed.module.css';

/** What nobody has confirmed yet, by step. */
export function AssumedPanel({
  bench,
  onStep,
  onClose,
}: {
  bench: Bench;
  onStep: (step: string) => void;
  onClose: () => void;
}) {
  const { say } = useUnits();
  const steps = assumedIn(house, bench.build);
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
                <span>{say(choice.title)}</span>
                <Button
                  size="compact-xs"
                  variant="subtle"
                  c="var(--ink)"
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
