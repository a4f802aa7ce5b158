import { firesSubject, firesTable } from '#core/subjects/fires';
import { DataTable, sectionClasses } from '../../common';
import { useSession } from '../../session';
import { Checks, NothingSaid } from '../../site';

/** The fires of the brief: what each takes, what this truck does alone, and what must come. */
export function FiresSection() {
  const { evaluation } = useSession();
  const table = evaluation.read(firesTable);
  if (table.rows.length === 0) return <NothingSaid of="fires that this truck could pump at" />;
  return (
    <>
      <p className={sectionClasses.caution}>{firesSubject.caution}</p>
      <p className={sectionClasses.says}>
        Each fire of the brief against the water and foam that ride on this truck, with the lines that run
        together, before anybody else is there.
      </p>
      <DataTable table={table} minWidth={980} />
      <Checks ids={['fires']} />
    </>
  );
}
