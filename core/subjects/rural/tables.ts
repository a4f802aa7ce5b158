import { reading } from '../../kernel/index.js';
import type { ChartOf, TableOf } from '../../kernel/index.js';
import { amount, feet, formatWhole, gal, gpm, hoseSize, inches, lb, psi } from '../../units/index.js';
import { minutesInWords } from '../lines/index.js';
import { carried, comesDown, reachIn } from './carried.js';
import type { Carried } from './carried.js';
import { draftSites } from './drafts.js';
import { relay, supplyHose } from './relay.js';
import { runShuttle } from './run.js';
import { LIMIT_WORDS } from './sites.js';
import type { AtShuttle } from './sites.js';

const does = ({ part: { foldingGal, suctionFt, suctionIn, siphonGpm, strainerIn } }: Carried): string =>
  foldingGal !== undefined
    ? `holds ${gal(foldingGal)}`
    : suctionFt !== undefined
      ? `${feet(suctionFt)}${suctionIn === undefined ? '' : ` of ${hoseSize(suctionIn)}`}`
      : siphonGpm !== undefined
        ? `brings ${gpm(siphonGpm)} to the tank that is drawn from`
        : `draws from ${inches(strainerIn ?? NaN)} of water`;

/** What is carried for water supply: what it does, where it rides, how it comes down. */
export const carriedTable = reading('rural', [carried, reachIn], (all, reach): TableOf => ({
  title: 'Carried for rural water',
  columns: [
    { head: 'Piece' },
    { head: 'It' },
    { head: 'Weighs', figure: true },
    { head: 'Rides' },
    { head: 'Its middle is up', figure: true },
    { head: 'Comes down' },
  ],
  rows: all.map((one) => ({
    id: one.id,
    cells: [
      one.count > 1 ? `${one.part.name} × ${one.count}` : one.part.name,
      does(one),
      lb(one.part.weightLb * one.count),
      one.place,
      inches(one.upIn),
      comesDown(one, reach),
    ],
  })),
}));

/** Draft site by draft site. */
export const draftTable = reading('rural', [draftSites], (all): TableOf => ({
  title: 'Draft sites',
  columns: [
    { head: 'Site' },
    { head: 'Lift', figure: true },
    { head: 'Bank', figure: true },
    { head: 'Suction needed', figure: true },
    { head: 'Carried', figure: true },
    { head: 'Priming', figure: true },
    { head: 'Draws about', figure: true },
  ],
  rows: all.map(({ site, neededFt, carriedFt, drawnGpm, primingS }) => ({
    id: site.id,
    ...(carriedFt < neededFt ? { short: [4] } : {}),
    cells: [
      site.name,
      feet(site.liftFt),
      feet(site.reachFt),
      feet(neededFt),
      feet(carriedFt),
      `${formatWhole(primingS)} s`,
      // An estimate: nobody reads tenths of it.
      gpm(Math.round(drawnGpm)),
    ],
  })),
}));

/** Each tanker of a shuttle: its round and what it brings. */
export function shuttleTable({ of, input, line, names }: AtShuttle): TableOf {
  const wait = (round: (typeof of.tankers)[number], i: number) =>
    round.dumpMin - input.dump.handlingMin - input.tankers[i]!.gallons / input.tankers[i]!.dumpGpm;
  return {
    title: `${line.name}, tanker by tanker`,
    columns: [
      { head: 'Tanker' },
      { head: 'Holds', figure: true },
      { head: 'Filling', figure: true },
      { head: 'Driving', figure: true },
      { head: 'Dumping', figure: true },
      { head: 'Of that it waits', figure: true },
      { head: 'Round', figure: true },
      { head: 'Brings', figure: true },
    ],
    rows: of.tankers.map((round, i) => ({
      id: String(i),
      cells: [
        names[i] ?? '',
        gal(input.tankers[i]!.gallons),
        minutesInWords(round.fillMin),
        minutesInWords(2 * of.oneWayMin),
        minutesInWords(round.dumpMin),
        minutesInWords(Math.max(0, wait(round, i))),
        minutesInWords(round.cycleMin),
        gpm(round.flowGpm),
      ],
    })),
  };
}

/** What a shuttle keeps up and why no more, in words. */
export const shuttleInWords = ({ of, flowGpm, limitedBy, askedGpm, input }: AtShuttle): string =>
  `Sustained: ${gpm(flowGpm)}, of ${gpm(askedGpm)} that the lines that run ask for. What limits it: ${LIMIT_WORDS[limitedBy]}. The ${input.source.places === 1 ? 'place' : 'places'} to fill ${input.source.places === 1 ? 'is' : 'are'} busy ${amount(Math.min(100, of.sourceBusy * 100), '%')} of the time, to dump ${amount(Math.min(100, of.dumpBusy * 100), '%')}${of.dumpBusy > 1 || of.sourceBusy > 1 ? ': tankers stand in line' : ''}.`;

/** What a tank of the truck's own holds where tankers pump into it, and how long a run is looked at; gal, min. */
const RUN_MIN = 90;

/** Water where the tankers dump and what is drawn of it over the minutes from the first tanker, against what is sustained. */
export function shuttleChart(site: AtShuttle, tankGal: number): ChartOf {
  const { input, askedGpm, flowGpm, foldingGal } = site;
  const run = runShuttle(input, foldingGal ?? tankGal, askedGpm, RUN_MIN);
  return {
    kind: 'lines',
    words: `Water where the tankers dump and the flow drawn of it over ${formatWhole(RUN_MIN)} min; ${gpm(flowGpm)} are sustained of ${gpm(askedGpm)} asked.`,
    x: { title: 'Minutes from the first tanker', at: run.at },
    y: { title: foldingGal === null ? 'In the tank' : 'In the folding tank', unit: 'gal' },
    right: { title: 'Flow', unit: 'gpm' },
    series: [
      {
        label: foldingGal === null ? 'Water in the tank' : 'Water in the folding tank',
        tone: 'water',
        values: run.levelGal,
      },
      { label: 'Drawn by the lines', tone: 'ink', dash: [6, 3], right: true, values: run.drawnGpm },
      { label: 'Sustained', tone: 'spruce', dash: [2, 3], right: true, values: run.at.map(() => flowGpm) },
    ],
  };
}

/** This pumper at the water and another at the fire: flow by flow. */
export const relayTable = reading('rural', [relay, supplyHose], (all, hose): TableOf | null =>
  hose && all.length
    ? {
        title: `Relay: this pumper at the water, another at the fire, ${hoseSize(hose.sizeIn)} between them`,
        columns: [
          { head: 'Flow', figure: true },
          { head: `Asks for, with ${feet(hose.lengthFt)} laid`, figure: true },
          { head: 'This pump gives', figure: true },
          { head: 'Longest lay', figure: true },
        ],
        rows: all.map(({ gpm: flow, askedPsi, givesPsi, longestFt }) => ({
          id: String(flow),
          ...(askedPsi > givesPsi ? { over: [1] } : {}),
          cells: [gpm(flow), psi(askedPsi), psi(givesPsi), feet(longestFt)],
        })),
      }
    : null,
);
