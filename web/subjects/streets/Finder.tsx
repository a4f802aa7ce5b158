import { NativeSelect } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { TableOf } from '#core/kernel';
import { counting } from '#core/subjects/brief';
import type { LongestOn } from '#core/subjects/streets';
import { degrees, feetInches, inches } from '#core/units';
import { useLongest } from '../../advice';
import { DataTable, sectionClasses } from '../../common';
import { useOffered, useSession } from '../../session';

const corners = counting('corners');
const stations = counting('stations');
const ALL = '';

const tableOf = (found: readonly LongestOn[]): TableOf => ({
  title: 'The longest trucks that get through',
  columns: [
    { head: 'Chassis' },
    { head: 'Cramp', figure: true },
    { head: 'Bumper' },
    { head: 'Front overhang', figure: true },
    { head: 'Longest wheelbase', figure: true },
    { head: 'Truck', figure: true },
    { head: 'A longer one is stopped by' },
  ],
  rows: found.map(
    ({ chassisId, chassis, crampDeg, bumper, frontOverhangIn, wheelbaseIn, lengthIn, limitedBy }) => ({
      id: `${chassisId} ${bumper}`,
      cells: [
        chassis,
        degrees(crampDeg),
        bumper,
        inches(frontOverhangIn),
        wheelbaseIn === null ? 'none' : inches(wheelbaseIn),
        lengthIn === null ? '' : feetInches(lengthIn),
        wheelbaseIn === null
          ? `its shortest already by ${limitedBy ?? ''}`
          : (limitedBy ?? 'nothing: the chassis comes no longer'),
      ],
    }),
  ),
});

/** What the catalog has that gets through a corner, or through all corners and into all bays. */
export function Finder() {
  const { evaluation } = useSession();
  const offered = useOffered();
  const lines = evaluation.read(corners);
  const bays = evaluation.read(stations);
  const [which, setWhich] = useState(ALL);
  const tight = useMemo(
    () =>
      which === ALL
        ? { corners: lines, stations: bays }
        : { corners: lines.filter(({ id }) => id === which), stations: [] },
    [lines, bays, which],
  );
  const { data } = useLongest(offered, tight);
  return (
    <section aria-label="Corner finder">
      <h3 className={sectionClasses.sub}>Corner finder: the longest truck that gets through</h3>
      <div className={sectionClasses.asked}>
        <NativeSelect
          size="xs"
          w={260}
          label="Through"
          value={which}
          onChange={(event) => setWhich(event.currentTarget.value)}
          data={[
            { value: ALL, label: 'All corners, and into all bays' },
            ...lines.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
        <span className="quiet" style={{ fontSize: 13 }}>
          As wide as this truck, with as much behind its rear axle.
        </span>
      </div>
      {data ? (
        <DataTable table={tableOf(data)} minWidth={820} />
      ) : (
        <p className="quiet" role="status">
          Looking through the catalog…
        </p>
      )}
    </section>
  );
}
