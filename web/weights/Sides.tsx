import { Table } from '@mantine/core';
import { useElementSize } from '@mantine/hooks';
import { worseModel } from '#core/review';
import { Remedies } from '../bench';
import { bare, formatPct, lb } from '#core/units';
import { layOut, Stage } from '../drawing';
import { useUnits } from '../common';
import { useSession } from '../session';
import classes from './weights.module.css';

/** Both models of the frame, the wheel-end loads on the truck seen from above, and what to move to level it. */
export function Sides() {
  const { bench, evaluation } = useSession();
  const { rig, states, findings, envelope } = evaluation;
  const { say, unit } = useUnits();
  const { ref, width } = useElementSize();
  const inService = states[0]!;
  const { front, rear } = inService.weights;
  const picture = width > 0 ? layOut(envelope, 'top', width, 250) : null;
  const placed = picture?.placed[0];
  const at = (xIn: number, yIn: number) => ({ left: (placed!.u + xIn - picture!.viewBox.x) * picture!.scale, top: (placed!.v - yIn - picture!.viewBox.y) * picture!.scale });
  const ends = [
    { name: 'Front, driver’s side', lb: worseModel(front).leftLb, x: 0, y: -rig.axles.front.trackIn / 2 }, { name: 'Front, officer’s side', lb: worseModel(front).rightLb, x: 0, y: rig.axles.front.trackIn / 2 },
    { name: 'Rear, driver’s side', lb: worseModel(rear).leftLb, x: rig.axles.wheelbaseIn, y: -rig.axles.rear.trackIn / 2 }, { name: 'Rear, officer’s side', lb: worseModel(rear).rightLb, x: rig.axles.wheelbaseIn, y: rig.axles.rear.trackIn / 2 },
  ];
  const sides = findings.filter(({ id }) => id === 'sideFront' || id === 'sideRear');
  return (
    <>
      <div className={classes.plan} ref={ref}>
        {picture && <Stage rig={rig} envelope={envelope} inService={inService} picture={picture} />}
        {picture && <ul aria-label="Wheel-end loads">{ends.map((end) => <li key={end.name} style={at(end.x, end.y)}><span className="unseen">{end.name}: </span>{say(lb(end.lb))} <small>{end.y > 0 ? 'officer’s side' : 'driver’s side'}</small></li>)}</ul>}
      </div>
      <Table className={classes.table} verticalSpacing={4} aria-label="Sides by both models of the frame">
        <Table.Thead><Table.Tr><Table.Th>Axle, in service</Table.Th><Table.Th>Frame</Table.Th><Table.Th ta="right">Driver’s side, {unit('lb')}</Table.Th><Table.Th ta="right">Officer’s side, {unit('lb')}</Table.Th><Table.Th ta="right">Imbalance</Table.Th><Table.Th>Judged by</Table.Th></Table.Tr></Table.Thead>
        <Table.Tbody>
          {([['Front', front], ['Rear', rear]] as const).flatMap(([name, axle]) => (['flexible', 'rigid'] as const).map((model) => (
            <Table.Tr key={`${name}-${model}`}>
              <Table.Td fw={500}>{name}</Table.Td><Table.Td>{model === 'flexible' ? 'flexible' : 'stiff'}</Table.Td>
              <Table.Td ta="right" className="figures">{say(bare(lb(axle[model].leftLb)))}</Table.Td><Table.Td ta="right" className="figures">{say(bare(lb(axle[model].rightLb)))}</Table.Td>
              <Table.Td ta="right" className="figures">{formatPct(axle[model].imbalancePct)}</Table.Td><Table.Td>{axle[model] === worseModel(axle) ? 'this, the worse' : ''}</Table.Td>
            </Table.Tr>
          )))}
        </Table.Tbody>
      </Table>
      {sides.map((finding) => (
        <section key={finding.id} className={classes.says} aria-label={finding.title}>
          <b>{finding.title}.</b> {say(finding.words)} {finding.state && `Worst in: ${finding.state.name.toLowerCase()}.`}
          {finding.status !== 'holds' && <Remedies spec={bench.spec} finding={finding} bench={bench} />}
        </section>
      ))}
    </>
  );
}
