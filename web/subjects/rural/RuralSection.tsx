import { NativeSelect } from '@mantine/core';
import { useState } from 'react';
import type { Evaluation, TableOf } from '#core/kernel';
import {
  carriedTable,
  draftTable,
  joinsInWords,
  relayTable,
  rural,
  ruralChoices,
  shuttleChart,
  shuttleInWords,
  shuttles,
  shuttleTable,
} from '#core/subjects/rural';
import { ChartView } from '../../chart';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { ChoicesOf } from '../../panel';
import { useSession } from '../../session';
import { Checks, siteClasses } from '../../site';

function Titled({ table, minWidth }: { table: TableOf; minWidth?: number }) {
  const { say } = useUnits();
  return (
    <>
      <h3 className={sectionClasses.sub}>{say(table.title)}</h3>
      <DataTable table={table} {...(minWidth ? { minWidth } : {})} />
    </>
  );
}

/** Water where there is no hydrant: the tankers of the brief, its draft sites, a relay, and what is carried for them. */
export function RuralSection() {
  const { evaluation, bench } = useSession();
  const { say } = useUnits();
  const [picked, pick] = useState<string | null>(null);
  const all = evaluation.read(shuttles);
  const site = all.find(({ line }) => line.id === picked) ?? all[0];
  const carried = evaluation.read(carriedTable);
  const drafts = evaluation.read(draftTable);
  const relay = evaluation.read(relayTable);
  const joins = evaluation.read(joinsInWords);
  const asked = (on: Evaluation) => ruralChoices(on.build, () => on);
  return (
    <>
      <p className={sectionClasses.caution}>{rural.caution}</p>
      {site ? (
        <>
          {all.length > 1 && (
            <div className={siteClasses.place}>
              <NativeSelect
                size="xs"
                w={280}
                label="Tanker shuttle"
                value={site.line.id}
                onChange={(event) => pick(event.currentTarget.value)}
                data={all.map(({ line }) => ({ value: line.id, label: line.name }))}
              />
            </div>
          )}
          <div className={sectionClasses.split}>
            <div>
              <ChartView chart={shuttleChart(site, evaluation.build.tank.gallons)} />
            </div>
            <div>
              <p className={sectionClasses.says}>{say(shuttleInWords(site))}</p>
              <ChoicesOf evaluation={evaluation} bench={bench} of={asked} />
            </div>
          </div>
          <Titled table={shuttleTable(site)} minWidth={760} />
          {joins && <p className={sectionClasses.says}>{say(joins)}</p>}
        </>
      ) : (
        <p className={sectionClasses.says}>
          The brief names no tanker shuttle, or this truck has no way to take a tanker’s water.
        </p>
      )}
      {drafts.rows.length > 0 && <Titled table={drafts} />}
      {relay && <Titled table={relay} />}
      {carried.rows.length > 0 ? (
        <Titled table={carried} />
      ) : (
        <p className={sectionClasses.says}>
          Neither suction hose nor a folding tank is carried: they are chosen under Equipment.
        </p>
      )}
      <Checks ids={['shuttle', 'foldingTank', 'suctionReach', 'draft', 'priming']} />
    </>
  );
}
