import { groupsInOrder, MEASURE, MEASURE_GROUPS as GROUPS, OPEN_GROUPS, type MeasureId } from '@chiave/core/measure';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { FeetBody } from '../src/lib/api/foot-schema';
import { bodyOf, disagreement, entriesOf, readEntry, stampsOf, stepped, withUnit, type Entries } from '../src/lib/ui/fitting/entries';
import { moveOn } from '../src/lib/ui/measure/quick-entry';

const entries = (left: Entries['left'], right: Entries['right'] = {}): Entries => ({ left, right });

describe('the fields of Measure', () => {
  it('keep what was typed and save only what can be read', () => {
    const typed = entries({ lengthMm: '9 3/4 in', ballGirthMm: 'wide', ballWidthMm: '' });
    expect(bodyOf(typed, 'left', 'mm')).toMatchObject({
      lengthMm: { mm: expect.closeTo(247.65, 6), typed: '9 3/4 in', how: 'device', under: 'standing', readings: [] }
    });
    expect(Object.keys(bodyOf(typed, 'left', 'mm'))).toEqual(['lengthMm']);
    expect(typed.left.ballGirthMm).toBe('wide');
    expect(readEntry(typed.left.ballGirthMm!, 'ballGirthMm', 'mm').findings[0].level).toBe('refuse');
    expect(readEntry('', 'ballWidthMm', 'mm')).toEqual({ mm: null, findings: [] });
  });
  it('a bare number takes the unit it was typed under, so that a later switch does not change it', () => {
    expect(withUnit('24.8', 'cm')).toBe('24.8 cm');
    expect(withUnit('24,8 cm', 'mm')).toBe('24,8 cm');
    expect(withUnit('wide', 'cm')).toBe('wide');
    expect(bodyOf(entries({ lengthMm: '24.8' }), 'left', 'cm').lengthMm).toMatchObject({ mm: 248, typed: '24.8 cm' });
  });
  it('judges a measure by the length of the same foot', () => {
    const both = entries({ lengthMm: '250', ballGirthMm: '92' }, { ballGirthMm: '92' });
    expect(bodyOf(both, 'left', 'mm').ballGirthMm).toBeUndefined();
    expect(bodyOf(both, 'right', 'mm').ballGirthMm!.mm).toBe(92);
    expect(readEntry('92', 'ballGirthMm', 'mm', 250).mm).toBeNull();
  });
  it('steps from what stands there, or begins at what is filled in', () => {
    expect(stepped('248 mm', undefined, 'mm', 1)).toBe('249 mm');
    expect(stepped('24.8 cm', undefined, 'mm', -1)).toBe('24.7 cm');
    expect(stepped('', 91.6, 'mm', 1)).toBe('92 mm');
    expect(stepped('9 3/4 in', undefined, 'mm', 1)).toBe('248.7 mm');
    expect(stepped('', undefined, 'mm', 1)).toBe('');
    expect(stepped('', undefined, 'mm', 1, 'toe2TipMm')).toBe('0 mm');
    expect(stepped('80', undefined, 'mm', 5, 'pointReachDeg')).toBe('85');
  });
  it('a second reading stands in a field of its own and is averaged, with less doubt than one', () => {
    const twice = entries({ lengthMm: '248', 'lengthMm#2': '249 mm' });
    const { lengthMm } = bodyOf(twice, 'left', 'mm');
    expect(lengthMm).toMatchObject({ mm: 248.5, typed: '248 mm', readings: [{ mm: 248 }, { mm: 249, typed: '249 mm' }] });
    expect(lengthMm!.sdMm).toBeLessThan(1);
    expect(disagreement(248, 249, 'lengthMm', 'device')).toBe('');
    expect(disagreement(248, 258, 'lengthMm', 'device')).toContain('10 mm apart');
    expect(entriesOf({ left: { values: bodyOf(twice, 'left', 'mm') }, right: { values: {} } } as unknown as FeetBody).left).toEqual({
      lengthMm: '248 mm',
      'lengthMm#2': '249 mm'
    });
  });
  it('a deviation told by the way of taking is kept with the value; a second reading makes its own', () => {
    const stamp = { how: 'tracing' as const, at: null, by: '', under: 'standing' as const, sockMm: 0, sdMm: 2.7 };
    const stamps = { left: { ballLengthMm: stamp }, right: {} };
    const once = bodyOf(entries({ ballLengthMm: '181' }), 'left', 'mm', stamps);
    expect(once.ballLengthMm).toMatchObject({ how: 'tracing', sdMm: 2.7 });
    expect(stampsOf({ left: { values: once }, right: { values: {} } } as unknown as FeetBody).left.ballLengthMm).toEqual(stamp);
    const twice = bodyOf(entries({ ballLengthMm: '181', 'ballLengthMm#2': '182' }), 'left', 'mm', stamps);
    expect(twice.ballLengthMm!.sdMm).toBeLessThan(2);
    expect(stampsOf({ left: { values: twice }, right: { values: {} } } as unknown as FeetBody).left.ballLengthMm!.sdMm).toBeUndefined();
  });
  it('angles are read in degrees, other measures within what can be, each refused in words', () => {
    const many = entries({ pointReachDeg: '92°', toe5TipMm: '2,4 cm', shinLengthMm: 'long', ankleLiftDeg: '400' });
    expect(Object.fromEntries(Object.entries(bodyOf(many, 'left', 'mm')).map(([k, v]) => [k, v!.mm]))).toEqual({ pointReachDeg: 92, toe5TipMm: 24 });
    expect(readEntry(many.left.shinLengthMm!, 'shinLengthMm', 'mm').findings[0].message).toContain('is not a length');
    expect(readEntry(many.left.ankleLiftDeg!, 'ankleLiftDeg', 'mm').findings[0].message).toBe('ankle lift is -20 to 60 °; 400 was typed.');
    expect(readEntry('far', 'pointReachDeg', 'mm').findings[0].message).toContain('Write it in degrees');
  });
  it('an earlier visit’s feet come back as they were typed', () => {
    const side = {
      values: { lengthMm: { mm: 248, typed: '24,8 cm', how: 'tape', readings: [] } },
      toeShape: null,
      archType: null,
      bunionMm: null,
      hammerToeMm: null,
      hammerToe: null,
      ankleReachDeg: null
    };
    expect(entriesOf({ left: side, right: { ...side, values: {} } } as unknown as FeetBody)).toEqual({ left: { lengthMm: '24,8 cm' }, right: {} });
  });
});

describe('fast entry', () => {
  it('moves on when no further figure could be believed', () => {
    const done = (text: string, id: Parameters<typeof moveOn>[1]) => moveOn(text, id, 'left', '', 250).done;
    expect(['2', '24', '248'].map((t) => done(t, 'lengthMm'))).toEqual([false, false, true]);
    expect(['9', '93'].map((t) => done(t, 'ballWidthMm'))).toEqual([false, true]);
    expect(['1', '10', '104'].map((t) => done(t, 'ballWidthMm'))).toEqual([false, false, true]);
    expect(['6', '62'].map((t) => done(t, 'heelWidthMm'))).toEqual([false, true]);
    expect(done('24,8', 'lengthMm')).toBe(false);
  });
  it('the right foot is told from the left', () => {
    expect(moveOn('=', 'ballGirthMm', 'right', '231 mm', 250)).toEqual({ text: '231 mm', done: true });
    expect(moveOn('+2', 'ballGirthMm', 'right', '231 mm', 250)).toEqual({ text: '233', done: true });
    expect(moveOn('-1', 'lengthMm', 'right', '248 mm', undefined)).toEqual({ text: '247', done: true });
    expect(moveOn('+', 'lengthMm', 'right', '248 mm', undefined).done).toBe(false);
    expect(moveOn('=', 'lengthMm', 'left', '248 mm', undefined).done).toBe(false);
    expect(moveOn('=', 'lengthMm', 'right', '', undefined).done).toBe(false);
  });
  it('two feet in the eight commonest measures take at most forty keys, whatever the feet', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 210, max: 310 }),
        fc.array(fc.double({ min: -2, max: 2, noNaN: true }), { minLength: 7, maxLength: 7 }),
        fc.array(fc.integer({ min: -9, max: 9 }), { minLength: 8, maxLength: 8 }),
        (lengthMm, spread, apart) => {
          let keys = 0;
          const ids = GROUPS.filter((g) => OPEN_GROUPS.includes(g.id)).flatMap((g) => g.measures.map((m) => m.id)) as MeasureId[];
          expect(ids).toHaveLength(8);
          ids.forEach((id, i) => {
            const rule = MEASURE[id].from.at(-1);
            const figures = `${Math.round(rule ? lengthMm * rule.ratio * (1 + rule.spread * spread[i - 1]) : lengthMm)}`;
            const known = id === 'lengthMm' ? undefined : lengthMm;
            const at = [...figures].findIndex((_, n) => moveOn(figures.slice(0, n + 1), id, 'left', '', known).done);
            expect(figures.slice(0, at + 1)).toBe(figures);
            const right = apart[i] === 0 ? '=' : `${apart[i] > 0 ? '+' : '-'}${Math.abs(apart[i])}`;
            expect(moveOn(right, id, 'right', `${figures} mm`, known).done).toBe(true);
            keys += figures.length + right.length;
          });
          expect(keys).toBeLessThanOrEqual(40);
        }
      )
    );
  });
  it('a shop’s order of the groups keeps every group', () => {
    expect(
      groupsInOrder(['tape', 'gauge'])
        .map((g) => g.id)
        .slice(0, 2)
    ).toEqual(['tape', 'gauge']);
    expect(groupsInOrder([])).toEqual(GROUPS);
    expect(groupsInOrder(['reach'])).toHaveLength(GROUPS.length);
  });
});
