import type { Evaluation, Grip } from '../../kernel/index.js';
import { inches } from '../../units/index.js';
import { withConnectionAt } from './edit.js';
import { openingShapes } from './looks.js';
import { openingsAt } from './panel.js';
import { connections } from './usual.js';

const between = (value: number, most: number) => Math.min(Math.max(0, value), Math.max(0, most));

/** Every opening in sight at a side or an end, to be moved over its face. */
export function openingGrips(evaluation: Evaluation): Grip[] {
  const at = evaluation.read(openingsAt);
  const shapes = evaluation.read(openingShapes);
  return evaluation.read(connections).flatMap(({ id, label }): Grip[] => {
    const [place, shape] = [at.get(id), shapes.get(id)];
    if (!place || shape?.kind !== 'opening' || shape.face === 'top') return [];
    const { face, of } = place;
    const along = face.x.perU === 0 ? ('y' as const) : ('x' as const);
    const mostU = Math.max(0, face.wideIn - of.wide);
    return [
      {
        id: `connection-${id}`,
        title: label,
        directions: [along, 'z'],
        from: shape.face,
        inItsStep: true,
        choice: `connection-${id}-alongIn`,
        atIn: of.u,
        at: `${inches(of.u)} along, ${inches(of.v)} up`,
        ends: { min: 0, max: mostU },
        box: shape.box,
        moved: (by) =>
          withConnectionAt(evaluation, id, {
            u: between(of.u + (by[along] ?? 0) * face[along].perU, mostU),
            v: between(of.v + (by.z ?? 0), face.highIn - of.high),
          }),
      },
    ];
  });
}
