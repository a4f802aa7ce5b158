import { Button, Group, Modal, Text } from '@mantine/core';
import { useRef } from 'react';
import type { BuildView } from '#core/exchange';
import type { Evaluation } from '#core/kernel';
import { axles } from '#core/subjects/chassis';
import { inService } from '#core/subjects/weights';
import { envelope } from '#core/truck';
import { feetInches, inches, lb, SYSTEM_NAMES } from '#core/units';
import { useUnits } from '../common';
import { layOut, Stage, VIEWS } from '../drawing';
import type { Arrangement } from '../drawing';
import { download, fileName } from './download';
import classes from './files.module.css';
import { standaloneSvg } from './sheet-svg';

const WIDTH = 1120;
const HEIGHT = 840;
const VIEW_IDS = ['driver', 'officer', 'top', 'front', 'rear'] as const;
const today = new Intl.DateTimeFormat('en-US', { dateStyle: 'long' });

/**
 * The foot of a drawing sheet: what it shows, of whom, how large, of which revision, and that it is no
 * certification.
 */
function TitleBlock({ view, evaluation, y }: { view: BuildView; evaluation: Evaluation; y: number }) {
  const { say, system } = useUnits();
  const outside = evaluation.read(envelope);
  const { front, rear, totalLb } = evaluation.read(inService).weights;
  const cells: [string, string, number][] = [
    ['Build', evaluation.build.name, 250],
    ['Department', view.build.department.name, 260],
    ['Revision', String(view.revision), 80],
    ['Date', today.format(new Date()), 160],
    [
      'Length × width × height',
      say(
        `${feetInches(outside.lengthIn)} × ${feetInches(outside.widthIn)} × ${feetInches(outside.heightIn)}`,
      ),
      265,
    ],
    ['Wheelbase', say(inches(evaluation.read(axles).wheelbaseIn)), 105],
  ];
  let x = 0;
  return (
    <g fontFamily="Barlow, sans-serif">
      <line x1={0} x2={WIDTH} y1={y} y2={y} stroke="var(--ink)" strokeWidth={1.6} />
      {cells.map(([head, text, width]) => {
        const at = x;
        x += width;
        return (
          <g key={head}>
            <text x={at + 8} y={y + 18} fontSize={11} fill="var(--pencil)">
              {head}
            </text>
            <text x={at + 8} y={y + 38} fontSize={15} fontWeight={600} fill="var(--ink)">
              {text}
            </text>
            <line x1={x} x2={x} y1={y} y2={y + 50} stroke="var(--rule)" strokeWidth={1} />
          </g>
        );
      })}
      <line x1={0} x2={WIDTH} y1={y + 50} y2={y + 50} stroke="var(--rule)" strokeWidth={1} />
      <text x={8} y={y + 68} fontSize={12} fill="var(--ink)">
        {say(
          `In service, calculated: front axle ${lb(front.loadLb)}, rear ${lb(rear.loadLb)}, gross ${lb(totalLb)}. Units: ${SYSTEM_NAMES[system]}.`,
        )}
      </text>
      <text x={8} y={y + 86} fontSize={12} fill="var(--pencil)">
        Planning drawing, not for certification: the makers’ ratings and drawings, the adopted standard and
        the authority having jurisdiction decide; weigh and measure the finished truck.
      </text>
    </g>
  );
}

/** One sheet with the five views, their dimensions and a title block, as it is handed out. */
export function DrawingSheet({
  view,
  evaluation,
  onClose,
}: {
  view: BuildView;
  evaluation: Evaluation;
  onClose: () => void;
}) {
  const outside = evaluation.read(envelope);
  const { name: buildName } = evaluation.build;
  const sheet = useRef<SVGSVGElement>(null);
  const single = useRef<HTMLDivElement>(null);
  const picture = layOut(outside, 'all', WIDTH, HEIGHT);
  const name = fileName(buildName);
  const stage = (arrangement: Arrangement, width: number, height: number) => (
    <Stage evaluation={evaluation} picture={layOut(outside, arrangement, width, height)} />
  );
  return (
    <Modal opened onClose={onClose} title="Drawing sheet" size="min(1180px, 96vw)" centered>
      <div className={classes.sheet}>
        <svg
          ref={sheet}
          viewBox={`-20 -20 ${WIDTH + 40} ${HEIGHT + 140}`}
          className={classes.sheetSvg}
          role="img"
          aria-label={`Drawing sheet of ${buildName}: five views with dimensions and title block`}
        >
          <rect
            x={-19}
            y={-19}
            width={WIDTH + 38}
            height={HEIGHT + 138}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
          <svg x={0} y={0} width={WIDTH} height={HEIGHT} className={classes.inner}>
            <Stage evaluation={evaluation} picture={picture} />
          </svg>
          <TitleBlock view={view} evaluation={evaluation} y={HEIGHT + 10} />
        </svg>
      </div>
      <div ref={single} className="unseen" aria-hidden="true" data-views>
        {VIEW_IDS.map((view) => (
          <div key={view} data-view={view}>
            {stage(view, 1200, 600)}
          </div>
        ))}
      </div>
      <Group mt="md" justify="space-between">
        <Text size="sm" c="var(--pencil)">
          SVG, to scale, in your units.
        </Text>
        <Group gap="xs">
          {VIEW_IDS.map((view) => (
            <Button
              key={view}
              size="xs"
              variant="default"
              onClick={() => {
                const svg = single.current?.querySelector<SVGSVGElement>(`[data-view="${view}"] svg`);
                if (svg)
                  download(
                    `${name}-${view}.svg`,
                    standaloneSvg(svg, `${buildName}, ${VIEWS[view].label.toLowerCase()}`),
                    'image/svg+xml',
                  );
              }}
            >
              {VIEWS[view].label}
            </Button>
          ))}
          <Button
            size="xs"
            onClick={() =>
              sheet.current &&
              download(
                `${name}-sheet.svg`,
                standaloneSvg(sheet.current, `${buildName}, drawing sheet`),
                'image/svg+xml',
              )
            }
          >
            Sheet with title block
          </Button>
        </Group>
      </Group>
    </Modal>
  );
}
