import { stepsFor, stepTitle } from '#core/review';
import type { CheckId, Evaluation } from '#core/review';
import type { StepId } from '#core/rig';
import { catalogueOf } from '#core/spec';
import type { BuildSpec } from '#core/spec';
import { choicesFor } from '#core/study';
import { lb, SYSTEM_NAMES, UNIT_SYSTEMS } from '#core/units';
import type { UnitSystem } from '#core/units';
import { statusWord } from '../common';
import { VIEWS } from '../drawing';
import type { Arrangement } from '../drawing';
import type { FileAction } from '../files';
import type { Entry } from '../palette';

interface Hands {
  say: (text: string) => string;
  goTo: (step: StepId) => void;
  open: (check: CheckId) => void;
  point: (ids: string[]) => void;
  arrange: (arrangement: Arrangement) => void;
  show: (panel: 'money' | 'assumed') => void;
  visit: (path: string) => void;
  units: (system: UnitSystem) => void;
  undo: () => void;
  redo: () => void;
  files: FileAction[];
  keys: () => void;
  addEquipment: (partId: string) => void;
}

/** Everything on the bench that can be found by name. */
export function entriesOf(id: string, spec: BuildSpec, { rig, findings }: Evaluation, hands: Hands): Entry[] {
  const { say } = hands;
  const steps = stepsFor(spec);
  const inSteps = steps.filter((step): step is Exclude<StepId, 'equipment'> => step !== 'equipment').flatMap((step) =>
    choicesFor(spec, step).flatMap((choice): Entry[] => [
      { id: `choice-${choice.id}`, group: 'Choices', name: say(choice.title), note: stepTitle(step), run: () => hands.goTo(step) },
      ...(choice.kind === 'amount' ? [] : choice.options.filter((option) => option.id !== 'none').map((option): Entry => ({ id: `part-${choice.id}-${option.id}`, group: 'Parts', name: say(option.label), note: option.chosen ? 'chosen' : stepTitle(step), run: () => hands.goTo(step) }))),
    ]));
  return [
    ...steps.map((step, i): Entry => ({ id: `step-${step}`, group: 'Steps', name: stepTitle(step), note: `step ${i + 1}`, run: () => hands.goTo(step) })),
    ...findings.map((finding): Entry => ({ id: `finding-${finding.id}`, group: 'Findings', name: say(finding.title), note: statusWord(finding.status), run: () => hands.open(finding.id) })),
    ...rig.components.filter(({ weightLb }) => weightLb > 0).map((component): Entry => ({ id: `component-${component.id}`, group: 'Components', name: say(component.name), note: say(lb(component.weightLb)), run: () => { hands.goTo(component.step); hands.point([component.id]); } })),
    ...inSteps,
    ...catalogueOf(spec).for('equipment', spec.type).map((part): Entry => ({ id: `equipment-part-${part.id}`, group: 'Equipment to add', name: say(part.name), note: say(lb(part.weightLb)), run: () => hands.addEquipment(part.id) })),
    ...(Object.keys(VIEWS) as (keyof typeof VIEWS)[]).map((view): Entry => ({ id: `view-${view}`, group: 'Views', name: VIEWS[view].label, run: () => hands.arrange(view) })),
    { id: 'view-all', group: 'Views', name: 'All views', run: () => hands.arrange('all') },
    { id: 'money', group: 'Panels', name: 'Money: price by step, budget', note: '$', run: () => hands.show('money') },
    { id: 'assumed', group: 'Panels', name: 'Still assumed', note: 'A', run: () => hands.show('assumed') },
    { id: 'yard', group: 'Screens', name: 'The yard: all departments', run: () => hands.visit('/') },
    { id: 'weights', group: 'Screens', name: 'Weights: sheet, load states, filling, sides, certainty', note: 'W', run: () => hands.visit(`/builds/${id}/weights`) },
    { id: 'advice', group: 'Screens', name: 'Advice: changes and pairs that mend it', run: () => hands.visit(`/builds/${id}/weights/advice`) },
    { id: 'limits', group: 'Screens', name: 'Limits held against: choose, copy, change', run: () => hands.visit(`/builds/${id}/weights/limits`) },
    { id: 'history', group: 'Screens', name: 'History of this build', note: 'H', run: () => hands.visit(`/builds/${id}/history`) },
    { id: 'catalogue', group: 'Screens', name: 'Catalogue', run: () => hands.visit('/catalogue') },
    ...UNIT_SYSTEMS.map((system): Entry => ({ id: `units-${system}`, group: 'Units', name: SYSTEM_NAMES[system], run: () => hands.units(system) })),
    ...hands.files.map(({ id: file, name, run }): Entry => ({ id: `file-${file}`, group: 'Files', name, run })),
    { id: 'undo', group: 'Actions', name: 'Undo', note: 'Ctrl Z', run: hands.undo },
    { id: 'redo', group: 'Actions', name: 'Redo', note: 'Ctrl Shift Z', run: hands.redo },
    { id: 'keys', group: 'Actions', name: 'Keys', note: '?', run: hands.keys },
  ];
}
