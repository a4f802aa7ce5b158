import { useMemo, useState } from 'react';
import { act, tasksOf } from '#core/subjects/operating';
import type { Action, Answer, DrillTruck, Panel } from '#core/subjects/operating';

/** A drill under way: what was done so far, and how the panel stands. */
export function useDrill(truck: DrillTruck) {
  const tasks = useMemo(() => tasksOf(truck), [truck]);
  const [taskId, setTask] = useState(tasks[0]!.id);
  const task = tasks.find(({ id }) => id === taskId) ?? tasks[0]!;
  const [log, setLog] = useState<Answer[]>([]);
  const panel: Panel = log.at(-1)?.panel ?? task.start;
  return {
    tasks,
    task,
    panel,
    log,
    done: log.length > 0 && task.done(panel),
    /** What went wrong, with the action at which it did, from 1. */
    mistakes: log.flatMap(({ mistakes }, i) => mistakes.map((mistake) => ({ ...mistake, at: i + 1 }))),
    act: (action: Action) => setLog([...log, act(truck, panel, action)]),
    begin: (id: string) => {
      setTask(id);
      setLog([]);
    },
  };
}
