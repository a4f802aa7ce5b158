import { House } from '../kernel/index.js';
import { air } from './air/index.js';
import { angles } from './angles/index.js';
import { body } from './body/index.js';
import { bridges } from './bridges/index.js';
import { briefSubject } from './brief/index.js';
import { bumper } from './bumper/index.js';
import { cab } from './cab/index.js';
import { chassis } from './chassis/index.js';
import { device } from './device/index.js';
import { clearance } from './clearance/index.js';
import { dimensions } from './dimensions/index.js';
import { equipment } from './equipment/index.js';
import { fittings } from './fittings/index.js';
import { fleet } from './fleet/index.js';
import { firesSubject } from './fires/index.js';
import { flood } from './flood/index.js';
import { foam } from './foam/index.js';
import { foaming } from './foaming/index.js';
import { frame } from './frame/index.js';
import { grades } from './grades/index.js';
import { ground } from './ground/index.js';
import { hose } from './hose/index.js';
import { inventory } from './inventory/index.js';
import { items } from './items/index.js';
import { ladders } from './ladders/index.js';
import { layout } from './layout/index.js';
import { limits } from './limits/index.js';
import { lines } from './lines/index.js';
import { moneySubject } from './money/index.js';
import { operating } from './operating/index.js';
import { parts } from './parts/index.js';
import { plumbing } from './plumbing/index.js';
import { pulling } from './pulling/index.js';
import { pump } from './pump/index.js';
import { pumping } from './pumping/index.js';
import { ride } from './ride/index.js';
import { road } from './road/index.js';
import { rolling } from './rolling/index.js';
import { rural } from './rural/index.js';
import { service } from './service/index.js';
import { shelving } from './shelving/index.js';
import { station } from './station/index.js';
import { stowing } from './stowing/index.js';
import { streets } from './streets/index.js';
import { tank } from './tank/index.js';
import { weights } from './weights/index.js';

/** Edition of the parts that ship: it changes whenever a figure of theirs does. */
const EDITION = '2027-06';

/**
 * The registry. Findings and figures are told in this order; the steps among the subjects are the order of work.
 * Own parts stand first, since what names them comes after.
 */
export const house = new House(
  [
    parts,
    limits,
    briefSubject,
    weights,
    dimensions,
    ride,
    angles,
    station,
    streets,
    bridges,
    grades,
    flood,
    road,
    ground,
    clearance,
    frame,
    chassis,
    cab,
    bumper,
    device,
    pump,
    pumping,
    plumbing,
    service,
    layout,
    tank,
    foam,
    hose,
    pulling,
    inventory,
    lines,
    foaming,
    air,
    firesSubject,
    rolling,
    operating,
    ladders,
    body,
    shelving,
    equipment,
    stowing,
    rural,
    items,
    fittings,
    moneySubject,
    fleet,
  ],
  EDITION,
);
