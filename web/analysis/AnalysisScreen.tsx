import { NativeSelect } from '@mantine/core';
import { Suspense, useLayoutEffect } from 'react';
import { NavLink, useNavigate, useParams } from 'react-router';
import { useKeys, useTitle } from '../common';
import { useSession } from '../session';
import classes from './analysis.module.css';
import { sectionAt, stepped } from './grouped';
import { SECTION_GROUPS, SECTIONS_OF_ANALYSIS } from './sections';

/** What is computed of a build: its sections under their heads, and the one that is open. */
export function AnalysisScreen() {
  const { id, bench } = useSession();
  const { section } = useParams();
  const navigate = useNavigate();
  const now = sectionAt(SECTIONS_OF_ANALYSIS, section);
  const { id: open, title, Section } = now;
  useTitle(`${bench.build.name}, analysis: ${title}`);
  // A section begins at its top, wherever the one before was left.
  useLayoutEffect(() => {
    window.scrollTo(0, 0);
  }, [open]);
  const step = (by: number) =>
    void navigate(`/builds/${id}/analysis/${stepped(SECTIONS_OF_ANALYSIS, now, by).id}`, { replace: true });
  useKeys([
    ['alt+ArrowUp', () => step(-1)],
    ['alt+ArrowDown', () => step(1)],
  ]);
  return (
    <div className={classes.analysis}>
      <NativeSelect
        className={classes.narrow!}
        aria-label="Section of the analysis"
        value={open}
        onChange={(event) =>
          void navigate(`/builds/${id}/analysis/${event.currentTarget.value}`, { replace: true })
        }
        data={SECTION_GROUPS.map(({ group, sections }) => ({
          group,
          items: sections.map((one) => ({ value: one.id, label: one.title })),
        }))}
      />
      <nav className={classes.sections} aria-label="Sections of the analysis">
        {SECTION_GROUPS.map(({ group, sections }) => (
          <div key={group} className={classes.group}>
            <h2>{group}</h2>
            <ul>
              {sections.map((one) => (
                <li key={one.id}>
                  <NavLink
                    replace
                    to={`/builds/${id}/analysis/${one.id}`}
                    aria-current={one.id === open ? 'page' : undefined}
                    className={classes.link!}
                    data-open={one.id === open}
                  >
                    {one.title}
                  </NavLink>
                </li>
              ))}
            </ul>
          </div>
        ))}
      </nav>
      <section className={classes.section} aria-label={title}>
        <h2 className={classes.title}>{title}</h2>
        <Suspense>
          <Section key={open} />
        </Suspense>
      </section>
    </div>
  );
}
