import { ActionIcon, Button, NativeSelect, Table, TextInput } from '@mantine/core';
import { IconX } from '../../icons';
import { useMemo } from 'react';
import type { Build } from '#core/build';
import { held } from '#core/kernel';
import { house } from '#core/subjects';
import {
  SENSES,
  copiedProfile,
  limitsTable,
  profileOf,
  profileShelf,
  withAlso,
  withLimit,
  withOwnProfile,
  withProfile,
} from '#core/subjects/limits';
import type { OwnLimit } from '#core/subjects/limits';
import { useOwnLimits } from '../../api';
import { DataTable, FigureField, KeptText, useUnits } from '../../common';
import { useSession } from '../../session';
import { sectionClasses as classes } from '../../common';

const OWN_ID = 'own-limits';

/** One limit of the department's own: its value, what it rests on, and a note. */
function LimitRow({
  limit,
  take,
  remove,
}: {
  limit: OwnLimit;
  take: (change: Partial<OwnLimit>) => void;
  remove: () => void;
}) {
  const { say } = useUnits();
  const { title, unit, sense, min, max } = house.limits[limit.id]!;
  const name = say(title);
  return (
    <Table.Tr>
      <Table.Td fw={500}>
        {name}
        <span className="quiet">, {SENSES[sense]}</span>
      </Table.Td>
      <Table.Td w={132}>
        <FigureField
          aria-label={name}
          title={title}
          unit={unit}
          value={limit.value}
          min={min}
          max={max}
          onTake={(value) => take({ value })}
        />
      </Table.Td>
      <Table.Td>
        <KeptText
          size="xs"
          aria-label={`Basis of: ${name}`}
          maxLength={120}
          value={limit.basis}
          onTake={(basis) => take({ basis })}
        />
      </Table.Td>
      <Table.Td>
        <TextInput
          size="xs"
          aria-label={`Note on: ${name}`}
          maxLength={300}
          value={limit.note ?? ''}
          onChange={(event) => take({ note: event.currentTarget.value })}
        />
      </Table.Td>
      <Table.Td>
        <ActionIcon
          variant="subtle"
          color="gray"
          c="var(--ink)"
          aria-label={`Remove: ${name}`}
          onClick={remove}
        >
          <IconX size={16} />
        </ActionIcon>
      </Table.Td>
    </Table.Tr>
  );
}

/** The limits that the build is held against: chosen, copied, and each value changed with its basis and note. */
export function Limits() {
  const { id, view, bench } = useSession();
  const { build } = bench;
  const { say } = useUnits();
  const { data: known = [] } = useOwnLimits(view.departmentId);
  const profile = profileOf(build);
  const own = build.limits.own;
  const { alsoId } = build.limits;
  const table = useMemo(() => limitsTable(house.limits, house.evaluate(build).read(held)), [build]);
  const others = known
    .filter((other) => other.id !== id)
    .map(({ name, limits }) => ({ build: name, profile: limits }));
  const choose = (value: string) => {
    const [from, at] = value.split(' ');
    const other = from === 'other' ? others[Number(at)] : undefined;
    if (other)
      bench.change({
        build: withOwnProfile(build, other.profile),
        words: `Limit profile: ${other.profile.name}`,
      });
    else if (value !== profile.id)
      bench.change({
        build: withProfile(build, value),
        words: `Limit profile: ${profileShelf.shipped.part(value).name}`,
      });
  };
  const take = (of: string, change: Partial<OwnLimit> | null) => {
    const next = withLimit(house.limits, build, of, change);
    const said = (on: Build) => {
      const limit = on.limits.own?.limits.find((other) => other.id === of);
      return limit ? house.namesIn(on).limit(of, limit.value).words : 'none';
    };
    const [before, after] = [said(build), said(next)];
    const { title } = house.limits[of]!;
    bench.change({
      build: next,
      words: before === after ? `Basis or note of: ${title}` : `${title}: ${before} → ${after}`,
      control: `limit-${of}`,
    });
  };
  const missing = Object.keys(house.limits).filter((of) => !own?.limits.some((limit) => limit.id === of));
  return (
    <>
      <p className={classes.caution}>
        A starting point, not a reading of a standard. Confirm each limit against the edition that the
        authority having jurisdiction adopted.
      </p>
      <div className={classes.asked}>
        <NativeSelect
          size="xs"
          w={330}
          label="Limit profile"
          value={profile.id}
          onChange={(event) => choose(event.currentTarget.value)}
          data={[
            ...(own ? [{ group: 'Of this build', items: [{ value: own.id, label: own.name }] }] : []),
            ...(others.length
              ? [
                  {
                    group: 'Of other builds of the department',
                    items: others.map((other, i) => ({
                      value: `other ${i}`,
                      label: `${other.profile.name} (${other.build})`,
                    })),
                  },
                ]
              : []),
            {
              group: 'Shipped with Baros',
              items: profileShelf.shipped
                .usualFirst(build.type)
                .map(({ id: value, name }) => ({ value, label: name })),
            },
          ]}
        />
        <NativeSelect
          size="xs"
          w={330}
          label="Second limit profile"
          value={alsoId ?? ''}
          onChange={(event) => {
            const value = event.currentTarget.value;
            bench.change({
              build: withAlso(build, value || undefined),
              words: value
                ? `Checked against ${profileShelf.shipped.part(value).name} as well`
                : 'One limit profile only',
            });
          }}
          data={[
            { value: '', label: 'None' },
            ...profileShelf.shipped
              .usualFirst(build.type)
              .filter((other) => other.id !== build.limits.profileId)
              .map(({ id: value, name }) => ({ value, label: name })),
          ]}
        />
        {own ? (
          <KeptText
            size="xs"
            w={330}
            label="Name of these limits"
            maxLength={80}
            value={own.name}
            onTake={(name) =>
              bench.change({
                build: withOwnProfile(build, { ...own, name }),
                words: `Limits called ${name}`,
                control: 'limits-name',
              })
            }
          />
        ) : (
          <Button
            size="xs"
            onClick={() =>
              bench.change({
                build: withOwnProfile(
                  build,
                  copiedProfile(house.limits, build, OWN_ID, `${profile.name}, ours`.slice(0, 80)),
                ),
                words: `Copied the limits ${profile.name}`,
              })
            }
          >
            Copy and change
          </Button>
        )}
      </div>
      {alsoId !== undefined && (
        <p className="quiet" style={{ fontSize: 13 }}>
          Of each limit the stricter one counts, and of an allowance the heavier: every check says what the
          worse of the two would.
        </p>
      )}
      {(!own || alsoId !== undefined) && <DataTable table={table} minWidth={700} />}
      {own && (
        <>
          <Table.ScrollContainer minWidth={740}>
            <Table verticalSpacing={3} aria-label="Limits checked against">
              <Table.Thead>
                <Table.Tr>
                  <Table.Th>Limit</Table.Th>
                  <Table.Th>Value</Table.Th>
                  <Table.Th>Basis: standard and edition, or house rule</Table.Th>
                  <Table.Th>Note</Table.Th>
                  <Table.Th>
                    <span className="unseen">Remove</span>
                  </Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {Object.keys(house.limits)
                  .flatMap((of) => own.limits.filter((limit) => limit.id === of))
                  .map((limit) => (
                    <LimitRow
                      key={limit.id}
                      limit={limit}
                      take={(change) => take(limit.id, change)}
                      remove={() => take(limit.id, null)}
                    />
                  ))}
              </Table.Tbody>
            </Table>
          </Table.ScrollContainer>
          {missing.length > 0 && (
            <NativeSelect
              size="xs"
              w={420}
              label="Add a limit"
              value=""
              onChange={(event) => take(event.currentTarget.value, {})}
              data={[
                { value: '', label: 'Choose one…', disabled: true },
                ...missing.map((of) => ({ value: of, label: say(house.limits[of]!.title) })),
              ]}
            />
          )}
        </>
      )}
    </>
  );
}
