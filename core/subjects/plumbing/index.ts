import { reading } from '../../kernel/index.js';
import type { InCommon, Subject } from '../../kernel/index.js';
import { counted, gpm, hoseSize, inShort, listed, within } from '../../units/index.js';
import { chosenPump } from '../pump/index.js';
import { plumbingBlock, plumbingProblems, settlePlumbing } from './block.js';
import { plumbingChanges } from './changes.js';
import { plumbingChecks } from './checks.js';
import { isDischarge, isIntake } from './judged.js';
import { besideGpm, creditGpm, tankPathGpm } from './rating-checks.js';
import { plumbingChoices } from './choices.js';
import { COLOR_NAMES, COUPLING_NAMES, KIND_NAMES, KINDS, VALVE_NAMES } from './fields.js';
import type { Connection, Kind } from './fields.js';
import { openingGrips } from './grips.js';
import { plumbingLimits } from './limits.js';
import { plumbingComponents, plumbingOfPump } from './place.js';
import { connections } from './usual.js';

export { withConnections } from './block.js';
export { isDischarge, isIntake, isOpen, isPlain } from './judged.js';
export { creditGpm, drawsFrom, passes, tankPathGpm } from './rating-checks.js';
export { connectionChoices, CONNECTIONS_CHOICE } from './choices.js';
export {
  CONNECTION_KINDS,
  withConnection,
  withConnectionAt,
  withNewConnections,
  withNoConnections,
  withOwnConnections,
} from './edit.js';
export { DIAGRAM_SIGNS, diagram, rowInWords } from './diagram.js';
export type { Diagram, DiagramRow } from './diagram.js';
export { plumbingTable } from './tables.js';
export { COLOR_HEX } from './colors.js';
export { FACE_TITLES, onFace } from './faces.js';
export type { Face, FaceAt } from './faces.js';
export { fedBy, LINE_FT, WATERWAY } from './fed.js';
export type { Fed } from './fed.js';
export * from './fields.js';
export { controlId, isPowered, openingsAt, panelSheets, worked } from './panel.js';
export type { PanelObject, PanelSheet } from './panel.js';
export { connections, fed, usualConnections } from './usual.js';

/** What the fleet may have in common: how valves move, which color is which, what the supply couples to. */
const common = reading('plumbing', [chosenPump, connections], (pump, all): InCommon[] => {
  if (!pump) return [];
  const outlets = all.filter(isDischarge);
  const valves = [
    ...new Set(outlets.filter(({ valve }) => valve !== 'none').map(({ valve }) => VALVE_NAMES[valve])),
  ];
  const colors = outlets.flatMap(({ color, label }) =>
    color ? [`${within(COLOR_NAMES[color])} ${within(label)}`] : [],
  );
  return [
    ...(valves.length
      ? [{ matter: 'valves', uses: listed(valves.map((of, i) => (i === 0 ? of : within(of)))) }]
      : []),
    ...(colors.length ? [{ matter: 'colors', uses: listed(colors) }] : []),
  ];
});

/** The connections of a kind by their sizes: "discharges: 5 of 2½ in and 1 of 4 in". */
function saidOf(kind: Kind, all: readonly Connection[]): string[] {
  const sizes = all.filter((one) => one.kind === kind).map(({ sizeIn }) => sizeIn);
  if (sizes.length === 0) return [];
  const each = [...new Set(sizes)].sort((a, b) => a - b);
  const one = within(KIND_NAMES[kind]);
  if (sizes.length === 1) return [`${one} of ${hoseSize(sizes[0]!)}`];
  const by = each.map((size) => `${sizes.filter((other) => other === size).length} of ${hoseSize(size)}`);
  return [`${one}s: ${listed(by)}`];
}

/** Every intake and discharge, and the ways between pump and tank. */
export const plumbing: Subject = {
  id: 'plumbing',
  title: 'Plumbing',
  step: () => true,
  limits: plumbingLimits,
  block: plumbingBlock,
  settle: settlePlumbing,
  problems: plumbingProblems,
  provides: [plumbingOfPump],
  components: plumbingComponents,
  common,
  checks: plumbingChecks,
  changes: plumbingChanges,
  choices: plumbingChoices,
  grips: openingGrips,
  figures: [
    {
      id: 'discharges',
      title: 'Discharges together',
      unit: 'gpm',
      harm: { way: 'down', each: 250 },
      reading: reading('plumbing', [creditGpm], (credit) => credit?.gpm ?? 0),
    },
    {
      id: 'tankPath',
      title: 'From tank to pump',
      unit: 'gpm',
      harm: { way: 'down', each: 100 },
      reading: tankPathGpm,
    },
    {
      id: 'besideOperator',
      title: 'Discharges beside the operator',
      unit: 'gpm',
      reading: besideGpm,
    },
  ],
  sentence: (evaluation) => {
    const all = evaluation.read(connections);
    if (all.length === 0) return 'There shall be no intakes or discharges.';
    const couplings = [
      ...new Set(
        all
          .filter(({ coupling }) => coupling !== 'piped')
          .map(({ coupling }) => COUPLING_NAMES[coupling].toLowerCase()),
      ),
    ];
    const kinds = KINDS.flatMap((kind) => saidOf(kind, all)).join('; ');
    return `The pump shall have ${kinds}${couplings.length ? `; connections ${listed(couplings)}` : ''}.`;
  },
  line: (evaluation) => {
    const all = evaluation.read(connections);
    if (all.length === 0) return 'None';
    const credit = evaluation.read(creditGpm);
    return inShort(
      counted(all.filter(isDischarge).length, 'discharge'),
      counted(all.filter(isIntake).length, 'intake'),
      credit !== null && credit.gpm > 0 && gpm(credit.gpm),
    );
  },
  caution:
    'Water under pressure throws caps, couplings and hose: stand aside when a valve is opened, open and close large ones slowly. Makers’ pressure ratings and the adopted standard decide.',
};
