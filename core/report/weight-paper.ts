import { CAUTIONS, governing, PLANNING_CAUTION } from '../review/index.js';
import type { Evaluation } from '../review/index.js';
import type { BuildSpec } from '../spec/index.js';
import { profileOf } from '../spec/index.js';
import { certaintyOf } from '../study/index.js';
import { bare, feetInches, formatPct, inches, lb } from '../units/index.js';
import { certaintyTable, doubtsTable } from './certainty.js';
import { componentsTable } from './components.js';
import { contributionChart, reserveTable } from './contributions.js';
import { fillingReport } from './filling.js';
import { findingsTable } from './findings.js';
import { frameReport, FRAME_CAUTION } from './frame.js';
import type { Block, Paper, TableOf } from './kinds.js';
import { limitsTable } from './limits.js';
import { sidesTable } from './sides.js';
import { statesChart, statesTable } from './states.js';

/** Loads in service against what governs each, with what is left and how sure it is. */
function loadsTable({ rig, states }: Evaluation): TableOf {
  const { front, rear, totalLb, total95Lb, gvwrMarginLb } = states[0]!.weights;
  const row = (id: string, name: string, loadLb: number, load95Lb: number, limitLb: number, marginLb: number, by: string) => ({
    id, ...(marginLb < 0 ? { over: [4] } : {}), cells: [name, bare(lb(loadLb)), bare(lb(load95Lb)), bare(lb(limitLb)), bare(lb(marginLb)), formatPct((loadLb / limitLb) * 100), by],
  });
  return {
    title: 'In service',
    columns: [
      { head: '' }, { head: 'Load', unit: 'lb', figure: true }, { head: 'Not exceeded, 95 %', unit: 'lb', figure: true }, { head: 'Rating', unit: 'lb', figure: true }, { head: 'Left', unit: 'lb', figure: true },
      { head: 'Used', figure: true }, { head: 'Governed by' },
    ],
    rows: [
      row('front', 'Front axle', front.loadLb, front.load95Lb, rig.axles.front.gawrLb, front.marginLb, governing(rig.frontAxle).name),
      row('rear', rig.axles.rear.axles === 2 ? 'Rear tandem' : 'Rear axle', rear.loadLb, rear.load95Lb, rig.axles.rear.gawrLb, rear.marginLb, governing(rig.rearAxle).name),
      row('gross', 'Gross', totalLb, total95Lb, rig.axles.gvwrLb, gvwrMarginLb, 'chassis maker’s gross rating'),
    ],
  };
}

const heading = (text: string, newPage = false): Block => (newPage ? { kind: 'heading', text, newPage } : { kind: 'heading', text });
const text = (words: string): Block => ({ kind: 'text', text: words });
const caution = (words: string): Block => ({ kind: 'caution', text: words });

/** The weight sheet as a paper: drawing, loads, findings, charts, certainty, every component, and the cautions. */
export function weightPaper(spec: BuildSpec, evaluation: Evaluation): Paper {
  const { rig, states, envelope, findings, payloadLeft } = evaluation;
  const profile = profileOf(spec);
  const filling = fillingReport(rig);
  const frame = frameReport(rig, states[0]!);
  const { cg, cgHeightToTrackPct, tiltAngleDeg } = states[0]!.weights;
  return {
    title: 'Weight sheet',
    blocks: [
      caution(PLANNING_CAUTION),
      { kind: 'drawing', views: 'driver' },
      {
        kind: 'facts', facts: [
          ['Length × width × height', `${feetInches(envelope.lengthIn)} × ${feetInches(envelope.widthIn)} × ${feetInches(envelope.heightIn)}`],
          ['Wheelbase', inches(rig.axles.wheelbaseIn)],
          ['Centre of gravity', `${inches(cg.xIn)} aft of the front axle, ${inches(cg.zIn)} up: ${formatPct(cgHeightToTrackPct)} of the rear track, rigid tilt angle ${tiltAngleDeg.toFixed(1)}°`],
          ['Limits', profile.name],
        ],
      },
      { kind: 'table', table: loadsTable(evaluation), widths: [2, 1.2, 2, 1.2, 1.5, 1.1, 2.8] },
      caution(CAUTIONS.chassis),
      heading('Findings'),
      { kind: 'table', table: findingsTable(findings), widths: [1.3, 3, 1.3, 1.3, 1.6, 4] },
      heading('Load states', true),
      { kind: 'table', table: statesTable(evaluation), widths: [1.8, 1, 1.1, 1.8, 1.1, 1.8, 1.1, 1.8, 1.3, 0.9, 2.4] },
      { kind: 'chart', chart: statesChart(evaluation) },
      ...(filling ? [heading('Filling of the tank'), { kind: 'chart', chart: filling.loads, half: true }, { kind: 'chart', chart: filling.roll, half: true }, text(filling.words)] satisfies Block[] : []),
      heading('Payload left', true),
      text(payloadLeft.map(({ place, leftLb, fullFirst }) => `${place}: ${lb(leftLb)} until the ${fullFirst} is full`).join('. ') + '.'),
      { kind: 'table', table: reserveTable(evaluation), titled: true, widths: [3, 1, 1, 1, 1, 1, 1] },
      { kind: 'chart', chart: contributionChart(evaluation) },
      heading('Sides', true),
      { kind: 'table', table: sidesTable(evaluation) },
      ...findings.filter(({ id }) => id === 'sideFront' || id === 'sideRear').map((finding) => text(`${finding.title}: ${finding.words}${finding.state ? ` Worst in: ${finding.state.name.toLowerCase()}.` : ''}`)),
      caution(CAUTIONS.tank),
      ...(rig.type === 'aerial' ? [caution(CAUTIONS.device)] : []),
      heading('How sure'),
      { kind: 'table', table: certaintyTable(evaluation) },
      { kind: 'table', table: doubtsTable(certaintyOf(evaluation, 'front')), titled: true, widths: [3.4, 1, 1.8, 1, 2] },
      { kind: 'table', table: doubtsTable(certaintyOf(evaluation, 'gross')), titled: true, widths: [3.4, 1, 1.8, 1, 2] },
      text('Components are taken as independent; a tolerance is two standard deviations.'),
      heading('Along the frame', true),
      caution(FRAME_CAUTION),
      { kind: 'chart', chart: frame.bending }, { kind: 'chart', chart: frame.load, half: true }, { kind: 'chart', chart: frame.shear, half: true },
      text(frame.words),
      heading('Every component', true),
      { kind: 'table', table: componentsTable(evaluation), widths: [4, 1, 1, 1.2, 1, 1.5, 0.7, 1.1, 1.1] },
      heading('Limits held against'),
      text(`${profile.name}. A starting point, not a reading of a standard: confirm each against the edition that the authority having jurisdiction adopted.`),
      { kind: 'table', table: limitsTable(profile), widths: [3.4, 1.2, 1.1, 5.4] },
    ],
  };
}
