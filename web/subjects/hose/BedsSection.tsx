import { bedInWords, bedsTable, bedViews, fillingTable, hose } from '#core/subjects/hose';
import { DataTable, sectionClasses, useUnits } from '../../common';
import { useSession } from '../../session';
import { Checks } from '../../site';
import { BedPicture } from './BedPicture';
import classes from './hose.module.css';

/** Every bed with each lay, fold and coupling of what lies in it; what fits, and what an inch more would gain. */
export function BedsSection() {
  const { evaluation } = useSession();
  const { say } = useUnits();
  const views = evaluation.read(bedViews);
  return (
    <>
      <p className={sectionClasses.caution}>{hose.caution}</p>
      <Checks ids={['hoseFits']} />
      <DataTable table={evaluation.read(bedsTable)} minWidth={1040} />
      {views.length > 0 && (
        <>
          <h3>Weight and height of each load as its bed fills</h3>
          <DataTable table={evaluation.read(fillingTable)} minWidth={1060} />
        </>
      )}
      {views.map((view) => (
        <figure key={view.bed.id} className={classes.bed}>
          <figcaption>{say(view.bed.name)}</figcaption>
          <p>{say(bedInWords(view))}</p>
          <BedPicture of={view} />
        </figure>
      ))}
    </>
  );
}
