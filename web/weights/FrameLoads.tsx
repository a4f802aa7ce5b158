import { useMemo } from 'react';
import { formatWhole, inches, lb } from '#core/units';
import { frameLoads } from '#core/study';
import { LineChart } from '../chart';
import { useUnits } from '../common';
import { useSession } from '../session';
import classes from './weights.module.css';

const LB_IN_TO_KNM = 0.0001129848290276167;

/** Load, shear and bending moment along the frame, for the builder's engineer. */
export function FrameLoadsView() {
  const { evaluation } = useSession();
  const { say, show, unit, system } = useUnits();
  const loads = useMemo(() => frameLoads(evaluation.rig), [evaluation]);
  const { stations, sagging, hogging } = loads;
  const x = stations.map(({ xIn }) => show('in', xIn));
  const metric = system === 'metric';
  const moment = (lbIn: number) => (metric ? lbIn * LB_IN_TO_KNM : lbIn / 1000);
  const momentUnit = metric ? 'kN·m' : '1,000 lb·in';
  const momentText = (lbIn: number) => `${formatWhole(moment(lbIn))} ${metric ? 'kN·m' : 'thousand lb·in'}`;
  const xTitle = `Aft of the front axle, ${unit('in')}`;
  return (
    <>
      <p className={classes.caution}>An estimate: each component lies evenly about its centre, the truck stands still, and the frame’s own data is not known here. The chassis maker’s and the builder’s engineers decide.</p>
      <LineChart label="Load for each inch of the truck" x={x} xTitle={xTitle} yTitle={unit('lbin')} series={[{ label: 'Load', colour: 'water', values: stations.map(({ loadLbPerIn }) => show('lbin', loadLbPerIn)) }]} />
      <div className={classes.pair}>
        <LineChart label="Shear along the frame" x={x} xTitle={xTitle} yTitle={unit('lb')} series={[{ label: 'Shear', colour: 'ink', values: stations.map(({ shearLb }) => show('lb', shearLb)) }]} />
        <LineChart
          label={say(`Bending moment along the frame: most sagging ${momentText(sagging.momentLbIn)} at ${inches(sagging.xIn)}, most hogging ${momentText(hogging.momentLbIn)} at ${inches(hogging.xIn)}`)}
          x={x} xTitle={xTitle} yTitle={momentUnit} series={[{ label: 'Bending moment, sagging up', colour: 'signal', values: stations.map(({ momentLbIn }) => moment(momentLbIn)), mark: stations.indexOf(sagging) }]}
        />
      </div>
      <p className={classes.says}>{say(`Most sagging between the axles: ${momentText(sagging.momentLbIn)} at ${inches(sagging.xIn)} aft of the front axle. Most hogging: ${momentText(hogging.momentLbIn)} at ${inches(hogging.xIn)}. The axles carry ${loads.reactions.map((reaction) => lb(reaction.lb)).join(' and ')}.`)}</p>
    </>
  );
}
