import { reading } from '../../kernel/index.js';
import type { TableOf } from '../../kernel/index.js';
import { amount, cfm, gpm, psi } from '../../units/index.js';
import { foamLines } from '../foaming/index.js';
import { CONSISTENCY_NAMES, hoseInWords, truckLines } from '../lines/index.js';
import { COLOR_HEX, COLOR_NAMES } from '../plumbing/index.js';

/** Every line as the operator finds it: by the color and the label of its handle. */
export const cardTable = reading('operating', [truckLines, foamLines], (all, mixed): TableOf => {
  const foamed = new Map(mixed.map(({ line, percent, cell }) => [line.id, { percent, cell }]));
  const foams = mixed.length > 0;
  const airs = all.some(({ air }) => air !== null);
  return {
    title: 'Lines and pressures',
    columns: [
      { head: 'Handle' },
      { head: 'Line' },
      { head: 'Hose' },
      { head: 'Nozzle' },
      { head: 'Flow', figure: true },
      { head: 'Pump at', figure: true },
      ...(foams ? [{ head: 'Foam' }] : []),
      ...(airs ? [{ head: 'Air' }] : []),
    ],
    rows: all.map((line) => {
      const { outlet, air } = line;
      const foam = foamed.get(line.id);
      return {
        id: line.id,
        ...(outlet?.color ? { swatch: COLOR_HEX[outlet.color] } : {}),
        cells: [
          outlet
            ? `${outlet.label}${outlet.color ? `, ${COLOR_NAMES[outlet.color].toLowerCase()}` : ''}`
            : 'any free one',
          line.name,
          hoseInWords(line),
          line.part.name,
          gpm(line.asked.flowGpm),
          psi(line.asked.pumpPressurePsi),
          ...(foams
            ? [foam ? `${foam.cell.concentrate.foamClass} ${amount(foam.percent, '%')}` : 'water']
            : []),
          ...(airs
            ? [air ? `${CONSISTENCY_NAMES[air.consistency].toLowerCase()}, ${cfm(air.cfm)}` : 'none']
            : []),
        ],
      };
    }),
  };
});
