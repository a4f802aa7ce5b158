import { absentIn } from '#core/kernel';
import type { Evaluation } from '#core/kernel';
import { house } from '#core/subjects';
import { components } from '#core/truck';
import { lb, SYSTEM_NAMES, UNIT_SYSTEMS } from '#core/units';
import type { UnitSystem } from '#core/units';
import { SECTIONS_OF_ANALYSIS } from '../analysis';
import { statusWord } from '../common';
import { VIEWS } from '../drawing';
import type { FileAction } from '../files';
import type { Entry } from '../palette';
import type { Bench } from '../session';
import { entriesOfSubjects, SIDES, whereaboutsOfSubjects } from '../subjects';
import type { Going } from './going';

/** What is done with what was found. */
export interface Hands {
  say: (text: string) => string;
  bench: Bench;
  /** Goes there on the bench, from whichever screen. */
  go: (going: Going) => void;
  visit: (path: string) => void;
  units: (system: UnitSystem) => void;
  files: FileAction[];
  keys: () => void;
}

/** Everything of a build that can be found by name. */
export function entriesOf(id: string, evaluation: Evaluation, hands: Hands): Entry[] {
  const { say } = hands;
  const goTo = (step: string) => hands.go({ step });
  const show = (section: string, asked: Record<string, string> = {}) =>
    hands.visit(`/builds/${id}/analysis/${section}?${new URLSearchParams(asked)}`);
  const { build, findings } = evaluation;
  const steps = house.stepsFor(build);
  const titleOf = (step: string) => house.subject(step).title;
  const inSteps = steps.flatMap((step) =>
    house.choicesIn(step, evaluation).flatMap((choice): Entry[] => [
      {
        id: `choice-${choice.id}`,
        group: 'Choices',
        name: say(choice.title),
        note: step.title,
        run: () => goTo(step.id),
      },
      ...(choice.kind === 'pick' || choice.kind === 'toggle'
        ? choice.options
            .filter((option) => option.id !== 'none')
            .map((option): Entry => ({
              id: `part-${choice.id}-${option.id}`,
              group: 'Parts',
              name: say(option.label),
              note: option.chosen ? 'chosen' : step.title,
              run: () => goTo(step.id),
            }))
        : []),
    ]),
  );
  return [
    ...steps.map((step, i): Entry => ({
      id: `step-${step.id}`,
      group: 'Steps',
      name: step.title,
      note: `step ${i + 1}`,
      run: () => goTo(step.id),
    })),
    ...findings.map((finding): Entry => ({
      id: `finding-${finding.id}`,
      group: 'Checks',
      name: say(finding.title),
      note: statusWord(finding.status),
      run: () => hands.go({ finding: finding.id }),
    })),
    ...whereaboutsOfSubjects(evaluation, say, hands.bench, goTo, show),
    ...evaluation
      .read(components)
      .filter(({ weightLb }) => weightLb > 0)
      .map((component): Entry => ({
        id: `component-${component.id}`,
        group: 'Components',
        name: say(component.name),
        note: `${say(lb(component.weightLb))}, ${titleOf(component.step).toLowerCase()}`,
        run: () => hands.go({ step: component.step, point: [component.id] }),
      })),
    ...inSteps,
    ...steps.flatMap((step) =>
      absentIn(house, build, step.id).map((absent): Entry => ({
        id: `absent-${absent.id}`,
        group: 'Not on this truck',
        name: say(absent.title),
        note: say(absent.because),
        run: () => goTo(step.id),
      })),
    ),
    ...entriesOfSubjects(evaluation, say, hands.bench, goTo, show),
    ...(Object.keys(VIEWS) as (keyof typeof VIEWS)[]).map((view): Entry => ({
      id: `view-${view}`,
      group: 'Views',
      name: VIEWS[view].label,
      run: () => hands.go({ view }),
    })),
    { id: 'view-all', group: 'Views', name: 'All views', run: () => hands.go({ view: 'all' }) },
    ...SIDES.map(({ id: side, name, key }): Entry => ({
      id: side,
      group: 'Panels',
      name,
      note: key,
      run: () => hands.go({ panel: side }),
    })),
    {
      id: 'assumed',
      group: 'Panels',
      name: 'Still assumed',
      note: 'A',
      run: () => hands.go({ panel: 'assumed' }),
    },
    { id: 'yard', group: 'Screens', name: 'The yard: all departments', run: () => hands.visit('/') },
    ...SECTIONS_OF_ANALYSIS.map(({ id: section, title, group }): Entry => ({
      id: `section-${section}`,
      group: 'Analysis',
      name: title,
      note: group,
      run: () => hands.visit(`/builds/${id}/analysis/${section}`),
    })),
    {
      id: 'history',
      group: 'Screens',
      name: 'History of this build',
      note: 'H',
      run: () => hands.visit(`/builds/${id}/history`),
    },
    { id: 'catalogue', group: 'Screens', name: 'Catalog', run: () => hands.visit('/catalogue') },
    ...UNIT_SYSTEMS.map((system): Entry => ({
      id: `units-${system}`,
      group: 'Units',
      name: SYSTEM_NAMES[system],
      run: () => hands.units(system),
    })),
    ...hands.files.map(({ id: file, name, run }): Entry => ({
      id: `file-${file}`,
      group: 'Files',
      name,
      run,
    })),
    { id: 'undo', group: 'Actions', name: 'Undo', note: 'Ctrl Z', run: hands.bench.undo },
    { id: 'redo', group: 'Actions', name: 'Redo', note: 'Ctrl Shift Z', run: hands.bench.redo },
    { id: 'keys', group: 'Actions', name: 'Keys', note: '?', run: hands.keys },
  ];
}
