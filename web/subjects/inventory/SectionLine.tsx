import { ActionIcon, NativeSelect, Table, TextInput } from '@mantine/core';
import { IconTrash } from '../../icons';
import { couplingKinds, isoDate, SECTION_FIELDS, withSection } from '#core/subjects/hose';
import type { HoseSection } from '#core/subjects/hose';
import { TEST_STATE_NAMES, testState } from '#core/subjects/inventory';
import { feet } from '#core/units';
import { FigureField, useUnits } from '../../common';
import type { Bench } from '../../session';

type Options = { value: string; label: string }[];
const NOT_SAID: Options = [{ value: '', label: '·' }];

/** A section with a field said anew, or not said. */
function said<K extends keyof HoseSection>(of: HoseSection, key: K, value: HoseSection[K] | undefined) {
  const { [key]: _old, ...rest } = of;
  return (value === undefined || value === '' ? rest : { ...rest, [key]: value }) as HoseSection;
}

/** One section of hose: what it is, its last test, and where it lies. */
export function SectionLine({
  of,
  nth,
  hoses,
  loads,
  today,
  bench,
}: {
  of: HoseSection;
  nth: number;
  hoses: Options;
  loads: Options;
  today: Date;
  bench: Bench;
}) {
  const { say } = useUnits();
  const name = of.mark ?? `section ${nth + 1}`;
  const take = <K extends keyof HoseSection>(key: K, value: HoseSection[K] | undefined, words: string) =>
    bench.change({
      build: withSection(bench.build, of.id, said(of, key, value)),
      words: `Hose, ${name}: ${words}`,
      control: `section-${of.id}-${key}`,
    });
  const state = testState(of, today);
  return (
    <Table.Tr>
      <Table.Td>
        <TextInput
          size="xs"
          w={92}
          aria-label={`Number on ${name}`}
          placeholder="none"
          value={of.mark ?? ''}
          maxLength={SECTION_FIELDS.mark.most}
          onChange={(event) => take('mark', event.currentTarget.value, 'number')}
        />
      </Table.Td>
      <Table.Td>
        <NativeSelect
          size="xs"
          aria-label={`Hose of ${name}`}
          value={of.partId}
          data={hoses}
          onChange={(event) => take('partId', event.currentTarget.value, 'hose')}
        />
      </Table.Td>
      <Table.Td w={96}>
        <FigureField
          title="Length"
          aria-label={`Length of ${name}`}
          unit="ft"
          value={of.lengthFt}
          min={SECTION_FIELDS.lengthFt.min}
          max={SECTION_FIELDS.lengthFt.max}
          onTake={(to) => take('lengthFt', to, say(feet(to)))}
          onBlur={bench.settle}
        />
      </Table.Td>
      <Table.Td>
        <NativeSelect
          size="xs"
          aria-label={`Couplings of ${name}`}
          value={of.couplings ?? ''}
          data={[...NOT_SAID, ...Object.entries(couplingKinds).map(([value, label]) => ({ value, label }))]}
          onChange={(event) =>
            take('couplings', event.currentTarget.value as NonNullable<HoseSection['couplings']>, 'couplings')
          }
        />
      </Table.Td>
      <Table.Td>
        <TextInput
          size="xs"
          w={66}
          inputMode="numeric"
          aria-label={`Year in which ${name} was made`}
          defaultValue={of.madeIn ?? ''}
          key={of.madeIn ?? 'none'}
          onBlur={(event) => {
            const year = Number(event.currentTarget.value);
            const { min, max } = SECTION_FIELDS.madeIn;
            if (event.currentTarget.value === '') take('madeIn', undefined, 'year not known');
            else if (Number.isInteger(year) && year >= min && year <= max)
              take('madeIn', year, `made in ${year}`);
            else event.currentTarget.value = String(of.madeIn ?? '');
          }}
        />
      </Table.Td>
      <Table.Td>
        <TextInput
          size="xs"
          type="date"
          aria-label={`Service test of ${name}`}
          value={of.testedOn ?? ''}
          onChange={(event) => {
            const day = event.currentTarget.value;
            if (day === '' || isoDate(day)) take('testedOn', day, day ? `tested on ${day}` : 'no test');
          }}
        />
      </Table.Td>
      <Table.Td>
        <NativeSelect
          size="xs"
          w={96}
          aria-label={`Result of the test of ${name}`}
          value={of.result ?? ''}
          data={[...NOT_SAID, { value: 'passed', label: 'Passed' }, { value: 'failed', label: 'Failed' }]}
          onChange={(event) =>
            take(
              'result',
              event.currentTarget.value as NonNullable<HoseSection['result']>,
              event.currentTarget.value || 'no result',
            )
          }
        />
      </Table.Td>
      <Table.Td miw={110}>{TEST_STATE_NAMES[state]}</Table.Td>
      <Table.Td>
        <NativeSelect
          size="xs"
          aria-label={`Where ${name} lies`}
          value={of.loadId ?? ''}
          data={[{ value: '', label: 'in no bed' }, ...loads]}
          onChange={(event) => take('loadId', event.currentTarget.value, 'where it lies')}
        />
      </Table.Td>
      <Table.Td>
        <ActionIcon
          variant="subtle"
          color="gray"
          aria-label={`Take ${name} off the list`}
          onClick={() =>
            bench.change({
              build: withSection(bench.build, of.id, null),
              words: `Hose, ${name}: off the list`,
            })
          }
        >
          <IconTrash size={16} stroke={1.6} />
        </ActionIcon>
      </Table.Td>
    </Table.Tr>
  );
}
