import { describe, expect, it } from 'vitest';
import { allStyles } from '../../demo/lasts';
import { ORDINARY_WEAR, shoeOf, sizesOf } from '../src/fit';
import { asSheet, OFFSETS, withLearned } from '../src/last';
import { alikeKept, apartSquared, knownStyle, learnFeet, LEAST_ALIKE, type AlikePerson, type KnownPair } from '../src/learn';

const style = allStyles().find((s) => s.kind === 'sneaker')!;
const size = sizesOf(style).find((n) => Math.abs(shoeOf(style, n, style.widths[0]).inside.madeForFootMm - 250) < 4)!;
const tape = { lengthMm: { mm: 250, sdMm: 1.5 }, ballGirthMm: { mm: shoeOf(style, size, style.widths[0]).inside.ballGirthMm, sdMm: 3 } };
const pair = (own: Partial<KnownPair> = {}): KnownPair => ({
  id: 'a',
  ...knownStyle(style, size, style.widths[0]),
  wear: ORDINARY_WEAR,
  zones: {},
  worn: false,
  ...own
});
const learn = (...pairs: KnownPair[]) => learnFeet({ pairs, tape: { left: tape, right: tape }, preference: 'regular' });

describe('a last that a shop took over offsets of', () => {
  const by = { length: { mm: -2, sdMm: 0.7 }, girth: { mm: 3, sdMm: 1.2 }, heel: { mm: 1, sdMm: 0.5 }, toe: { mm: 1.5, sdMm: 1 } };
  const moved = withLearned(style.last, by);
  it('is moved in every size and width by as much, and as sure as the learning says', () => {
    for (const at of [style.from, style.to])
      for (const width of style.widths) {
        const [was, now] = [shoeOf(style, at, width), shoeOf({ ...style, last: moved }, at, width)];
        expect(now.inside.madeForFootMm - was.inside.madeForFootMm).toBeCloseTo(-2, 6);
        expect(now.inside.ballGirthMm - was.inside.ballGirthMm).toBeCloseTo(3, 6);
        expect(now.inside.heelWidthMm - was.inside.heelWidthMm).toBeCloseTo(1, 6);
        expect(now.sd.lengthMm).toBe(0.7);
      }
    expect(moved.taperShiftMm).toBe(style.last.taperShiftMm + 1.5);
  });
  it('gives its sheet back as it was, and stays itself where nothing was learned', () => {
    expect(asSheet(moved)).toEqual(style.last);
    expect(withLearned(style.last, {})).toBe(style.last);
    expect(asSheet(style.last)).toBe(style.last);
  });
  it('is read by its sheet when people are learned from, with what was taken over as belief', () => {
    const known = knownStyle({ ...style, last: moved }, size, style.widths[0]);
    expect(known.shoe.inside).toEqual(shoeOf(style, size, style.widths[0]).inside);
    expect(known.learned).toEqual(by);
    // Right in a shoe that is believed to be shorter: a shorter foot than the sheet alone would say.
    const zones = { left: { 'toe-room': 'right' as const } };
    const of = (learned: KnownPair['learned']) => learnFeet({ pairs: [pair({ zones, learned })], tape: {}, preference: 'regular' }).feet.left.lengthMm.mm;
    expect(of({ length: by.length })).toBeLessThan(of(undefined) - 0.5);
    expect(OFFSETS).toHaveLength(5);
  });
});

describe('what is read at the chair', () => {
  it('a thumb’s millimetres move a foot more surely than a word, and liking not at all', () => {
    const expected = 14;
    const free = (own: Partial<KnownPair>) => learnFeet({ pairs: [pair(own)], tape: {}, preference: 'regular' });
    const word = free({ zones: { left: { 'toe-room': 'right' } } });
    const thumb = free({ read: [{ side: 'left', zone: 'toe-room', mm: expected }] });
    expect(thumb.feet.left.lengthMm.sdMm).toBeLessThan(word.feet.left.lengthMm.sdMm);
    expect(thumb.liking.sdMm).toBeCloseTo(2, 6);
    const less = free({ read: [{ side: 'left', zone: 'toe-room', mm: expected - 4 }] });
    expect(less.feet.left.lengthMm.mm).toBeGreaterThan(thumb.feet.left.lengthMm.mm + 2);
  });
  it('a letter’s word weighs less than one at the chair', () => {
    const zones = { left: { 'toe-room': 'too-tight' as const }, right: { 'toe-room': 'too-tight' as const } };
    const [said, written] = [learn(pair({ zones })), learn(pair({ zones, written: true }))];
    expect(Math.abs(written.liking.mm)).toBeLessThanOrEqual(Math.abs(said.liking.mm) + 1e-9);
    expect(written.words[0].slipped).toBeGreaterThan(said.words[0].slipped);
  });
});

describe('how a last stands for one wearer', () => {
  it('three tight pairs of one last: shorter for them than the sheet says, ever more surely', () => {
    const tight = { left: { 'toe-room': 'snug' as const }, right: { 'toe-room': 'snug' as const } };
    const [one, three] = [learn(pair({ zones: tight })), learn(...['a', 'b', 'c'].map((id) => pair({ id, zones: tight })))];
    const at = (l: typeof one) => l.stands.find((s) => s.zone === 'toe-room')!;
    expect(at(three).pairs).toBe(3);
    expect(at(three).mm).toBeLessThan(at(one).mm + 0.01);
    expect(at(three).sdMm).toBeLessThan(at(one).sdMm);
    expect(learn(pair({ id: 'x', lastId: null, zones: tight })).stands).toEqual([]);
  });
});

describe('alike feet', () => {
  const feet = (mm: number, girth = 230) => ({ left: { lengthMm: { mm, sdMm: 1.5 }, ballGirthMm: { mm: girth, sdMm: 3 } }, right: { lengthMm: { mm: mm + 1, sdMm: 1.5 }, ballGirthMm: { mm: girth, sdMm: 3 } } }); // prettier-ignore
  const people = (n: number, kept: number, mm = 251): AlikePerson[] => Array.from({ length: n }, (_, i) => ({ person: String(i), feet: feet(mm), tried: [{ key: 'oxford', kept: i < kept }] })); // prettier-ignore
  it('is symmetric, nought with itself, and takes the longer foot with the longer foot', () => {
    const [a, b] = [feet(250), feet(255, 236)];
    expect(apartSquared(a, a)).toBe(0);
    expect(apartSquared(a, b)).toBe(apartSquared(b, a));
    expect(apartSquared(a, { left: a.right, right: a.left })).toBe(0);
    expect(apartSquared({ left: { lengthMm: a.left.lengthMm }, right: {} }, b)).toBeNull();
  });
  it('says nothing of fewer than five people, nor of a shoe fewer than five of them tried', () => {
    expect(alikeKept(feet(250), people(LEAST_ALIKE - 1, 4), ['oxford'], 0.5)).toEqual({ people: 0, lines: [] });
    expect(alikeKept(feet(250), people(9, 6, 290), ['oxford'], 0.5)).toEqual({ people: 0, lines: [] });
    const { people: n, lines } = alikeKept(feet(250), people(8, 6), ['oxford', 'pump'], 0.5);
    expect(n).toBe(8);
    expect(lines).toEqual([{ key: 'oxford', tried: 8, kept: 6, share: (6 + 2) / 12 }]);
  });
  it('doubt never makes feet further apart', () => {
    const doubtful = (sd: number) => ({ left: { lengthMm: { mm: 258, sdMm: sd }, ballGirthMm: { mm: 240, sdMm: sd } }, right: {} });
    expect(apartSquared(feet(250), doubtful(6))!).toBeLessThan(apartSquared(feet(250), doubtful(1))!);
  });
});
