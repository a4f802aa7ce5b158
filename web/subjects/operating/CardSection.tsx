import { byHandTable, cardTable, HARMS, operating, procedures } from '#core/subjects/operating';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import classes from './operating.module.css';
import { Steps } from './Steps';

/** The operator's card: this truck's lines, and the steps in their order with their reasons. */
export function CardSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const all = evaluation.read(procedures);
  const hand = evaluation.read(byHandTable);
  if (all.length === 0)
    return (
      <p className={sectionClasses.says}>
        There is no pump, and nothing of it to be operated: choose one on the bench.
      </p>
    );
  return (
    <>
      <p className={sectionClasses.caution}>{operating.caution}</p>
      <p className={sectionClasses.says}>
        One page to print, in the menu of files: «Operator’s card as PDF». The steps come from the parts that
        are on this truck.
      </p>
      <DataTable table={evaluation.read(cardTable)} minWidth={820} />
      <div className={classes.procedures}>
        {all.map((procedure) => (
          <Steps key={procedure.id} procedure={procedure} />
        ))}
      </div>
      {hand.rows.length > 0 && (
        <>
          <h3 className={sectionClasses.sub}>{hand.title}</h3>
          <DataTable table={hand} />
        </>
      )}
      <p className={sectionClasses.caution}>{say(HARMS)}</p>
    </>
  );
}
