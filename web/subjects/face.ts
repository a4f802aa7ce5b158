import type { ComponentType, LazyExoticComponent } from 'react';
import type { Evaluation } from '#core/kernel';
import type { Entry } from '../palette';
import type { Bench } from '../session';

/** What a panel in the bench is given: the build with the department's own parts on offer, evaluated. */
export interface PanelProps {
  evaluation: Evaluation;
  bench: Bench;
  pointAt: (ids: string[]) => void;
}

/** A panel that is opened from anywhere on the bench. */
export interface SidePanel {
  title: string;
  key: string;
  /** What is found under it by name. */
  name: string;
  /** What the bench shows of it above the drawing. */
  summary?: (evaluation: Evaluation) => string;
  Panel: LazyExoticComponent<ComponentType<{ evaluation: Evaluation; bench: Bench; onClose: () => void }>>;
}

/** A section of the analysis screen. */
export interface Section {
  id: string;
  title: string;
  /** Under which head it is found. */
  group: string;
  Section: LazyExoticComponent<ComponentType> | ComponentType;
}

/** What can be found by name: parts to add, things to go to. */
export type Entries = (
  evaluation: Evaluation,
  say: (text: string) => string,
  bench: Bench,
  goTo: (step: string) => void,
  /** Goes to a section of the analysis, with what is asked of it. */
  show: (section: string, asked?: Record<string, string>) => void,
) => Entry[];

/**
 * How a subject shows itself, beyond what every screen makes of its choices and findings. All of it loads
 * when it is needed.
 */
export interface Face {
  /** Its part of a step's panel, where options alone don't do. */
  panel?: LazyExoticComponent<ComponentType<PanelProps>>;
  side?: SidePanel;
  sections?: Section[];
  /** What of it can be found by name, with what happens then. */
  entries?: Entries;
  /** Where its things are: found before what else has that name. */
  whereabouts?: Entries;
}
