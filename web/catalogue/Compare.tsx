import { ActionIcon } from '@mantine/core';
import { IconX } from '../icons';
import { useUnits } from '../common';
import classes from './catalogue.module.css';
import { figuresOf, figureText } from './shown';
import type { ShownPart } from './shown';

/** Parts side by side; figures that are alike are quiet. */
export function Compare({
  kind,
  parts,
  onDrop,
}: {
  kind: string;
  parts: ShownPart[];
  onDrop: (id: string) => void;
}) {
  const { say } = useUnits();
  return (
    <section className={classes.compare} aria-label="Side by side">
      <table>
        <thead>
          <tr>
            <th scope="col">
              <span className="unseen">Figure</span>
            </th>
            {parts.map((part) => (
              <th key={part.id} scope="col">
                {say(part.name)}{' '}
                <ActionIcon
                  size="xs"
                  variant="subtle"
                  color="gray"
                  c="var(--ink)"
                  aria-label={say(`No longer compare ${part.name}`)}
                  onClick={() => onDrop(part.id)}
                >
                  <IconX size={13} />
                </ActionIcon>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {figuresOf(kind)
            .filter(({ id }) => parts.some(({ values }) => Number.isFinite(values[id])))
            .map((figure) => {
              const { id, title } = figure;
              const alike = parts.length > 1 && new Set(parts.map((part) => part.values[id])).size === 1;
              return (
                <tr key={id} data-alike={alike}>
                  <th scope="row">{title}</th>
                  {parts.map((part) => (
                    <td key={part.id} className="figures">
                      {say(figureText(part.values[id] ?? 0, figure))}
                    </td>
                  ))}
                </tr>
              );
            })}
          <tr>
            <th scope="row">For</th>
            {parts.map((part) => (
              <td key={part.id}>{part.types.length ? part.types.join(', ') : 'all'}</td>
            ))}
          </tr>
        </tbody>
      </table>
    </section>
  );
}
