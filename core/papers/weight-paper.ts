import { held, PLANNING_CAUTION } from '../kernel/index.js';
import type { Evaluation, TableOf } from '../kernel/index.js';
import { axles, chassis, chosenChassis } from '../subjects/chassis/index.js';
import { device } from '../subjects/device/index.js';
import { FRAME_CAUTION, frameReport } from '../subjects/frame/index.js';
import { limitsTable } from '../subjects/limits/index.js';
import { TANK_CAUTION } from '../subjects/tank/index.js';
import {
  certaintyOf,
  certaintyTable,
  componentsTable,
  contributionChart,
  fillingReport,
  governing,
  inService,
  leastTilt,
  payloadInWords,
  payloadLeft,
  reserveTable,
  sidesTable,
  statesChart,
  statesTable,
  uncertainTable,
} from '../subjects/weights/index.js';
import { envelope } from '../truck/index.js';
import { bare, feetInches, formatPct, inches, lb } from '../units/index.js';
import { findingsTable } from './findings-table.js';
import { caution, heading, text } from './kinds.js';
import type { Block, Paper } from './kinds.js';

/** Loads in service against what governs each, with what is left and how sure it is. */
function loadsTable(evaluation: Evaluation): TableOf {
  const on = evaluation.read(axles);
  const { frontAxle, rearAxle } = evaluation.read(chosenChassis);
  const { front, rear, totalLb, total95Lb, gvwrMarginLb } = evaluation.read(inService).weights;
  const row = (
    id: string,
    name: string,
    loadLb: number,
    load95Lb: number,
    limitLb: number,
    marginLb: number,
    by: string,
  ) => ({
    id,
    ...(marginLb < 0 ? { over: [4] } : {}),
    cells: [
      name,
      bare(lb(loadLb)),
      bare(lb(load95Lb)),
      bare(lb(limitLb)),
      bare(lb(marginLb)),
      formatPct((loadLb / limitLb) * 100),
      by,
    ],
  });
  return {
    title: 'In service',
    columns: [
      { head: '' },
      { head: 'Load', unit: 'lb', figure: true },
      { head: 'Not exceeded, 95 %', unit: 'lb', figure: true },
      { head: 'Rating', unit: 'lb', figure: true },
      { head: 'Left', unit: 'lb', figure: true },
      { head: 'Used', figure: true },
      { head: 'Governed by' },
    ],
    rows: [
      row(
        'front',
        'Front axle',
        front.loadLb,
        front.load95Lb,
        on.front.gawrLb,
        front.marginLb,
        governing(frontAxle).name,
      ),
      row(
        'rear',
        on.rear.axles === 2 ? 'Rear tandem' : 'Rear axle',
        rear.loadLb,
        rear.load95Lb,
        on.rear.gawrLb,
        rear.marginLb,
        governing(rearAxle).name,
      ),
      row('gross', 'Gross', totalLb, total95Lb, on.gvwrLb, gvwrMarginLb, 'chassis maker’s gross rating'),
    ],
  };
}

/** The weight sheet as a paper: drawing, loads, findings, charts, certainty, every component, and the cautions. */
export function weightPaper(evaluation: Evaluation): Paper {
  const { build, findings, house } = evaluation;
  const outside = evaluation.read(envelope);
  const profile = evaluation.read(held);
  const filling = evaluation.read(fillingReport);
  const frame = frameReport(evaluation, 'inService');
  const { cg, cgHeightToTrackPct } = evaluation.read(inService).weights;
  const { estimateDeg, rigidDeg } = evaluation.read(leastTilt);
  return {
    title: 'Weight sheet',
    blocks: [
      caution(PLANNING_CAUTION),
      { kind: 'drawing', views: 'driver' },
      {
        kind: 'facts',
        facts: [
          [
            'Length × width × height',
            `${feetInches(outside.lengthIn)} × ${feetInches(outside.widthIn)} × ${feetInches(outside.heightIn)}`,
          ],
          ['Wheelbase', inches(evaluation.read(axles).wheelbaseIn)],
          [
            'Center of gravity',
            `${inches(cg.xIn)} aft of the front axle, ${inches(cg.zIn)} up: ${formatPct(cgHeightToTrackPct)} of the rear track`,
          ],
          [
            'Least tilt angle',
            `${estimateDeg.toFixed(1)}° by estimate, ${rigidDeg.toFixed(1)}° rigid; the certified tilt test decides`,
          ],
          ['Limits', profile.name],
        ],
      },
      { kind: 'table', table: loadsTable(evaluation), widths: [2, 1.2, 2, 1.2, 1.5, 1.1, 2.8] },
      caution(chassis.caution!),
      heading('Checks'),
      { kind: 'table', table: findingsTable(findings), widths: [1.3, 3, 1.3, 1.3, 1.6, 4] },
      heading('Load states', true),
      {
        kind: 'table',
        table: statesTable(evaluation),
        widths: [1.8, 1, 1.1, 1.8, 1.1, 1.8, 1.1, 1.8, 1.3, 0.9, 1.1, 2.4],
      },
      { kind: 'chart', chart: evaluation.read(statesChart) },
      ...(filling
        ? ([
            heading('Filling of the tank'),
            { kind: 'chart', chart: filling.loads, half: true },
            { kind: 'chart', chart: filling.roll, half: true },
            text(filling.words),
          ] satisfies Block[])
        : []),
      heading('Payload left', true),
      text(
        evaluation
          .read(payloadLeft)
          .map((left) => `${left.place}: ${payloadInWords(left)}`)
          .join('. ') + '.',
      ),
      { kind: 'table', table: evaluation.read(reserveTable), titled: true, widths: [3, 1, 1, 1, 1, 1, 1] },
      { kind: 'chart', chart: evaluation.read(contributionChart) },
      heading('Sides', true),
      { kind: 'table', table: evaluation.read(sidesTable) },
      ...findings
        .filter(({ id }) => id === 'sideFront' || id === 'sideRear')
        .map((finding) =>
          text(
            `${finding.title}: ${finding.words}${finding.state ? ` Worst in: ${finding.state.name.toLowerCase()}.` : ''}`,
          ),
        ),
      caution(TANK_CAUTION),
      ...(build.type === 'aerial' ? [caution(device.caution!)] : []),
      heading('How sure'),
      { kind: 'table', table: certaintyTable(evaluation) },
      {
        kind: 'table',
        table: uncertainTable(certaintyOf(evaluation, 'front')),
        titled: true,
        widths: [3.4, 1, 1.8, 1, 2],
      },
      {
        kind: 'table',
        table: uncertainTable(certaintyOf(evaluation, 'gross')),
        titled: true,
        widths: [3.4, 1, 1.8, 1, 2],
      },
      text('Components are taken as independent; a tolerance is two standard deviations.'),
      heading('Along the frame', true),
      caution(FRAME_CAUTION),
      { kind: 'chart', chart: frame.bending },
      { kind: 'chart', chart: frame.load, half: true },
      { kind: 'chart', chart: frame.shear, half: true },
      text(frame.words),
      heading('Every component', true),
      {
        kind: 'table',
        table: evaluation.read(componentsTable),
        widths: [4, 1, 1, 1.2, 1, 1.5, 0.7, 1.1, 1.1],
      },
      heading('Limits checked against'),
      text(
        `${profile.name}. A starting point, not a reading of a standard: confirm each against the edition that the authority having jurisdiction adopted.`,
      ),
      { kind: 'table', table: limitsTable(house.limits, profile), widths: [3.4, 1.2, 1.1, 5.4] },
    ],
  };
}
