import { fromBuild, reading } from '../../kernel/index.js';
import { inches, gpm } from '../../units/index.js';
import { airTogether } from '../air/index.js';
import { foamCells } from '../foam/index.js';
import { flushMin } from '../foaming/index.js';
import { minutesInWords, tankTime } from '../lines/index.js';
import { connections } from '../plumbing/index.js';
import { chosenPump } from '../pump/index.js';
import { largestIntake, primer, primingS, suctionFt } from '../pumping/index.js';
import { rollsWith } from '../rolling/index.js';
import { supplies } from '../rural/index.js';
import { engaging, ROLLING } from './engage.js';
import { freezing } from './freezing.js';
import { air, foam } from './mixed.js';
import type { Procedure } from './step.js';
import { fromDraft, fromHydrant, fromTank, RELAY, stages } from './water.js';
import type { ForWater } from './water.js';

const SEVERAL: Procedure = {
  id: 'several',
  title: 'Several lines',
  steps: [
    {
      id: 'highest',
      do: 'Pump at the highest, gate the others; read each outlet’s own gauge',
      why: 'the pump has one pressure, each line its own',
    },
  ],
};

/** What the truck says of itself where water is moved. */
const forWater = reading(
  'operating',
  [
    chosenPump,
    connections,
    fromBuild(({ tank }) => tank.gallons),
    largestIntake,
    suctionFt,
    primer,
    tankTime,
    supplies,
  ],
  (pump, all, tankGal, sizeIn, ft, kind, time, { strainerIn }): ForWater | null =>
    pump && {
      connections: all,
      ratedGpm: pump.ratedGpm,
      twoStages: pump.stages === 2,
      tankGal,
      primingS: primingS(pump, sizeIn, ft, kind),
      suctionFt: ft,
      tankWords:
        time && Number.isFinite(time.emptyMin) ? `${gpm(time.gpm)} for ${minutesInWords(time.emptyMin)}` : '',
      strainerWords:
        strainerIn !== null && strainerIn < LOW_STRAINER_IN
          ? `a whirl draws air; in a folding tank the low strainer needs ${inches(strainerIn)}`
          : 'a whirl draws air, the bottom draws mud',
    },
);
/** A strainer that draws from less water stands on the floor of a folding tank, in. */
const LOW_STRAINER_IN = 6;

/** Every procedure of this truck, in the order in which they are needed; none without a pump. */
export const procedures = reading(
  'operating',
  [chosenPump, forWater, foamCells, flushMin, airTogether, rollsWith, fromBuild(({ pumping }) => pumping)],
  (pump, of, cells, flush, compressed, rolls, pumping): Procedure[] => {
    if (!pump || !of) return [];
    const [engage, leave] = engaging(pump) as [Procedure, Procedure];
    return [
      engage,
      ...fromTank(of),
      ...(of.connections.some(({ kind }) => kind === 'intake')
        ? [fromHydrant(of), fromDraft(of), RELAY]
        : []),
      ...(of.twoStages ? [stages(of)] : []),
      SEVERAL,
      ...foam(cells, flush),
      ...air(compressed),
      ...(rolls ? [ROLLING] : []),
      leave,
      freezing(pumping, pump.panel === 'skid'),
    ];
  },
);

/** What harms, told on every card. */
export const HARMS =
  'What harms: shifting while rolling or before neutral; pumping without a flow; large valves opened or shut fast; air before foam; an intake below {20 psi} on a hydrant or a relay; chocks forgotten; standing in line with a cap under pressure; rising from a low panel into an opened door; leaving the panel with a line charged.';
