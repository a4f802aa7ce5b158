import 'reflect-metadata';
import { IsString } from 'class-validator';
import { Letters } from '../build/index.js';
import type { Evaluation } from '../kernel/index.js';
import { aboard } from '../subjects/stowing/index.js';
import { inUnits } from '../units/index.js';

/** What is looked for on all trucks. */
export class WhereQuery {
  /** Letters of the name of a piece. */
  @IsString()
  @Letters(2, 80)
  text!: string;
}

/** A line of equipment as it rides on its truck; its figures in place. */
export class CarriedLine {
  lineId!: string;
  name!: string;
  count!: number;
  place!: string;
  /** Its number on the locker map; 0 where it is in no compartment. */
  number!: number;
}

/** A line on one of the trucks. */
export class WhereView extends CarriedLine {
  buildId!: string;
  build!: string;
  department!: string;
}

/** What is found on all trucks: no more than so many lines are told. */
export class WherePage {
  total!: number;
  found!: WhereView[];
}
export const MOST_FOUND = 40;

/** Everything that rides on a truck, with where it is. */
export const carriedLines = (evaluation: Evaluation): CarriedLine[] =>
  evaluation.read(aboard).map(({ line, name, place, number }) => ({
    lineId: line.id,
    name,
    count: line.count,
    place,
    number: number ?? 0,
  }));

/** Whether every word that was typed stands in the name of a piece. */
export const isNamed = ({ name }: Pick<CarriedLine, 'name'>, text: string): boolean => {
  const said = inUnits(name, 'us').toLowerCase();
  return text
    .toLowerCase()
    .split(/\s+/)
    .every((word) => said.includes(word));
};
