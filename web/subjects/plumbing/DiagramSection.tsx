import { diagram, DIAGRAM_SIGNS, plumbing, plumbingTable } from '#core/subjects/plumbing';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import { Checks } from '../../site';
import { DiagramPicture } from './DiagramPicture';

export function DiagramSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const of = evaluation.read(diagram);
  if (!of) return <p className={sectionClasses.says}>There is no pump to plumb: choose one on the bench.</p>;
  return (
    <>
      <p className={sectionClasses.caution}>{plumbing.caution}</p>
      <p className={sectionClasses.says}>{say(`${of.pump}. ${DIAGRAM_SIGNS}`)}</p>
      <DiagramPicture of={of} />
      <DataTable table={evaluation.read(plumbingTable)} minWidth={1040} />
      <Checks
        ids={['discharge', 'plainOutlets', 'suction', 'tankPath', 'fed', 'byHand', 'slowValves', 'drained']}
      />
    </>
  );
}
