import { counted } from '#core/units';
import { sectionClasses, useUnits } from '../common';

/** So many are told. */
const TOLD = 12;

/** Why a list was not taken, line by line; nothing where it was. */
export function NotTaken({ problems }: { problems: readonly string[] }) {
  const { say } = useUnits();
  if (problems.length === 0) return null;
  return (
    <div role="alert" className={sectionClasses.says}>
      <b>The list was not taken; what was here is as it was.</b>
      <ul>
        {problems.slice(0, TOLD).map((problem) => (
          <li key={problem}>{say(problem)}</li>
        ))}
      </ul>
      {problems.length > TOLD && <p>{`${counted(problems.length - TOLD, 'problem')} more`}</p>}
    </div>
  );
}
