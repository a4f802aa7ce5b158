import type { Build } from '../../build/index.js';
import { step } from './step.js';
import type { Procedure } from './step.js';

/** In frost, by what is fitted against it. */
export const freezing = (of: Build['pumping'], skid: boolean): Procedure => ({
  id: 'freezing',
  title: 'In frost',
  steps: [
    step('trickle', 'A little water through every line in use', 'what stands freezes within minutes'),
    ...(of.heater || of.heatPan
      ? [
          step(
            'heat',
            `${of.heater ? 'Heater' : 'Heat pan'} on; recirculate`,
            'the pump keeps its own water warm',
          ),
        ]
      : [step('recirculate', 'Recirculate', 'the pump keeps its own water warm')]),
    step(
      'drain',
      `To travel: ${of.masterDrain ? 'master drain and every drain' : 'every drain'} open; prime dry${of.winterPort ? '; winter port' : ''}`,
      skid ? 'a skid stands in the wind' : 'the wind of the road freezes what is left',
    ),
  ],
});
