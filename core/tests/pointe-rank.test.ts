import { describe, expect, it } from 'vitest';
import { ALIKE_PARTS, alikeTo, apart, bestPair, boxOf, boxProblems, causesOf, CAUSES, cautionsFor, doubtBy, dried, fitsOfModel, GRADE_IDS, asBelieved, expectedOf, hear, hearAll, HEARD_SIGNS, HEARS, insideLength, LEARNED_PARTS, leftAfter, lifeLearned, lifeOf, markProblem, PointeStock, pointeReport, POINTE_CAUTIONS, priorsOf, rankPointe, scaleProblems, signsThatTell, seasonOf, sizeProblem, sizesOf, SYMPTOMS, BARRE_TESTS, tellsMost, unheard, type LifeWith, type PointeModel } from '../src/pointe'; // prettier-ignore
import { seeded } from '../../demo/random';
import { boxCase, DANCERS, footCase, forefootCase, labelOnly, MODELS, modelNamed, rushlightCase } from './pointe-cases';

const stock = new PointeStock(MODELS);
const rankFor = (d: keyof typeof DANCERS) => rankPointe(stock, DANCERS[d], DANCERS[d], true);

describe('models and their scales', () => {
  it('a size is zero and so many steps, a mark so much girth; the base is the base', () => {
    const sedge = modelNamed('Sedge');
    expect(insideLength(sedge.maker, 4)).toBeCloseTo(229.87, 2);
    expect(sizesOf(sedge.maker)).toEqual([1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 6.5, 7, 7.5, 8]);
    const base = boxOf(sedge, 4, 'III').box;
    expect([base.jointGirthMm, base.jointWidthMm, base.platform.widthMm]).toEqual([200, 76, 46]);
    expect(boxOf(sedge, 4, 'IV').box.jointGirthMm).toBe(205);
    expect(boxOf(sedge, 5, 'III').box.jointGirthMm).toBeCloseTo(200 + 0.8 * 8.467, 5);
    expect(boxOf(sedge, 4, 'III', 'firm').box.shank.nm).toBe(13);
  });
  it('a size or mark the maker does not have is said with what there is', () => {
    const { maker } = modelNamed('Tern');
    expect(sizeProblem(maker, 35.25)).toBe('Sizes run from 32 to 42 by halves; 35.25 is not made.');
    expect(markProblem(maker, 'XXL')).toBe('Width marks are N, M, W, XW; “XXL” is not one of them.');
    expect(() => boxOf(modelNamed('Tern'), 50, 'M')).toThrow(/Sizes run from 32 to 42/);
  });
  it('known by label and mark only it is filled in, says so, is valid, and is told with more doubt', () => {
    const filled = boxOf(labelOnly(), 4, 'III');
    expect(filled.box.jointGirthMm).toBeCloseTo(200.4, 0);
    expect(filled.filled).toContain('jointGirthMm');
    expect(filled.filled).toContain('shankLength');
    expect(boxProblems(filled.box)).toEqual([]);
    const chance = (model: PointeModel): number => {
      const { box, doubt } = boxOf(model, 4.5, 'IV');
      return pointeReport(DANCERS.bunion, box, doubt).probability;
    };
    const [measured, claimed, guessed] = [rushlightCase('measured'), rushlightCase('claimed'), labelOnly()].map(chance);
    expect(measured).toBeGreaterThan(claimed);
    expect(claimed).toBeGreaterThan(guessed);
    // The study's .80, .63 and .22, within what all its chances are met to.
    for (const [found, told] of [
      [measured, 0.8],
      [claimed, 0.63],
      [guessed, 0.22]
    ])
      expect(Math.abs(found - told)).toBeLessThan(0.05);
  });
  it('what cannot be made names its field and the fix: a platform wider than the box, wings over the heel, a bend past the shank', () => {
    const problems = (over: Parameters<typeof boxCase>[0]) => boxProblems(boxCase(over)).map((p) => `${p.field}: ${p.words}`);
    expect(problems({})).toEqual([]);
    expect(problems({ platform: { widthMm: 74, depthMm: 24, shape: 'oval' } })).toEqual(['platform.widthMm: Platform width is 30 to 69 mm; 74 was given.']);
    expect(problems({ wingMm: 180 })[0]).toMatch(/^wingMm: Wings is|^wingMm: Wings/);
    expect(problems({ shank: { nm: 9, length: 'full', bend: 0.8 } })[0]).toMatch(/shank.bend/);
    expect(problems({ jointWidthMm: 96 }).some((p) => p.startsWith('jointWidthMm: A girth of 200'))).toBe(true);
    expect(scaleProblems({ length: { zeroMm: 0, stepMm: 20, halves: true, from: 9, to: 3 }, width: { marks: ['A', 'A'], girthStepMm: 2, widthStepMm: 3 } }).map((p) => p.field)).toEqual(['length.stepMm', 'length.to', 'width.girthStepMm', 'width.marks']); // prettier-ignore
  });
});

describe('alike', () => {
  const sedge = boxOf(modelNamed('Sedge'), 4, 'III', 'medium');
  it('a box is no way from itself, as far there as back, and its shares are the whole', () => {
    const tern = boxOf(modelNamed('Tern'), 35, 'M');
    expect(apart(sedge, sedge).steps).toBe(0);
    expect(apart(sedge, tern).steps).toBeCloseTo(apart(tern, sedge).steps, 9);
    expect(apart(sedge, tern).parts.reduce((n, p) => n + p.share, 0)).toBeCloseTo(1, 9);
    expect(apart(sedge, tern).parts).toHaveLength(ALIKE_PARTS.length);
  });
  it('finds the nearest of every other model, as the study does', () => {
    const found = alikeTo(sedge, MODELS, {}, 'Sedge').map((a) => [a.model.name, a.size, a.mark, Math.round(100 * a.steps) / 100]);
    expect(found).toEqual([['Damson', 5.5, 'broad', 0.96], ['Rushlight', 4, 'III', 1.19], ['Ninth Stair', 16, 'XX', 1.44], ['Lintel', 46, 'B', 1.46], ['Tern', 35, 'N', 1.92]]); // prettier-ignore
  });
  it('weights are the fitter’s: with only the shank counted the nearest has the same shank', () => {
    const only = Object.fromEntries(ALIKE_PARTS.map((p) => [p.id, p.id === 'shank' ? 1 : 0]));
    expect(alikeTo(sedge, MODELS, only, 'Sedge')[0].steps).toBeLessThan(0.05);
  });
});

describe('which shoe for which dancer', () => {
  it.each([
    ['firstPair', 'Rushlight', 3, 'III', 'very-soft', 0.84],
    ['squareToes', 'Tern', 34.5, 'XW', 'soft', 0.73],
    ['bunion', 'Rushlight', 4.5, 'III', 'medium', 0.81],
    ['shortReach', 'Ninth Stair', 15, 'XXX', 'soft', 0.58]
  ] as const)('%s: %s %f %s %s', (dancer, model, size, mark, grade, chance) => {
    const [first] = rankFor(dancer);
    expect([first.model.name, first.left.size, first.left.mark, first.left.grade]).toEqual([model, size, mark, grade]);
    expect(Math.abs(first.left.probability - chance)).toBeLessThan(0.08);
  });
  it('for a hypermobile dancer none is right: the likeliest stays under a half, and a firm shank is wanted', () => {
    const [first] = rankFor('hypermobile');
    expect(first.left.probability).toBeLessThan(0.5);
    expect(first.left.grade).toMatch(/firm/);
  });
  it('square toes hardly ever stand in the tapered one', () => {
    const sedge = rankFor('squareToes').find((p) => p.model.name === 'Sedge')!;
    expect(sedge.left.probability).toBeLessThan(0.05);
  });
  it('feet a size apart: a split pair, its chance never less than the same size’s', () => {
    const damson = bestPair(stock, modelNamed('Damson'), DANCERS.professional, DANCERS.professionalRight, true)!;
    expect(damson.split).toBe(true);
    expect([damson.left.size, damson.right.size]).toEqual([5.5, 6]);
    const same = fitsOfModel(stock, modelNamed('Damson'), DANCERS.professional, GRADE_IDS).flatMap((l) => {
      const r = fitsOfModel(stock, modelNamed('Damson'), DANCERS.professionalRight, GRADE_IDS).find(
        (f) => f.size === l.size && f.mark === l.mark && f.grade === l.grade
      );
      return r ? l.probability * r.probability : [];
    });
    expect(damson.probability).toBeGreaterThanOrEqual(Math.max(...same) - 1e-9);
  });
  it('what the list says of a shoe is what the whole report says of it', () => {
    for (const p of rankFor('bunion').slice(0, 3)) {
      const { box, doubt } = boxOf(p.model, p.left.size, p.left.mark, p.left.grade);
      const report = pointeReport(DANCERS.bunion, box, doubt);
      expect(report.probability).toBeCloseTo(p.left.probability, 2);
      expect(report.decidedBy.zone).toBe(p.left.decidedBy);
      expect(report.inBox.hold.sinkMm).toBeCloseTo(p.left.sinkMm, 1);
    }
  });
  it('a foot outside every run is in no list', () => {
    const long = { ...DANCERS.bunion, lengthMm: 400 };
    expect(rankPointe(stock, long, long)).toEqual([]);
  });
});

describe('life', () => {
  const student: LifeWith = {
    weightKg: 50,
    level: 'student',
    floor: 'sprung-vinyl',
    sweat: 'some',
    cure: 'none',
    restHours: 24,
    hypermobile: false,
    paste: 'medium',
    shankNm: 9,
    sinkMm: 4
  };
  const box = (over: Partial<LifeWith> = {}): number => lifeOf({ ...student, ...over }).boxHours;
  it('box hours of the study', () => {
    expect(box()).toBeCloseTo(11.9, 1);
    expect(box({ sweat: 'none' })).toBeCloseTo(14, 1);
    expect(box({ weightKg: 38, level: 'first' })).toBeCloseTo(18.5, 0);
    expect(box({ level: 'professional', sweat: 'none' })).toBeCloseTo(6.3, 1);
    const pro = { weightKg: 47, level: 'professional', sweat: 'much', paste: 'elastic' } as const;
    expect([box(pro), box({ ...pro, cure: 'glue' }), box({ ...pro, paste: 'hard' })].map((h) => Math.round(10 * h) / 10)).toEqual([3.4, 4.5, 6.2]);
    expect(box({ restHours: 4 })).toBeCloseTo(9.4, 1);
    const { hours } = lifeOf(student);
    expect([hours.low, hours.high].map((h) => Math.round(h * 10) / 10)).toEqual([7.1, 19]);
  });
  it('sweat shortens; hard paste, curing and rest to a day lengthen, more rest does not', () => {
    expect(box({ sweat: 'much' })).toBeLessThan(box());
    expect(box({ paste: 'hard' })).toBeGreaterThan(box());
    expect(box({ cure: 'shellac' })).toBeGreaterThan(box());
    expect(box({ restHours: 8 })).toBeLessThan(box());
    expect(dried(30)).toBe(1);
    expect([4, 8].map((h) => Math.round(100 * dried(h)))).toEqual([79, 87]);
  });
  it('students live 10 to 20 hours, professionals a performance to about 12 (common practice, no source)', () => {
    for (const weightKg of [42, 50, 58]) expect(box({ weightKg })).toBeGreaterThan(9.9);
    for (const weightKg of [42, 50, 58]) expect(box({ weightKg })).toBeLessThan(20);
    for (const sweat of ['none', 'some', 'much'] as const) {
      const hours = box({ level: 'professional', sweat });
      expect(hours > 2.5 && hours < 12).toBe(true);
    }
  });
  it('half is left at its life; a season of 36 weeks at two hours asks for 7 pairs, 4 to 11, at 85 each 595', () => {
    expect(leftAfter(11.9, 11.9)).toBe(0.5);
    expect(leftAfter(0, 5)).toBe(1);
    const season = seasonOf(lifeOf(student), 36, 2, 2, 85);
    expect([season.pairs.low, season.pairs.centre, season.pairs.high]).toEqual([4, 7, 11]);
    expect([season.cost!.low, season.cost!.centre, season.cost!.high]).toEqual([340, 595, 935]);
    expect([1, 3, 5].map((days) => seasonOf(lifeOf(student), 36, 2, days, null).inTurn)).toEqual([1, 2, 3]);
    expect(lifeLearned(12, [])).toBe(12);
    expect(lifeLearned(12, [6, 6, 6])).toBe(9);
  });
});

describe('at the barre', () => {
  const share = (answers: Parameters<typeof causesOf>[0], id: string, priors = {}): number =>
    Math.round(100 * causesOf(answers, priors).shares.find((s) => s.cause === id)!.share);
  it('shares of the study, with equal priors', () => {
    expect([share({ sinks: true }, 'box-wide'), share({ sinks: true }, 'box-dead')]).toEqual([26, 15]);
    expect([share({ sinks: true, 'heel-bag': true }, 'box-wide'), share({ sinks: true, 'heel-bag': true }, 'long')]).toEqual([52, 25]);
    expect([share({ sinks: true, numb: true }, 'box-wide'), share({ sinks: true, numb: true }, 'box-narrow')]).toEqual([16, 16]);
    expect(share({ 'bunion-out': true, rolls: true }, 'wings-short')).toBe(78);
    expect([share({ 'not-over': true }, 'shank-hard'), share({ 'not-over': true }, 'reach-short')]).toEqual([20, 20]);
    expect(share({ 'not-over': true }, 'reach-short', { 'reach-short': 0.7 })).toBe(87);
    expect(share({ 'not-over': true, 'hard-to-roll': true }, 'shank-hard')).toBe(61);
    expect(share({ 'no-pinch': true, knuckled: true }, 'short')).toBe(82);
  });
  it('two opposites together name another model, not another size', () => {
    const both = causesOf({ sinks: true, numb: true });
    expect(both.opposites).toEqual(['box-wide', 'box-narrow']);
    expect(both.next).toBeNull();
    expect(causesOf({ 'not-over': true }, { 'reach-short': 0.7 }).next).toBe('teacher');
  });
  it('what was looked for and not seen speaks against; nothing seen, nothing to change', () => {
    expect(share({ sinks: true, 'gap-sides': false }, 'box-wide')).toBeLessThan(share({ sinks: true }, 'box-wide'));
    expect(causesOf({ sinks: false }).next).toBeNull();
    const wide = causesOf({ sinks: true, 'gap-sides': false }).shares.find((s) => s.cause === 'box-wide')!;
    expect(wide.for).toEqual(['sinks']);
    expect(wide.against).toEqual(['gap-sides']);
  });
  it('every sign can be seen in a test, and every cause has a sign and its opposite its own', () => {
    const shown = new Set<string>(BARRE_TESTS.flatMap((t) => t.shows));
    for (const s of SYMPTOMS) expect(shown.has(s.id), s.id).toBe(true);
    for (const c of CAUSES) {
      expect(
        SYMPTOMS.some((s) => [...s.usual, ...s.often, ...s.sometimes].some((id) => id === c.id)),
        c.id
      ).toBe(true);
      if (c.opposite) expect(CAUSES.find((o) => o.id === c.opposite)!.opposite).toBe(c.id);
    }
  });
  it('what the sums know of a cause stands before any sign: a sinking box, a short reach, hours danced', () => {
    const foot = DANCERS.shortReach;
    const report = (girth: number) => pointeReport(foot, boxCase({ jointGirthMm: girth }), doubtBy('claimed'));
    const of = (girth: number, hours = 0) =>
      priorsOf({ zones: report(girth).zones, over: report(girth).over, reachDeg: 85, hours, life: { boxHours: 10, shankHours: 12 } });
    expect(of(214)['box-wide']!).toBeGreaterThan(of(198)['box-wide']!);
    expect(of(190)['box-narrow']!).toBeGreaterThan(of(205)['box-narrow']!);
    expect(of(200)['reach-short']!).toBeGreaterThan(0.6);
    expect(of(200)['box-dead']).toBeUndefined();
    expect(of(200, 15)['box-dead']!).toBeGreaterThan(0.9);
    expect(of(200, 15)['shank-dead']!).toBeLessThan(of(200, 15)['box-dead']!);
  });
  it('an answer moves what is believed of a model’s girth, as in the study', () => {
    const about = (yes: boolean, before = unheard('girth')) => hear(before, { value: 2, slope: 0.45 }, yes, HEARS.sinks);
    const once = about(true);
    expect(once.mean).toBeCloseTo(4.3, 1);
    expect(once.sd).toBeCloseTo(2.35, 1);
    const twice = about(true, once);
    expect(twice.mean).toBeCloseTo(6.2, 1);
    expect(twice.sd).toBeCloseTo(2, 1);
    const no = about(false);
    expect(no.mean).toBeCloseTo(-0.2, 1);
    expect(no.sd).toBeCloseTo(2.9, 1);
    expect(twice.n).toBe(2);
  });
});

describe('what the barre teaches of a model', () => {
  const box = boxCase();
  const expected = expectedOf(forefootCase(), box, doubtBy('claimed'));
  it('every sign that teaches has what the sums expected; a unit more of its part moves it the way the trade says', () => {
    expect(Object.keys(expected).sort()).toEqual([...HEARD_SIGNS].sort());
    const slope = (id: keyof typeof HEARS) => expected[id]!.slope;
    expect(slope('sinks')).toBeGreaterThan(0);
    expect(slope('numb')).toBeLessThan(0);
    expect(slope('knuckled')).toBeCloseTo(1, 5);
    expect(slope('heel-bag')).toBeGreaterThan(0);
    expect(slope('vamp-gapes')).toBeCloseTo(1, 1);
    expect(slope('not-over')).toBeLessThan(0);
    expect(slope('falls-over')).toBeGreaterThan(0);
  });
  it('seen where it was not expected moves the part that way; not seen moves it the other way or hardly; doubt only shrinks', () => {
    const way = { sinks: 1, numb: -1, knuckled: -1, 'heel-bag': 1, 'no-pinch': -1, 'vamp-gapes': -1, 'vamp-bites': 1, 'not-over': 1, 'falls-over': -1 } as const; // prettier-ignore
    for (const id of HEARD_SIGNS) {
      const { part } = HEARS[id];
      const yes = hearAll({}, { [id]: true }, expected);
      const no = hearAll({}, { [id]: false }, expected);
      expect(yes.taught, id).toEqual([part]);
      expect(yes.beliefs[part]!.mean * way[id], id).toBeGreaterThan(0);
      expect(no.beliefs[part]!.mean * way[id], id).toBeLessThan(0);
      for (const told of [yes, no]) expect(told.beliefs[part]!.sd).toBeLessThan(unheard(part).sd);
    }
    expect(hearAll({}, { rolls: true }, expected)).toEqual({ beliefs: {}, taught: [] });
  });
  it('a belief recovers a model that is truly off, from noisy answers of many dancers', () => {
    const random = seeded(2020);
    for (const truth of [-4, 0, 4]) {
      let beliefs = {};
      for (let i = 0; i < 80; i++) {
        const value = 5.5 - 2 + 4 * random.uniform();
        const seen = value + 0.45 * truth + HEARS.sinks.noise * random.normal() > HEARS.sinks.threshold;
        ({ beliefs } = hearAll(beliefs, { sinks: seen }, { sinks: { value, slope: 0.45 } }));
      }
      const { mean, sd } = (beliefs as { girth: { mean: number; sd: number } }).girth;
      expect(Math.abs(mean - truth), `${truth} read as ${mean}`).toBeLessThan(3 * sd);
      expect(sd).toBeLessThan(1.1);
    }
  });
  it('a part that was measured stays; one that was not is moved in every size and grade', () => {
    const off = Object.fromEntries(LEARNED_PARTS.map(({ id }) => [id, { mean: id === 'shank' ? 0.2 : 3, sd: 1, n: 4 }]));
    const claimed = { ...rushlightCase('claimed'), lengthEvidence: 'claimed' as const };
    const measured = { ...rushlightCase('measured'), lengthEvidence: 'measured' as const };
    const size = sizesOf(claimed.maker)[4];
    const mark = claimed.maker.width.marks[0];
    const [before, after] = [boxOf(claimed, size, mark).box, boxOf(asBelieved(claimed, off), size, mark).box];
    expect(after.jointGirthMm - before.jointGirthMm).toBeCloseTo(3, 1);
    expect(after.insideLengthMm - before.insideLengthMm).toBeCloseTo(3, 6);
    expect(after.vampMm - before.vampMm).toBeCloseTo(3, 1);
    expect(after.shank.nm / before.shank.nm).toBeCloseTo(Math.exp(0.2), 6);
    const [was, is] = [boxOf(measured, size, mark).box, boxOf(asBelieved(measured, off), size, mark).box];
    expect(is).toEqual({ ...was, shank: is.shank });
  });
  it('what is looked for next is what would decide most: between two causes the sign that only one of them shows', () => {
    const told = signsThatTell({ 'not-over': true }, { 'shank-hard': 0.4, 'reach-short': 0.4 });
    expect(told[0].bits).toBeGreaterThan(0);
    expect(told.map((t) => t.bits)).toEqual([...told.map((t) => t.bits)].sort((a, b) => b - a));
    expect(told.some((t) => t.id === 'not-over')).toBe(false);
    // A hard shank is hard to roll through, a short reach is not: both show in sitting back.
    expect(told[0].id).toBe('hard-to-roll');
    for (const { bits } of signsThatTell({})) expect(bits).toBeGreaterThanOrEqual(-1e-12);
  });
});

describe('what would tell most', () => {
  const slope = { hands: 0.5, sink: 1.2, mpa: 0.1 };
  const first = (of: 'sink' | 'over', foot = footCase(), evidence: 'measured' | 'claimed' | 'filled' = 'claimed') =>
    tellsMost(of, { foot, doubt: doubtBy(evidence), slope })[0].id;
  it('the pressed girth where nobody took it, of a claimed box the inside length, of one that was measured the foot, of over the box the reach', () => {
    expect(first('sink')).toBe('pressed-girth');
    expect(first('sink', { ...footCase(), filled: [] })).toBe('inside-length');
    expect(first('sink', { ...footCase(), filled: [] }, 'measured')).toBe('foot-length');
    expect(first('over')).toBe('reach');
  });
  it('a pressed girth that nobody took tells more than one that was', () => {
    const sd = (filled: 'pressed-girth'[]) =>
      tellsMost('sink', { foot: { ...footCase(), filled }, doubt: doubtBy('claimed'), slope }).find((t) => t.id === 'pressed-girth')!.sd;
    expect(sd(['pressed-girth'])).toBeGreaterThan(sd([]));
  });
});

describe('cautions', () => {
  const of = { foot: footCase({ reach: 92 }), ageYears: 15, teacherSaid: true, hurt: false, growing: false, cured: false };
  const ids = (over: Partial<typeof of> = {}) => cautionsFor({ ...of, ...over }).map((c) => c.id);
  it('the bench always says that it clears nobody, and never to dance a dead box', () => {
    expect(ids()).toEqual(['in-person', 'dead']);
    const said = POINTE_CAUTIONS.map((c) => c.words).join(' ');
    expect(said).not.toMatch(/\bcleared\b|safe for pointe|prevents injury/i);
  });
  it('a child, no teacher’s word, a short reach or pain hold every recommendation back', () => {
    expect(ids({ ageYears: 11 })).toContain('young');
    expect(ids({ teacherSaid: false })).toContain('teacher');
    expect(ids({ foot: footCase({ reach: 88 }) })).toContain('reach');
    expect(ids({ hurt: true })).toContain('hurt');
    for (const id of ['young', 'teacher', 'reach', 'hurt'] as const) expect(POINTE_CAUTIONS.find((c) => c.id === id)!.holdsBack).toBe(true);
    expect(ids({ growing: true, cured: true })).toEqual(['in-person', 'growing', 'glue', 'dead']);
  });
});
