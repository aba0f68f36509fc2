import { describe, expect, it } from 'vitest';
import {
  cautionsFor,
  checkFit,
  clearanceAt,
  completeShoe,
  fitOnce,
  footAsWorn,
  KIND,
  ORDINARY_WEAR,
  targetsFor,
  UPPER,
  UPPERS,
  ZONE,
  ZONE_AT,
  type Shoe,
  type ShoeInput,
  type Wear
} from '../src/fit';
import { insideWorn } from '../src/fit/room';
import { remediesFor } from '../src/fit/helps';
import { completeFoot, type FootInput } from '../src/measure';

const INCH = 25.4;
const worn = (values: FootInput['values'], wear: Wear = ORDINARY_WEAR, more: Partial<FootInput> = {}) =>
  footAsWorn(completeFoot({ side: 'left', values, ...more }), wear);
const zone = (fit: ReturnType<typeof checkFit>, id: string) => fit.feet[0].zones.find((z) => z.zone === id)!;

describe('the worked example: a foot of 250 in a sneaker of 262', () => {
  const wear: Wear = { ...ORDINARY_WEAR, sockMm: 1, measuredAt: '09:30', wornAt: 'evening' };
  const foot = worn({ lengthMm: { mm: 250 }, ballWidthMm: { mm: 92 }, ballGirthMm: { mm: 230 } }, wear, { toeShape: 'egyptian' });
  const fit = checkFit([foot], completeShoe({ kind: 'sneaker', insoleLengthMm: 262, toeShape: 'round', ballGirthMm: 232 }), wear);
  it('has 10.7 mm of toe room, inside, with the sum a fitter would do', () => {
    expect(zone(fit, 'toe-room')).toMatchObject({
      basis: 'inside',
      state: 'right',
      because: { less: [{ what: 'sock' }, { what: 'evening' }], sentence: '262 - 250 = 12; sock 0.8; evening 0.5' }
    });
    expect(zone(fit, 'toe-room').clearanceMm).toBeCloseTo(10.7, 1);
    expect(zone(fit, 'toe-room').target).toEqual({ a: 6, b: 9, c: 15, d: 20 });
  });
  it('fits, says so in words, and its chance is no certainty', () => {
    expect(fit.verdict).toBe('fits');
    expect(fit.sentence).toMatch(/^Fits: /);
    expect(fit.probability).toBeGreaterThan(0.3);
    expect(fit.probability).toBeLessThan(1);
  });
});

describe('targets against published figures', () => {
  it('toe space of 3/8 to 1/2 in lies in what a walking shoe calls right (AOFAS, NSRA and PFA ten points of shoe fit, from memory)', () => {
    const toeRoom = KIND.walking.cuts['toe-room'];
    for (const mm of [(3 / 8) * INCH, INCH / 2]) {
      expect(mm).toBeGreaterThanOrEqual(toeRoom.a);
      expect(mm).toBeLessThanOrEqual(toeRoom.c);
    }
  });
  it('an extra-depth shoe is right from 10 to 20 mm longer inside (IWGDF guideline 2019 and 2023, from memory)', () => {
    expect(KIND['extra-depth'].cuts['toe-room']).toMatchObject({ b: 10, c: 20 });
    expect(KIND['extra-depth'].basis).toBe('inside');
  });
  it('heel slip of a new leather-soled pull-on is allowed to 9.5, at most 12.7 mm (common practice, no source)', () => {
    expect(KIND['western-boot'].cuts['heel-slip']).toMatchObject({ c: 9.5, d: 12.7 });
  });
  it('a new elastic-sided boot may lift 10 to 20 mm (common practice, no source)', () => {
    const boot = completeShoe({ kind: 'elastic-boot', insoleLengthMm: 264 });
    const lift = fitOnce(worn({ lengthMm: { mm: 250 } }).dims, boot, ORDINARY_WEAR).zone[ZONE_AT['heel-slip']];
    expect(lift).toBeGreaterThanOrEqual(10);
    expect(lift).toBeLessThanOrEqual(20);
    expect(KIND['elastic-boot'].cuts['heel-slip'].c).toBe(20);
  });
  it('half an inch of toe room is right for running and walking (common practice, no source)', () => {
    for (const kind of ['running', 'walking'] as const) {
      expect(INCH / 2).toBeGreaterThanOrEqual(KIND[kind].cuts['toe-room'].b);
      expect(INCH / 2).toBeLessThanOrEqual(KIND[kind].cuts['toe-room'].c);
    }
  });
  it('a heels-class heel is 3.5 to 4 in (common practice, no source)', () => {
    const heel = KIND['heels-dance'].usual.heelHeightMm;
    expect(heel).toBeGreaterThanOrEqual(3.5 * INCH - 0.1);
    expect(heel).toBeLessThanOrEqual(4 * INCH + 0.1);
  });
  it('a pointed knit flat of 247.7 mm hides an inch at its tip from a foot of 222 by 89, give or take 5 mm (common practice, no source)', () => {
    const foot = worn({ lengthMm: { mm: 222 }, ballWidthMm: { mm: 89 } }, ORDINARY_WEAR, { toeShape: 'square' });
    const shoe = completeShoe({ kind: 'flat', insoleLengthMm: 247.7, toeShape: 'pointed', upper: 'knit', ballGirthMm: 217 });
    const { usableRoomMm } = fitOnce(foot.dims, shoe, ORDINARY_WEAR);
    expect(Math.abs(247.7 - (222 + usableRoomMm) - 25.4)).toBeLessThanOrEqual(5);
  });
});

describe('what is known of a shoe, and what is not', () => {
  it('fills in from kind and toe family, lists it, and widens the spread', () => {
    const bare = completeShoe({ kind: 'oxford', insoleLengthMm: 280 });
    expect(bare.assumed).toEqual(expect.arrayContaining(['shoe.toeShape', 'shoe.ballGirthMm', 'shoe.upper', 'shoe.closure']));
    const known = completeShoe({
      kind: 'oxford',
      insoleLengthMm: 280,
      ballGirthMm: 240,
      ballWidthMm: 92,
      toeDepthMm: 26,
      taperStartMm: 240,
      madeForFootMm: 262
    });
    expect(known.sd.girthMm).toBeLessThan(bare.sd.girthMm);
    expect(known.sd.widthMm).toBeLessThan(bare.sd.widthMm);
    expect(known.assumed).not.toContain('shoe.ballGirthMm');
  });
  it('refuses an insole too short for any foot', () => {
    expect(() => completeShoe({ kind: 'walking', insoleLengthMm: 60 })).toThrow(/too short for any foot/);
  });
  it('leather grows in girth and width with wear, knit does not, and neither in length', () => {
    for (const upper of UPPERS) {
      const shoe = completeShoe({ kind: 'oxford', insoleLengthMm: 280, upper: upper.id });
      const after = insideWorn(shoe, 100);
      expect(after.ballGirthMm - shoe.inside.ballGirthMm).toBeCloseTo(upper.growMm * (1 - Math.exp(-100 / upper.growHours)), 9);
      expect(after.insoleLengthMm).toBe(shoe.inside.insoleLengthMm);
    }
    expect(UPPER.knit.growMm).toBe(0);
  });
});

describe('targets move with the wearer', () => {
  const oxford = completeShoe({ kind: 'oxford', insoleLengthMm: 280 });
  it('snug and generous shift lengths and girths whole, widths in part', () => {
    const [snug, regular, generous] = (['snug', 'regular', 'generous'] as const).map((preference) => targetsFor(oxford, { preference, breakIn: 'now' }));
    expect(regular['toe-room'].b - snug['toe-room'].b).toBeCloseTo(3, 9);
    expect(generous['ball-girth'].b - regular['ball-girth'].b).toBeCloseTo(4, 9);
    expect(generous['ball-width'].b - regular['ball-width'].b).toBeCloseTo(1.6, 9);
  });
  it('the school that lets leather mould allows its forecast in girth, never in length; sport shoes follow neither', () => {
    const now = targetsFor(oxford, { preference: 'regular', breakIn: 'now' });
    const mould = targetsFor(oxford, { preference: 'regular', breakIn: 'mould' });
    expect(now['ball-girth'].a - mould['ball-girth'].a).toBeCloseTo(UPPER['smooth-leather'].growMm, 9);
    expect(mould['toe-room']).toEqual(now['toe-room']);
    const run = completeShoe({ kind: 'running', insoleLengthMm: 280 });
    expect(targetsFor(run, { preference: 'regular', breakIn: 'mould' })).toEqual(targetsFor(run, { preference: 'regular', breakIn: 'now' }));
  });
  it('a child’s street shoe has growth room of 12 mm (three-width children’s system, from memory)', () => {
    const child = targetsFor(oxford, { preference: 'regular', breakIn: 'now', age: 8 });
    expect(child['toe-room']).toEqual(ZONE['toe-room'].childCuts);
    expect(ZONE['toe-room'].childCuts!.b).toBe(12);
    const slipper = completeShoe({ kind: 'ballet-slipper', insoleLengthMm: 230 });
    expect(targetsFor(slipper, { preference: 'regular', breakIn: 'now', age: 8 })['toe-room']).toEqual(KIND['ballet-slipper'].cuts['toe-room']);
  });
});

describe('verdicts and helps', () => {
  const foot = worn({ lengthMm: { mm: 250 }, ballWidthMm: { mm: 92 }, ballGirthMm: { mm: 230 } });
  const shoe = (more: Partial<ShoeInput>): Shoe => completeShoe({ kind: 'oxford', insoleLengthMm: 272, toeShape: 'round', ballGirthMm: 226, ...more });
  it('a shoe far too short does not fit, whatever is put in', () => {
    const fit = checkFit([foot], shoe({ insoleLengthMm: 248, madeForFootMm: 240 }), ORDINARY_WEAR);
    expect(fit.verdict).toBe('does-not-fit');
    expect(fit.sentence).toMatch(/^Does not fit: .*short at the/);
    expect(fit.decidedBy.zone).toBe('toe-room');
  });
  it('a shoe too loose in girth would fit with something under the foot, and says with what', () => {
    const fit = checkFit([foot], shoe({ ballGirthMm: 241, instepGirthMm: 243, toeDepthMm: 30 }), ORDINARY_WEAR);
    expect(fit.verdict).toBe('fits-with-help');
    expect(fit.sentence).toMatch(/^Would fit with /);
  });
  it('every effect is the difference of two computed fits', () => {
    const loose = shoe({ ballGirthMm: 241, instepGirthMm: 243, toeDepthMm: 30 });
    const targets = targetsFor(loose, ORDINARY_WEAR);
    const before = fitOnce(foot.dims, loose, ORDINARY_WEAR).zone.slice();
    const insole = remediesFor(foot, loose, ORDINARY_WEAR, targets).remedies.filter((r) => r.kind === 'full-insole');
    expect(insole.length).toBeGreaterThan(0);
    for (const remedy of insole) {
      const thickness = Number(/(\d+) mm/.exec(remedy.name)![1]);
      const after = fitOnce(foot.dims, loose, { ...ORDINARY_WEAR, insertMm: thickness }).zone;
      expect(remedy.effectMm).toBeCloseTo(clearanceAt(after, targets, remedy.zone) - clearanceAt(before, targets, remedy.zone), 9);
      expect(remedy.afterMm).toBeCloseTo(clearanceAt(after, targets, remedy.zone), 9);
    }
  });
  it('nothing forbidden is offered: no stretching of patent, no filler in running shoes, no thicker sock in sandals', () => {
    const kinds = (s: Shoe) => remediesFor(foot, s, ORDINARY_WEAR, targetsFor(s, ORDINARY_WEAR)).remedies.map((r) => r.kind);
    expect(kinds(shoe({ upper: 'patent', ballWidthMm: 80 }))).not.toContain('spot-stretch');
    expect(kinds(completeShoe({ kind: 'running', insoleLengthMm: 285 }))).not.toContain('toe-filler');
    expect(kinds(completeShoe({ kind: 'sandal', insoleLengthMm: 275 }))).not.toContain('thicker-sock');
    expect(kinds(shoe({ upper: 'smooth-leather', ballWidthMm: 82, ballGirthMm: 222 }))).toContain('spot-stretch');
  });
  it('feel is told in words with its millimetres, comfort zones never decide', () => {
    const fit = checkFit([foot], shoe({ ballGirthMm: 214 }), ORDINARY_WEAR);
    expect(zone(fit, 'ball-girth').feel).toMatch(/ball girth too tight by \d/);
    for (const z of fit.feet[0].zones) if (!ZONE[z.zone].decides) expect(fit.feet[0].decidedBy).not.toBe(z.zone);
  });
});

describe('cautions', () => {
  const ask = (more: Partial<Parameters<typeof cautionsFor>[0]>) =>
    cautionsFor({ kind: 'pump', wear: ORDINARY_WEAR, flags: [], reach: [], dropMm: 0, stretchOffered: false, overMm: 0, ...more });
  it('numb feet, braces, high heels, pointe, children, pain and heat each name what to watch and whom to ask', () => {
    expect(ask({ flags: ['numb'] }).join()).toMatch(/clinician/);
    expect(ask({ flags: ['brace'] }).join()).toMatch(/orthotist leads/);
    expect(ask({ dropMm: 70 }).join()).toMatch(/Falls and sprains rise/);
    expect(ask({ dropMm: 70, flags: ['pregnant'] }).join()).toMatch(/ask a clinician before a high heel/);
    expect(ask({ kind: 'pointe' }).join()).toMatch(/clear nobody for pointe/);
    expect(ask({ wear: { ...ORDINARY_WEAR, age: 7 } }).join()).toMatch(/growing foot/);
    expect(ask({ flags: ['painful'] }).join()).toMatch(/clinician/);
    expect(ask({ stretchOffered: true }).join()).toMatch(/heat burns/);
    expect(ask({ reach: ['out-of-reach'] }).join()).toMatch(/A lower one is needed/);
    expect(ask({ overMm: 10 }).join()).toMatch(/one size too long/);
    expect(ask({ overMm: 10 }).join()).not.toMatch(/orthotist/);
    for (const flag of ['brace', 'prosthesis', 'numb', 'balance'] as const) expect(ask({ overMm: 10, flags: [flag] }).join()).toMatch(/a fall waiting/);
    expect(ask({ overMm: 8, flags: ['brace'] }).join()).not.toMatch(/too long/);
    expect(ask({})).toEqual([]);
  });
});
