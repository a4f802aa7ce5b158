/** What holds a truck back, and what pulls it (formulas: pull). Lb, hp, ft, mph. */
export interface Pull {
  weightLb: number;
  /** What the engine leaves at the wheels: after the altitude and the driveline, hp. */
  wheelHp: number;
  /** Of the front, what the air meets, ft². */
  frontalFt2: number;
  /** Of the load on the driven wheels, what they hold on dry pavement, lb. */
  gripLb: number;
}

const FT_LB_PER_HP_S = 550;
const FPS_PER_MPH = 22 / 15;
const GRAVITY_FPS2 = 32.174;
/** Of the load, what tires on pavement need to roll. */
const ROLLING = 0.012;
/** Slugs in a cubic foot of air at the sea; and how blunt a fire truck is. */
const AIR_SLUG_FT3 = 0.00238;
const DRAG = 0.8;
/** What axles and shafts leave of the engine's power. */
const DRIVELINE = 0.85;
/** Power lost for each thousand feet above so many. */
const DERATE = { fromFt: 2_000, perFt: 0.03 / 1_000 };
/** While it shifts through its gears an engine gives this share of its best, and what turns adds to the mass. */
const THROUGH_GEARS = 0.8;
const TURNING_MASS = 1.06;

/** What an engine gives at an altitude, as a share of its best; 3 % less for each 1,000 ft above 2,000. */
export const altitudeShare = (highFt: number): number =>
  Math.max(0.2, 1 - Math.max(0, highFt - DERATE.fromFt) * DERATE.perFt);

export const wheelHp = (engineHp: number, highFt: number): number =>
  engineHp * DRIVELINE * altitudeShare(highFt);

/** What holds it back at a speed on a grade, lb. */
function heldLb({ weightLb, frontalFt2 }: Pull, mph: number, gradePct: number): number {
  const angle = Math.atan(gradePct / 100);
  const fps = mph * FPS_PER_MPH;
  return (
    weightLb * (Math.sin(angle) + ROLLING * Math.cos(angle)) +
    (AIR_SLUG_FT3 / 2) * DRAG * frontalFt2 * fps * fps
  );
}

const HALVINGS = 40;
const FASTEST_MPH = 120;

/** The speed that it holds on a grade, mph: power against grade, rolling and air. */
export function speedOn(pull: Pull, gradePct: number): number {
  let [slow, fast] = [0, FASTEST_MPH];
  for (let i = 0; i < HALVINGS; i++) {
    const mph = (slow + fast) / 2;
    const needs = (heldLb(pull, mph, gradePct) * mph * FPS_PER_MPH) / FT_LB_PER_HP_S;
    if (needs <= pull.wheelHp) slow = mph;
    else fast = mph;
  }
  return slow;
}

const STEP_MPH = 0.25;

/** Whoever takes so long does not get there, s. */
export const NEVER_S = 600;

/** Seconds from standing to a speed on the level; `NEVER_S` where it does not get there. */
export function secondsTo(pull: Pull, mph: number): number {
  const mass = (pull.weightLb / GRAVITY_FPS2) * TURNING_MASS;
  let seconds = 0;
  for (let from = 0; from < mph; from += STEP_MPH) {
    const to = Math.min(mph, from + STEP_MPH);
    const at = (from + to) / 2;
    const pulls = Math.min(pull.gripLb, (pull.wheelHp * THROUGH_GEARS * FT_LB_PER_HP_S) / (at * FPS_PER_MPH));
    const left = pulls - heldLb(pull, at, 0);
    if (left <= 0 || seconds > NEVER_S) return NEVER_S;
    seconds += (mass * (to - from) * FPS_PER_MPH) / left;
  }
  return Math.min(seconds, NEVER_S);
}

/** How tires hold on what lies under them, as a share of their load. */
export const GRIP = { dry: 0.7, wet: 0.5, gravel: 0.45, grass: 0.25 } as const;

/** What starts on a grade: the load on the driven wheels grows uphill where they are the rear ones. */
export interface Starting {
  weightLb: number;
  rearLb: number;
  cgHeightIn: number;
  wheelbaseIn: number;
  driven: 'rear' | 'all';
}

/** The steepest grade on which its tires hold it as it starts, percent; the maker's startability may be less. */
export function startsOnPct(of: Starting, grip: number): number {
  const { weightLb, rearLb, cgHeightIn, wheelbaseIn, driven } = of;
  let [flat, steep] = [0, Math.PI / 4];
  for (let i = 0; i < HALVINGS; i++) {
    const angle = (flat + steep) / 2;
    const needs = weightLb * (Math.sin(angle) + ROLLING * Math.cos(angle));
    const onDriven =
      driven === 'all'
        ? weightLb * Math.cos(angle)
        : rearLb * Math.cos(angle) + (weightLb * Math.sin(angle) * cgHeightIn) / wheelbaseIn;
    if (needs <= grip * onDriven) flat = angle;
    else steep = angle;
  }
  return Math.tan(flat) * 100;
}
