import { describe, expect, it } from 'vitest';
import { catalogueWith, SHIPPED } from '../catalogue/index.js';
import type { OwnPart } from '../catalogue/index.js';
import { DEMONSTRATION } from '../demonstration/index.js';
import { evaluate, measure } from '../review/index.js';
import { choicesFor } from '../study/index.js';
import { carryingOnlyNamed, catalogueOf, names, outdated, ownPartProblems, parseBuild, withOffered, withOwnPart, withPump } from './index.js';

const pumper = DEMONSTRATION[0]!.builds[0]!;
const PUMP: OwnPart = { id: 'mill-pump', kind: 'pump', likeId: 'midship-1500-side', name: 'Our midship', figures: [{ field: 'weightLb', value: 3_610, source: 'scale' }] };
const CORRECTION: OwnPart = { ...PUMP, id: 'midship-1500-side', name: 'Midship as weighed' };
const LADDER: OwnPart = { id: 'our-roof', kind: 'ladder', likeId: 'roof-14', name: 'Our roof ladder', figures: [] };

describe('a department’s own parts', () => {
  it('are beside the shipped ones, or in place of the one that they correct', () => {
    const catalogue = catalogueWith([PUMP, LADDER]);
    expect(catalogue.all('pump')).toHaveLength(SHIPPED.all('pump').length + 1);
    expect(catalogue.part('pump', 'mill-pump')).toMatchObject({ weightLb: 3_610, basis: 'weighed', own: true, ratedGpm: 1500 });
    expect(catalogueWith([CORRECTION]).all('pump')).toHaveLength(SHIPPED.all('pump').length);
    expect(catalogueWith([CORRECTION]).part('pump', 'midship-1500-side').weightLb).toBe(3_610);
    expect(SHIPPED.part('pump', 'midship-1500-side').weightLb).toBe(3_350);
  });

  it('weigh what they are said to, as surely as the source is', () => {
    const chosen = withPump(withOffered(pumper, [PUMP]), 'mill-pump');
    expect(measure(chosen).grossLb - measure(pumper).grossLb).toBeCloseTo(260, 9);
    const component = (spec: typeof pumper) => evaluate(spec).rig.components.find(({ id }) => id === 'pump')!;
    expect(component(chosen)).toMatchObject({ weightLb: 3_610, basis: 'weighed', tolerancePct: 1 });
    expect(component(withPump(withOffered(pumper, [{ ...PUMP, figures: [] }]), 'mill-pump'))).toMatchObject({ basis: 'estimated', tolerancePct: 15 });
  });

  it('are offered like any other, and only those that are named travel along', () => {
    const offered = withOffered(pumper, [PUMP, LADDER]);
    const option = choicesFor(offered, 'pump').flatMap((choice) => (choice.kind === 'amount' ? [] : choice.options)).find(({ id }) => id === 'mill-pump')!;
    expect(option).toMatchObject({ own: true, label: 'Our midship', chosen: false });
    const taken = carryingOnlyNamed(option.spec);
    expect(taken.ownParts).toEqual([PUMP]);
    expect(names(taken, PUMP)).toBe(true);
    expect(carryingOnlyNamed(withPump(taken, 'pto-1000'))).not.toHaveProperty('ownParts');
    expect(carryingOnlyNamed(pumper)).toBe(pumper);
  });

  it('travel in the build file, without which the build would not be whole', () => {
    const chosen = carryingOnlyNamed(withPump(withOffered(pumper, [PUMP]), 'mill-pump'));
    const read = parseBuild(JSON.parse(JSON.stringify(chosen)));
    expect(measure(read)).toEqual(measure(chosen));
    const { ownParts: _left, ...without } = chosen;
    expect(() => parseBuild(without)).toThrow(/pumpId must be a pump of the catalogue \(was "mill-pump"/);
  });

  it('that were given other figures since are told, and taken on request', () => {
    const chosen = withPump(withOffered(pumper, [PUMP]), 'mill-pump');
    const newer = { ...PUMP, figures: [{ field: 'weightLb', value: 3_700, source: 'scale' as const }] };
    expect(outdated(chosen, [PUMP, LADDER])).toEqual([]);
    expect(outdated(chosen, [newer])).toEqual([newer]);
    // The build's own copy stands until then.
    expect(catalogueOf(withOffered(chosen, [newer])).part('pump', 'mill-pump').weightLb).toBe(3_610);
    expect(measure(withOwnPart(chosen, newer)).grossLb - measure(chosen).grossLb).toBeCloseTo(90, 9);
  });

  it.each<[string, OwnPart, string]>([
    ['a shortest wheelbase beyond the longest', { id: 'c', kind: 'chassis', likeId: 'custom-medium', name: 'C', figures: [{ field: 'wheelbaseMinIn', value: 250, source: 'plate' }] }, 'figures'],
    ['a floor above the top', { id: 'b', kind: 'body', likeId: 'body-poly', name: 'B', figures: [{ field: 'topIn', value: 45, source: 'plate' }, { field: 'floorIn', value: 50, source: 'plate' }] }, 'figures'],
    ['nothing to be like', { ...PUMP, likeId: 'gone' }, 'likeId'],
  ])('are refused with %s', (_, part, field) => {
    expect(ownPartProblems(part).map((problem) => problem.field)).toContain(field);
  });

  it('of one kind and id are there once', () => {
    expect(() => parseBuild({ ...pumper, ownParts: [PUMP, PUMP] })).toThrow(/ownParts.1.id is there twice/);
    expect(() => parseBuild({ ...pumper, items: [{ id: 'a', name: 'A', weightLb: 1, xIn: 0, yIn: 0, zIn: 0, basis: 'estimated', priceCents: 0 }, { id: 'a', name: 'B', weightLb: 1, xIn: 0, yIn: 0, zIn: 0, basis: 'estimated', priceCents: 0 }] })).toThrow(/items.1.id is there twice/);
  });
});

describe('a build file of an older version', () => {
  it('is upgraded and weighs the same', () => {
    const { money: _new, ...older } = { ...pumper, version: 1 };
    const read = parseBuild(older);
    expect(read.version).toBe(2);
    expect(measure(read)).toEqual(measure(pumper));
  });

  it('of no version at all is refused', () => {
    expect(() => parseBuild({ ...pumper, version: 0 })).toThrow(/version must be equal to 2 \(was 0\)/);
  });
});
