import { service, serviceTable } from '#core/subjects/service';
import { DataTable, sectionClasses } from '../../common';
import { useSession } from '../../session';
import { Checks } from '../../site';

/** How each large part of the pump comes out of the truck, and what comes off before it. */
export function ServiceSection() {
  const { evaluation } = useSession();
  const table = evaluation.read(serviceTable);
  if (table.rows.length === 0)
    return <p className={sectionClasses.says}>There is no pump, and nothing of it to take out.</p>;
  return (
    <>
      <p className={sectionClasses.caution}>{service.caution}</p>
      <p className={sectionClasses.says}>
        A mechanic keeps this truck for twenty years. Here is through which panel, hatch or tilted cab each
        large part comes out, and what must come off first.
      </p>
      <DataTable table={table} />
      <Checks ids={['service']} />
    </>
  );
}
