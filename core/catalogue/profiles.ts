import type { BuildType } from './types.js';

/** One limit: its value, what it is in our own words, and what it rests on. */
export interface Limit {
  value: number;
  unit: '%' | 'deg' | 'lb' | 'gal' | 'gpm' | 'ft' | 'ft3' | 'seats';
  basis: string;
}

export type LimitId =
  | 'sideImbalancePct'
  | 'cgHeightToTrackPct'
  | 'tiltDeg'
  | 'frontSharePct'
  | 'reservePct'
  | 'seatLb'
  | 'allowanceLb'
  | 'pumpGpm'
  | 'tankGal'
  | 'compartmentFt3'
  | 'supplyHoseFt'
  | 'attackHoseFt'
  | 'groundLadderFt'
  | 'roofLadderFt'
  | 'extensionLadderFt'
  | 'atticLadderFt'
  | 'hose15Ft'
  | 'hose1Ft'
  | 'seats'
  | 'gvwrLb';

export interface Profile {
  id: string;
  name: string;
  types: BuildType[];
  limits: Partial<Record<LimitId, Limit>>;
}

const house = (value: number, unit: Limit['unit']): Limit => ({ value, unit, basis: 'House rule' });
const nfpa = (value: number, unit: Limit['unit']): Limit => ({ value, unit, basis: 'NFPA 1900, confirm against the adopted edition' });
const typing = (value: number, unit: Limit['unit']): Limit => ({ value, unit, basis: 'Interagency engine type, confirm against the adopted list' });

const ratingsOnly: Profile['limits'] = {
  frontSharePct: house(25, '%'),
  reservePct: house(3, '%'),
  seatLb: house(250, 'lb'),
};

const stability: Profile['limits'] = {
  ...ratingsOnly,
  seatLb: nfpa(250, 'lb'),
  sideImbalancePct: nfpa(7, '%'),
  cgHeightToTrackPct: nfpa(80, '%'),
  tiltDeg: nfpa(26.5, 'deg'),
};

const structural: Profile['limits'] = {
  ...stability,
  compartmentFt3: nfpa(40, 'ft3'),
};

/**
 * Limit profiles as data (brief: rules). A starting point, not a reading of the standards:
 * the edition adopted by the authority having jurisdiction decides.
 */
export const PROFILES: Profile[] = [
  {
    id: 'us-pumper', name: 'US structural, pumper', types: ['pumper'],
    limits: {
      ...structural, allowanceLb: nfpa(2000, 'lb'), pumpGpm: nfpa(750, 'gpm'), tankGal: nfpa(300, 'gal'),
      supplyHoseFt: nfpa(800, 'ft'), attackHoseFt: nfpa(400, 'ft'), roofLadderFt: nfpa(14, 'ft'), extensionLadderFt: nfpa(24, 'ft'), atticLadderFt: nfpa(10, 'ft'),
    },
  },
  { id: 'us-aerial', name: 'US structural, aerial', types: ['aerial'], limits: { ...structural, allowanceLb: nfpa(2500, 'lb'), groundLadderFt: nfpa(115, 'ft') } },
  {
    id: 'us-quint', name: 'US structural, quint', types: ['aerial'],
    limits: {
      ...structural, allowanceLb: nfpa(2500, 'lb'), pumpGpm: nfpa(1000, 'gpm'), tankGal: nfpa(300, 'gal'),
      supplyHoseFt: nfpa(800, 'ft'), attackHoseFt: nfpa(400, 'ft'), groundLadderFt: nfpa(85, 'ft'),
    },
  },
  {
    id: 'us-wildland-6', name: 'US wildland, engine type 6', types: ['brush'],
    limits: {
      ...stability, allowanceLb: nfpa(900, 'lb'), pumpGpm: typing(50, 'gpm'), tankGal: typing(150, 'gal'), hose15Ft: typing(300, 'ft'), hose1Ft: typing(300, 'ft'),
      seats: typing(2, 'seats'), gvwrLb: typing(19_500, 'lb'),
    },
  },
  {
    id: 'us-wildland-4', name: 'US wildland, engine type 4', types: ['brush'],
    limits: { ...stability, allowanceLb: nfpa(1500, 'lb'), pumpGpm: typing(50, 'gpm'), tankGal: typing(750, 'gal'), hose15Ft: typing(300, 'ft'), hose1Ft: typing(300, 'ft'), seats: typing(2, 'seats') },
  },
  { id: 'ratings-only', name: 'Makers’ ratings only', types: ['pumper', 'aerial', 'brush'], limits: ratingsOnly },
];
