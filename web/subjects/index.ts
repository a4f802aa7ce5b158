import { house } from '#core/subjects';
import { air } from './air';
import { body } from './body';
import { bridges } from './bridges';
import { brief } from './brief';
import { equipment } from './equipment';
import type { Entries, Face } from './face';
import { fires } from './fires';
import { fleet } from './fleet';
import { flood } from './flood';
import { foaming } from './foaming';
import { frame } from './frame';
import { grades } from './grades';
import { ground } from './ground';
import { hose } from './hose';
import { inventory } from './inventory';
import { items } from './items';
import { ladders } from './ladders';
import { limits } from './limits';
import { lines } from './lines';
import { money } from './money';
import { operating } from './operating';
import { plumbing } from './plumbing';
import { pulling } from './pulling';
import { rolling } from './rolling';
import { rural } from './rural';
import { service } from './service';
import { shelving } from './shelving';
import { station } from './station';
import { stowing } from './stowing';
import { streets } from './streets';
import { weights } from './weights';

export type { Face, PanelProps, Section, SidePanel } from './face';

/** How subjects show themselves, by their ids; a subject that is not here is shown by its choices and findings. */
const FACES: Readonly<Record<string, Face>> = {
  weights,
  frame,
  limits,
  hose,
  pulling,
  inventory,
  ladders,
  plumbing,
  lines,
  foaming,
  air,
  fires,
  rural,
  rolling,
  operating,
  service,
  body,
  shelving,
  stowing,
  brief,
  station,
  streets,
  bridges,
  grades,
  flood,
  ground,
  fleet,
  equipment,
  items,
  money,
};

/** The faces of subjects in the order of the registry. */
const faces: readonly { id: string; face: Face }[] = house.subjects.flatMap(({ id }) =>
  FACES[id] ? [{ id, face: FACES[id] }] : [],
);

/** The panels of a step and of what is shown under it. */
export const panelsOf = (step: string) =>
  house.inPanelOf(house.subject(step)).flatMap(({ id }) => {
    const Panel = FACES[id]?.panel;
    return Panel ? [{ id, Panel }] : [];
  });

/** The panels that are opened from anywhere on the bench. */
export const SIDES = faces.flatMap(({ id, face }) => (face.side ? [{ id, ...face.side }] : []));

/** The sections of the analysis screen. */
export const SECTIONS = faces.flatMap(({ face }) => face.sections ?? []);

/** What can be found by name of all subjects. */
export const entriesOfSubjects: Entries = (...given) =>
  faces.flatMap(({ face }) => face.entries?.(...given) ?? []);

/** Where the things of all subjects are. */
export const whereaboutsOfSubjects: Entries = (...given) =>
  faces.flatMap(({ face }) => face.whereabouts?.(...given) ?? []);
