import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useState } from 'react';
import { actionOf, isOn, MOST_SET_PSI, procedures, reads, shownOn } from '#core/subjects/operating';
import type { DrillTruck } from '#core/subjects/operating';
import { panelSheets } from '#core/subjects/plumbing';
import { useKeepDrill } from '../../api';
import { notify, sectionClasses, useUnits, whoAmI } from '../../common';
import { PanelPicture } from '../../pump-panel';
import { useSession } from '../../session';
import { Cab } from './Cab';
import classes from './operating.module.css';
import { Steps } from './Steps';
import { useDrill } from './useDrill';

/** One drill: the person works the panel, the truck answers by its hydraulics. */
export function Drill({ truck }: { truck: DrillTruck }) {
  const { evaluation, id } = useSession();
  const { say, show, read, unit } = useUnits();
  const { tasks, task, panel, log, mistakes, done, act, begin } = useDrill(truck);
  const [who, setWho] = useState(whoAmI());
  const [set, setSet] = useState<number | string>('');
  const keep = useKeepDrill(id);
  const gauges = reads(truck, panel);
  const sheet = evaluation.read(panelSheets).find(({ operator }) => operator);
  const steps = evaluation.read(procedures).filter((one) => task.procedures.includes(one.id));
  const last = log.at(-1);
  const throttle = () => {
    const asked = read('psi', Number(set));
    if (set === '' || !Number.isFinite(asked)) return;
    act({ kind: 'throttle', psi: asked });
  };
  return (
    <>
      <div className={classes.task}>
        <NativeSelect
          size="xs"
          w={260}
          label="Drill"
          value={task.id}
          onChange={(event) => begin(event.currentTarget.value)}
          data={tasks.map(({ id: value, title }) => ({ value, label: title }))}
        />
        <Button size="compact-sm" variant="default" onClick={() => begin(task.id)}>
          Begin again
        </Button>
        <p className={classes.asked}>{say(task.words)}</p>
      </div>
      <div className={classes.work}>
        {sheet && (
          <PanelPicture
            sheet={sheet}
            opened={null}
            onOpen={() => undefined}
            onMove={() => undefined}
            works={{
              can: (one) => actionOf(one) !== null,
              isOn: (one) => isOn(one, panel),
              reads: (one) => shownOn(one, panel, gauges),
              press: (one) => act(actionOf(one)!),
            }}
          />
        )}
        <div className={classes.side}>
          <Cab truck={truck} panel={panel} act={act} />
          <div className={classes.throttle}>
            <NumberInput
              size="xs"
              w={150}
              label="Governor or throttle"
              suffix={` ${unit('psi')}`}
              min={0}
              max={Math.round(show('psi', MOST_SET_PSI))}
              step={5}
              value={set}
              onChange={setSet}
              onKeyDown={(event) => event.key === 'Enter' && throttle()}
            />
            <Button size="compact-sm" variant="default" onClick={throttle}>
              Set it
            </Button>
            <Button size="compact-sm" variant="default" onClick={() => act({ kind: 'throttle', psi: 0 })}>
              To idle
            </Button>
            <p className={classes.answer} role="status">
              {last ? say(`${last.did}. ${last.says}`) : 'Work the truck: press what you would press.'}
              {done && <strong> Done as asked.</strong>}
            </p>
          </div>
          <section aria-label="Mistakes">
            <h3 className={sectionClasses.sub}>{mistakes.length === 0 ? 'No mistake yet' : 'Mistakes'}</h3>
            <ol className={classes.mistakes}>
              {mistakes.map((mistake, i) => (
                <li key={i}>
                  <span className={classes.at}>At {mistake.at}: </span>
                  {say(mistake.words)}
                </li>
              ))}
            </ol>
            <form
              className={classes.keep}
              onSubmit={(event) => {
                event.preventDefault();
                keep.mutate(
                  {
                    who: who.trim(),
                    task: task.id,
                    title: task.title,
                    done,
                    actions: log.length,
                    mistakes: mistakes.map(({ id: of, words, at }) => ({ id: of, words, at })),
                  },
                  {
                    onSuccess: () => {
                      void notify({ message: `Kept in the log of ${who.trim()}` });
                      begin(task.id);
                    },
                    onError: (error) => void notify({ message: `Not kept: ${error.message}` }),
                  },
                );
              }}
            >
              <TextInput
                size="xs"
                label="Who drills"
                maxLength={60}
                value={who}
                onChange={(event) => setWho(event.currentTarget.value)}
              />
              <Button
                size="compact-sm"
                type="submit"
                loading={keep.isPending}
                disabled={who.trim() === '' || log.length === 0}
              >
                Keep in the log
              </Button>
            </form>
          </section>
        </div>
      </div>
      <section aria-label="What was done">
        <h3 className={sectionClasses.sub}>What was done</h3>
        {log.length === 0 && <p className={sectionClasses.says}>Nothing yet.</p>}
        <ol className={classes.done}>
          {log.map(({ did, mistakes: wrong }, i) => (
            <li key={i} data-wrong={wrong.length > 0}>
              {say(did)}
              {wrong.length > 0 && ': a mistake'}
            </li>
          ))}
        </ol>
      </section>
      <details className={classes.help}>
        <summary>The steps of the card</summary>
        <div className={classes.procedures}>
          {steps.map((procedure) => (
            <Steps key={procedure.id} procedure={procedure} />
          ))}
        </div>
      </details>
    </>
  );
}
