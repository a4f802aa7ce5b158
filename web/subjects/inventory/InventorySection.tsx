import { Button, FileButton, Group, Table } from '@mantine/core';
import { useMemo, useState } from 'react';
import { hoseCsv, readHoseCsv } from '#core/exchange';
import { loadNames, hoseShelf, withSection } from '#core/subjects/hose';
import { anotherLike, inventory, kindsTable, loadsTable, withPlannedListed } from '#core/subjects/inventory';
import { counted } from '#core/units';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { download, fileName, NotTaken } from '../../files';
import { useSession } from '../../session';
import { SectionLine } from './SectionLine';

/** So many sections are shown at first, and so many more at a press. */
const SHOWN = 24;
const HEADS = [
  'Number',
  'Hose',
  'Length',
  'Couplings',
  'Made in',
  'Service test on',
  'Result',
  'Stands',
  'Lies in',
  'Take off',
];

/** The hose that there is, section by section, with its yearly tests; by kind, and against what loads ask for. */
export function InventorySection() {
  const { bench } = useSession();
  const { say, system } = useUnits();
  const [shown, setShown] = useState(SHOWN);
  const [problems, setProblems] = useState<string[]>([]);
  const { build } = bench;
  const today = useMemo(() => new Date(), []);
  const sections = build.hose.sections ?? [];
  const hoses = hoseShelf
    .in(build)
    .all()
    .map(({ id, name }) => ({ value: id, label: say(name) }));
  const names = loadNames(build);
  const loads = build.hose.loads.map(({ id, partId }) => ({
    value: id,
    label: say(`${names.get(id)}: ${hoseShelf.in(build).part(partId).name}`),
  }));
  const planned = withPlannedListed(build).hose.sections?.length ?? 0;
  const read = async (file: File | null) => {
    if (!file) return;
    const { build: taken, sections: count, problems: wrong } = readHoseCsv(build, await file.text(), system);
    setProblems(wrong);
    if (wrong.length === 0)
      bench.change({ build: taken, words: `Hose inventory: ${counted(count, 'section')} from a list` });
  };
  return (
    <>
      <p className={sectionClasses.caution}>{inventory.caution}</p>
      <Group gap={8} my={10}>
        <Button
          size="xs"
          variant="default"
          onClick={() => {
            const one = anotherLike(sections.at(-1), hoses[0]!.value, 50);
            bench.change({ build: withSection(build, one.id, one), words: 'A section of hose listed' });
            setShown(Math.max(shown, sections.length + 1));
          }}
        >
          Add a section
        </Button>
        <Button
          size="xs"
          variant="default"
          disabled={planned === sections.length}
          onClick={() =>
            bench.change({
              build: withPlannedListed(build),
              words: 'Sections listed as the loads are planned',
            })
          }
        >
          List what the loads are planned with
        </Button>
        <FileButton accept=".csv,text/csv" onChange={(file) => void read(file)}>
          {(props) => (
            <Button {...props} size="xs" variant="default">
              Read a CSV
            </Button>
          )}
        </FileButton>
        <Button
          size="xs"
          variant="default"
          disabled={sections.length === 0}
          onClick={() => download(`${fileName(build.name)}-hose.csv`, hoseCsv(build, system), 'text/csv')}
        >
          Save as CSV
        </Button>
      </Group>
      <NotTaken problems={problems} />
      {sections.length === 0 ? (
        <p className={sectionClasses.says}>
          No section is listed yet: loads are planned by their feet alone. Listed ones are counted, and a
          section that failed its test leaves its load.
        </p>
      ) : (
        <>
          <DataTable table={kindsTable(build, today)} minWidth={700} />
          <DataTable table={loadsTable(build)} minWidth={700} />
          <h3>Sections</h3>
          <Table.ScrollContainer minWidth={1150}>
            <Table verticalSpacing={3} aria-label="Sections of hose">
              <Table.Thead>
                <Table.Tr>
                  {HEADS.map((head) => (
                    <Table.Th key={head}>{head}</Table.Th>
                  ))}
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {sections.slice(0, shown).map((section, nth) => (
                  <SectionLine
                    key={section.id}
                    of={section}
                    nth={nth}
                    hoses={hoses}
                    loads={loads}
                    today={today}
                    bench={bench}
                  />
                ))}
              </Table.Tbody>
            </Table>
          </Table.ScrollContainer>
          {sections.length > shown && (
            <Button size="xs" variant="default" onClick={() => setShown(shown + SHOWN)}>
              {`Show more: ${sections.length - shown} are left`}
            </Button>
          )}
        </>
      )}
    </>
  );
}
