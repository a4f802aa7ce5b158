import type { Field } from '#core/build';
import { wordsOf } from '#core/build';
import { COMMON_NAMES, ownFieldsOf, TARGET_NAMES } from '#core/subjects/brief';
import type { BriefKind, BriefLine, CommonMatter, TargetFigure } from '#core/subjects/brief';
import { house } from '#core/subjects';
import { amount } from '#core/units';

/** The figures of the truck that a target is about, by their ids in the registry. */
const FIGURE_UNITS: Record<TargetFigure, string> = {
  length: 'in',
  height: 'in',
  wheelbase: 'in',
  gross: 'lb',
  front: 'lb',
  tank: 'gal',
  volume: 'ft3',
};

/** The unit of a field of a line: a target's value is in that of its figure. */
export const unitOf = (kind: BriefKind, key: string, line: BriefLine, field: Field): string =>
  kind === 'targets' && key === 'value'
    ? FIGURE_UNITS[line['figure'] as TargetFigure]
    : field.kind === 'amount'
      ? field.unit
      : '';

/** What a line says, as a short text with its quantities in place. */
export function saidLine(kind: BriefKind, line: BriefLine): string {
  if (kind === 'targets') {
    const figure = line['figure'] as TargetFigure;
    const value =
      line['value'] === undefined
        ? 'the present truck’s'
        : amount(line['value'] as number, FIGURE_UNITS[figure]);
    return `${TARGET_NAMES[figure]} at ${line['sense'] as string} ${value}`;
  }
  if (kind === 'commons') return `${COMMON_NAMES[line['matter'] as CommonMatter]}: ${line['uses'] as string}`;
  const names = house.namesIn({} as never);
  return ownFieldsOf(kind)
    .filter(([key]) => line[key] !== undefined)
    .map(([key, field]) => `${field.title.toLowerCase()} ${wordsOf(field, line[key], names).toLowerCase()}`)
    .join(' · ');
}
