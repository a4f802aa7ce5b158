import { ActionIcon, NativeSelect, TextInput } from '@mantine/core';
import { IconX } from '../icons';
import type { Field } from '#core/build';
import { COMMON_FIELDS, KNOWN_NAMES, ownFieldsOf, unitOfField, WISH_NAMES } from '#core/subjects/brief';
import type { BriefKind, BriefLine } from '#core/subjects/brief';
import { FigureField, KeptText, useUnits } from '../common';
import classes from './brief.module.css';

const options = (names: Readonly<Record<string, string>>, without: readonly string[] = []) =>
  Object.entries(names)
    .filter(([value]) => !without.includes(value))
    .map(([value, label]) => ({ value, label }));

/** So few figures stand beside the name; more have a row of their own. */
const SHORT = 3;

/** A text that may be left out; it is one only when something stands in it. */
export function FreeText({
  label,
  value,
  most,
  onTake,
  placeholder,
}: {
  label: string;
  value: string | undefined;
  most: number;
  placeholder?: string;
  onTake: (text: string | undefined) => void;
}) {
  return (
    <TextInput
      size="xs"
      aria-label={label}
      placeholder={placeholder}
      maxLength={most}
      value={value ?? ''}
      onChange={(event) => onTake(event.currentTarget.value || undefined)}
    />
  );
}

/** One field of a line that is its own: a figure, one of several, or a text. */
function OwnField({
  kind,
  at,
  field,
  line,
  about,
  onTake,
}: {
  kind: BriefKind;
  at: string;
  field: Field;
  line: BriefLine;
  /** Whose field it is, for those who don't see the line. */
  about: string;
  onTake: (value: unknown) => void;
}) {
  const { say } = useUnits();
  const label = say(field.title);
  if (field.kind === 'amount')
    return (
      <FigureField
        label={label}
        title={`${field.title} (${about})`}
        unit={unitOfField(kind, at, line, field)}
        value={line[at] as number | undefined}
        min={field.min}
        max={field.max}
        {...(field.step ? { step: field.step } : {})}
        {...(field.whole ? { whole: true } : {})}
        placeholder={field.optional ? (kind === 'targets' ? 'as the present' : 'not known') : ''}
        onTake={(value) => onTake(field.unit === 'cents' ? Math.round(value) : value)}
        {...(field.optional ? { onEmpty: () => onTake(undefined) } : {})}
      />
    );
  if (field.kind === 'oneOf')
    return (
      <NativeSelect
        size="xs"
        label={label}
        value={line[at] as string}
        onChange={(event) => onTake(event.currentTarget.value)}
        data={options(field.names as Record<string, string>)}
      />
    );
  return (
    <KeptText
      size="xs"
      label={label}
      maxLength={80}
      value={(line[at] as string | undefined) ?? ''}
      onTake={onTake}
    />
  );
}

/** A line of a brief: how much it counts, its name and figures, who asked for it and why. */
export function LineForm({
  kind,
  title,
  line,
  onTake,
  onRemove,
  canBeOut = false,
}: {
  kind: BriefKind;
  title: string;
  line: BriefLine;
  onTake: (line: BriefLine) => void;
  onRemove?: () => void;
  canBeOut?: boolean;
}) {
  const name = line.name ?? title;
  const take = (change: Record<string, unknown>) => {
    // Who writes a figure over knows it: it is assumed no longer.
    const isFigure = Object.keys(change).some((key) => !(key in COMMON_FIELDS) && key !== 'name');
    const next: BriefLine = {
      ...line,
      ...(isFigure && line.known === 'assumed' ? { known: 'told' } : {}),
      ...change,
    };
    for (const key of Object.keys(change)) if (next[key] === undefined) delete next[key];
    onTake(next);
  };
  const own = ownFieldsOf(kind);
  return (
    <li
      className={classes.line}
      data-assumed={line.known === 'assumed'}
      data-short={own.length <= SHORT}
      data-named={line.name !== undefined}
      aria-label={name}
    >
      <div className={classes.about}>
        <NativeSelect
          size="xs"
          className={classes.wish!}
          aria-label={`How much it counts: ${name}`}
          value={line.wish}
          onChange={(event) => take({ wish: event.currentTarget.value })}
          data={options(WISH_NAMES, canBeOut ? [] : ['out'])}
        />
        {line.name !== undefined && (
          <KeptText
            size="xs"
            className={classes.name!}
            aria-label={`Name: ${name}`}
            maxLength={80}
            value={line.name}
            onTake={(text) => take({ name: text })}
          />
        )}
      </div>
      {own.length > 0 && (
        <div className={classes.fields}>
          {own.map(([at, field]) => (
            <OwnField
              key={at}
              kind={kind}
              at={at}
              field={field}
              line={line}
              about={name}
              onTake={(value) => take({ [at]: value })}
            />
          ))}
        </div>
      )}
      <div className={classes.asked}>
        <NativeSelect
          size="xs"
          className={classes.known!}
          aria-label={`How it is known: ${name}`}
          value={line.known}
          onChange={(event) => take({ known: event.currentTarget.value })}
          data={options(KNOWN_NAMES)}
        />
        <div className={classes.who}>
          <FreeText
            label={`Asked for by: ${name}`}
            placeholder="Asked for by"
            most={COMMON_FIELDS.who.most}
            value={line.who}
            onTake={(who) => take({ who })}
          />
        </div>
        <div className={classes.why}>
          <FreeText
            label={`Why: ${name}`}
            placeholder="Why"
            most={COMMON_FIELDS.why.most}
            value={line.why}
            onTake={(why) => take({ why })}
          />
        </div>
        {onRemove && (
          <ActionIcon
            variant="subtle"
            color="gray"
            c="var(--ink)"
            aria-label={`Remove: ${name}`}
            onClick={onRemove}
          >
            <IconX size={16} />
          </ActionIcon>
        )}
      </div>
    </li>
  );
}
