import { againstPresent, commonTable } from '#core/subjects/fleet';
import { DataTable, sectionClasses } from '../../common';
import { useSession } from '../../session';
import { Checks, NothingSaid } from '../../site';

/** Smaller without losing what: this truck against the present one, and against what the fleet uses. */
export function FleetSection() {
  const { evaluation } = useSession();
  const present = evaluation.read(againstPresent);
  const common = evaluation.read(commonTable);
  return (
    <>
      <h3 className={sectionClasses.sub}>Against the present truck</h3>
      {present ? <DataTable table={present} minWidth={560} /> : <NothingSaid of="a present truck" />}
      <h3 className={sectionClasses.sub}>Common to the fleet</h3>
      {common ? (
        <DataTable table={common} minWidth={560} />
      ) : (
        <NothingSaid of="what the fleet has in common" />
      )}
      <Checks ids={['targets', 'commonality']} />
    </>
  );
}
