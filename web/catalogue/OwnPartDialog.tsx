import { Button, Checkbox, Group, Modal, NativeSelect, NumberInput, Stack, TextInput } from '@mantine/core';
import { useState } from 'react';
import { problemsOfPart } from '#core/exchange';
import { FIGURE_SOURCES } from '#core/kernel';
import type { FigureSource, OwnPart, PartFigure } from '#core/kernel';
import { house } from '#core/subjects';
import { useKeepParts } from '../api';
import { useUnits } from '../common';
import { fileName } from '../files';
import classes from './catalogue.module.css';

type Field = {
  id: string;
  title: string;
  unit: 'cents' | 'lb';
  min: number;
  max: number;
  none?: string;
  yesNo?: true;
  read: (part: unknown) => number;
};

interface FieldProps {
  field: Field;
  /** The shipped part that it is like. */
  like: unknown;
  figure: PartFigure | undefined;
  onChange: (figure: PartFigure | null) => void;
}

const SAID = { '1': 'yes', '0': 'no' };

/** Whether the part allows one of several things: as the one that it is like, where nothing is said. */
function YesNoField({ field, like, figure, onChange }: FieldProps) {
  return (
    <div className={classes.figureRow}>
      <label htmlFor={`figure-${field.id}`}>{field.title}</label>
      <NativeSelect
        id={`figure-${field.id}`}
        size="xs"
        data={[
          { value: '', label: `${field.read(like) === 1 ? SAID['1'] : SAID['0']}, as that one` },
          ...Object.entries(SAID).map(([value, label]) => ({ value, label })),
        ]}
        value={figure ? String(figure.value) : ''}
        onChange={(event) => {
          const { value } = event.currentTarget;
          onChange(value === '' ? null : { field: field.id, value: Number(value), source: 'brochure' });
        }}
      />
      <span />
    </div>
  );
}

/** One figure: its value in the person's units, empty where it is not known, and where it comes from. */
function FigureField({ field, like, figure, onChange }: FieldProps) {
  const { show, read, unit, decimals } = useUnits();
  const money = field.unit === 'cents';
  const shown = (value: number) =>
    money ? value / 100 : Number(show(field.unit as 'lb', value).toFixed(decimals(field.unit as 'lb') + 1));
  const ours = (value: number) => (money ? Math.round(value * 100) : read(field.unit as 'lb', value));
  const [typed, setTyped] = useState<number | string>(figure ? shown(figure.value) : '');
  return (
    <div className={classes.figureRow}>
      <label htmlFor={`figure-${field.id}`}>
        {field.title}
        {field.none && <span className="quiet">, 0 if {field.none}</span>}
      </label>
      <NumberInput
        id={`figure-${field.id}`}
        size="xs"
        value={typed}
        placeholder={
          field.none && field.read(like) === 0
            ? field.none
            : `${money ? '$' : ''}${shown(field.read(like)).toLocaleString('en-US')}${money ? '' : ` ${unit(field.unit as 'lb')}`}`
        }
        thousandSeparator=","
        hideControls
        classNames={{ input: 'figures' }}
        {...(money ? { prefix: '$' } : { suffix: ` ${unit(field.unit as 'lb')}` })}
        onChange={(to) => {
          setTyped(to);
          onChange(
            typeof to === 'number'
              ? { field: field.id, value: ours(to), source: figure?.source ?? 'brochure' }
              : null,
          );
        }}
      />
      <NativeSelect
        size="xs"
        aria-label={`Source of ${field.title.toLowerCase()}`}
        data={[...FIGURE_SOURCES]}
        value={figure?.source ?? 'brochure'}
        disabled={!figure}
        onChange={(event) =>
          figure && onChange({ ...figure, source: event.currentTarget.value as FigureSource })
        }
      />
    </div>
  );
}

/** A new own part, or another version of one: what it is like, and the figures that are known of the real one. */
export function OwnPartDialog({
  departmentId,
  part,
  taken,
  onClose,
}: {
  departmentId: string;
  part: OwnPart | null;
  taken: OwnPart[];
  onClose: () => void;
}) {
  const { say } = useUnits();
  const keep = useKeepParts(departmentId);
  const [kind, setKind] = useState<string>(part?.kind ?? 'pump');
  const [likeId, setLike] = useState(part?.likeId ?? house.shelf('pump').shipped.all()[0]!.id);
  const [corrects, setCorrects] = useState(part ? part.id === part.likeId : false);
  const [name, setName] = useState(part?.name ?? '');
  const [figures, setFigures] = useState<PartFigure[]>(part?.figures ?? []);
  const [problems, setProblems] = useState<string[]>([]);
  const like = house.shelf(kind).shipped.find(likeId);
  const options = house
    .shelf(kind)
    .shipped.all()
    .map((option) => ({ value: option.id, label: say(option.name) }));
  const freeId = () => {
    const base = `own-${fileName(name).slice(0, 50)}`;
    for (let n = 1; ; n++) {
      const id = n === 1 ? base : `${base}-${n}`;
      if (!taken.some((other) => other.kind === kind && other.id === id)) return id;
    }
  };
  const submit = () => {
    const made: OwnPart = {
      id:
        part && part.kind === kind
          ? corrects
            ? likeId
            : part.id === part.likeId
              ? freeId()
              : part.id
          : corrects
            ? likeId
            : freeId(),
      kind,
      likeId,
      name: name.trim(),
      figures,
    };
    const wrong = problemsOfPart(made);
    setProblems(wrong);
    if (wrong.length === 0) keep.mutate([made], { onSuccess: onClose });
  };
  return (
    <Modal opened onClose={onClose} title={part ? `Change ${part.name}` : 'New part'} centered size="lg">
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <Stack gap="xs">
          <NativeSelect
            label="Kind"
            data={house.ownShelves.map((shelf) => ({ value: shelf.kind, label: shelf.title }))}
            value={kind}
            disabled={part !== null}
            onChange={(event) => {
              const next = event.currentTarget.value;
              setKind(next);
              setLike(house.shelf(next).shipped.all()[0]!.id);
              setFigures([]);
            }}
          />
          <NativeSelect
            label="Like"
            description="Its shape, and every figure that you leave empty, is taken from this one"
            data={options}
            value={likeId}
            onChange={(event) => setLike(event.currentTarget.value)}
          />
          <Checkbox
            size="xs"
            label="It is that part, with better figures"
            checked={corrects}
            onChange={(event) => setCorrects(event.currentTarget.checked)}
          />
          <TextInput
            label="Name"
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
          />
          <div>
            {(house.shelf(kind).figures as unknown as Field[]).map((field) => {
              const Row = field.yesNo ? YesNoField : FigureField;
              return (
                <Row
                  key={`${kind}-${field.id}`}
                  field={field}
                  like={like}
                  figure={figures.find((figure) => figure.field === field.id)}
                  onChange={(figure) =>
                    setFigures((all) => [
                      ...all.filter((other) => other.field !== field.id),
                      ...(figure ? [figure] : []),
                    ])
                  }
                />
              );
            })}
          </div>
          {(problems.length > 0 || keep.isError) && (
            <ul role="alert" className={classes.failed} style={{ margin: 0, paddingLeft: 18, fontSize: 13 }}>
              {[...problems, ...(keep.isError ? [keep.error.message] : [])].map((problem) => (
                <li key={problem}>{problem}</li>
              ))}
            </ul>
          )}
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>
              Cancel
            </Button>
            <Button type="submit" loading={keep.isPending}>
              Keep
            </Button>
          </Group>
        </Stack>
      </form>
    </Modal>
  );
}
