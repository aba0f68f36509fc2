import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { byRank, rankAll, sizeText, type Candidate, type Listed, type OtherShoe } from '@chiave/core/fit';
import { allStyles } from '../../demo/lasts';
import { wearOf, wornFeetOf, type FittingState } from '../src/lib/fit-feet';
import { briefOf, packBriefs, unpackBriefs } from '../src/lib/style-brief';
import type { FitEngine } from '../src/lib/workers/fit-engine';
import { SMALL } from '../src/lib/drawing/above/small-pair';
import type { Laid, Opened, PairAsk, Progress, RankAsk, RankEnd } from '../src/lib/workers/messages';

/** What is asked of the fit engine in a test, numbered, and what comes of it; everything is copied on its way, as between a page and a worker. */
type Ask =
  | { kind: 'warm'; job: number; stamp: string; fitting: FittingState }
  | ({ kind: 'rank'; job: number } & RankAsk)
  | { kind: 'stop'; job: number }
  | { kind: 'tell'; job: number; styleIds: string[] }
  | ({ kind: 'open'; job: number; stamp: string } & PairAsk)
  | ({ kind: 'lay'; job: number } & PairAsk);
type Answer = { job: number } & (
  | ({ kind: 'progress' } & Progress)
  | ({ kind: 'ranked' } & RankEnd)
  | { kind: 'told'; candidates: Candidate[] }
  | { kind: 'opened'; opened: Opened }
  | { kind: 'laid'; laid: Laid }
  | { kind: 'others'; others: OtherShoe[] }
  | { kind: 'failed'; message: string }
);

const styles = allStyles();
const pumps = styles.filter((s) => s.kind === 'pump');
const lakeside = styles.find((s) => s.id === 'lakeside-50')!;
let said: Answer[] = [];
let fetched = 0;
/** Holds the stockroom back until it is let go. */
let letGo: () => void = () => {};
let held = false;

const sideOf = (mm: number) => ({
  values: { lengthMm: { mm, how: 'device' }, ballWidthMm: { mm: 90, how: 'device' }, ballGirthMm: { mm: 222, how: 'tape' } },
  toeShape: 'egyptian',
  archType: null,
  bunionMm: null,
  hammerToeMm: null,
  hammerToe: null,
  ankleReachDeg: null,
  posture: null,
  print: null
});
const fitting = {
  openedAt: new Date().toISOString(),
  sockMm: 0.3,
  insertMm: 0,
  preference: 'regular',
  measuredAt: '',
  wornAt: '',
  breakIn: 'now',
  roomSchool: 'middle',
  betweenSchool: 'middle',
  shopTargets: null,
  shopPulls: [],
  population: 'general',
  measuredLoad: 'standing',
  measuredSockMm: 0,
  measuredWarm: false,
  wornWarm: false,
  weightKg: null,
  feetWeightKg: null,
  stateOff: [],
  outlines: { left: null, right: null },
  feet: { left: sideOf(238), right: sideOf(239) },
  customer: { born: 1980, flags: [] }
} as unknown as FittingState;
const pair = (more: Partial<PairAsk> = {}): PairAsk => ({ fitting, style: lakeside, size: 40, width: 'medium', flags: [], ...more });
let engine: FitEngine;
const say = (answer: Answer): void => void said.push(structuredClone(answer));
async function ask(data: Ask): Promise<void> {
  const { job } = data;
  try {
    if (data.kind === 'warm') await engine.warm(data.stamp, data.fitting);
    else if (data.kind === 'stop') engine.stop();
    else if (data.kind === 'tell') say({ kind: 'told', job, candidates: engine.tell(data.styleIds) });
    else if (data.kind === 'lay') say({ kind: 'laid', job, laid: engine.lay(data) });
    else if (data.kind === 'open') {
      say({ kind: 'opened', job, opened: engine.open(data) });
      const others = await engine.others(data);
      if (others) say({ kind: 'others', job, others });
    } else {
      const end = await engine.rank(data, (progress) => say({ kind: 'progress', job, ...progress }));
      if (end) say({ kind: 'ranked', job, ...end });
    }
  } catch (error) {
    say({ kind: 'failed', job, message: (error as Error).message });
  }
}
const rank = (job: number, more: Partial<RankAsk> = {}): Promise<void> =>
  ask({ kind: 'rank', job, fitting, styleIds: pumps.map((s) => s.id), heldSize: null, stamp: 'monday', ...more });
const of = <K extends Answer['kind']>(kind: K, job: number): Extract<Answer, { kind: K }>[] =>
  said.filter((a): a is Extract<Answer, { kind: K }> => a.kind === kind && a.job === job);
const candidates = (job: number): Listed[] => of('progress', job).flatMap((a) => a.candidates);

/** The whole of what the newest ranking has listed. */
const whole = async (job: number, styleIds: string[]): Promise<Candidate[]> => {
  await ask({ kind: 'tell', job, styleIds });
  return of('told', job)[0].candidates;
};

beforeEach(async () => {
  said = [];
  fetched = 0;
  held = false;
  vi.resetModules();
  vi.stubGlobal('fetch', async () => {
    fetched++;
    if (held) await new Promise<void>((go) => (letGo = go));
    return { ok: true, json: async () => ({ styles: structuredClone(styles) }) };
  });
  engine = (await import('../src/lib/workers/fit-engine')).fitEngine;
});
afterEach(() => vi.unstubAllGlobals());

describe('ranking in the worker', () => {
  it('tells every style once, a screenful first, with what the core says of them', async () => {
    await rank(1);
    const straight = rankAll(pumps, wornFeetOf(fitting), wearOf(fitting));
    const ids = [...candidates(1)].sort(byRank).map((c) => c.styleId);
    expect(await whole(2, ids)).toEqual(straight.candidates);
    expect(of('progress', 1)[0].candidates.length).toBeGreaterThanOrEqual(1);
    expect(of('progress', 1).at(-1)).toMatchObject({ done: pumps.length, of: pumps.length });
    expect(of('progress', 1).reduce((n, a) => n + a.considered, 0)).toBe(straight.considered);
    expect(of('ranked', 1)[0].tookMs).toBeGreaterThan(0);
  });
  it('draws pairs of the stockroom ready to be laid on a card, right where it is told to, and none of a style that is gone', async () => {
    const pair = (styleId: string, rooms = {}) => ({ styleId, size: lakeside.from + 4 * lakeside.step, width: lakeside.widths[0], rooms });
    const [plain, coloured, ...rest] = await engine.sketch({
      fitting,
      stamp: 'monday',
      ground: 'lawn-clay-wet',
      pairs: [pair('lakeside-50'), pair('lakeside-50', { left: 'too-tight' }), pair('gone')]
    });
    expect(rest).toEqual([]);
    // A heel of 50 mm on wet clay is told as it stands there.
    expect(plain.onGround!.words).not.toBe('');
    expect(plain.onGround!.sinkMm!.low).toBeLessThan(plain.onGround!.sinkMm!.high);
    const { width, height } = SMALL;
    /** Points of a path on either half of the card. */
    const halves = (path: string): [number, number] => {
      const points = [...path.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)]);
      for (const [x, y] of points) expect(x > 0 && x < width && y > 0 && y < height, `${x} ${y}`).toBe(true);
      return [points.filter(([x]) => x < width / 2).length, points.filter(([x]) => x > width / 2).length];
    };
    // Each line has both feet in it, the wearer's left on the left, within the card.
    for (const line of ['outside', 'inside', 'opening', 'foot', 'nails', 'ridges'] as const)
      for (const n of halves(plain.feet[line])) expect(n).toBeGreaterThan(4);
    // The toes' fronts take their colour on the foot it is said of.
    const coloursOf = (feet: typeof plain.feet): [number, number] => halves(feet.edges.map((e) => e.path).join(''));
    expect(coloursOf(coloured.feet)[0]).toBeGreaterThan(coloursOf(plain.feet)[0]);
    expect(coloursOf(coloured.feet)[1]).toBe(coloursOf(plain.feet)[1]);
    expect(fetched).toBe(1);
  });
  it('tells how the heels it listed stand on a ground, none of what it did not list', async () => {
    await rank(1);
    const ids = candidates(1).map((c) => c.styleId);
    const on = await engine.grounds({ fitting, stamp: 'monday', ground: 'lawn-clay-wet', styleIds: [...ids, 'gone'] });
    expect(Object.keys(on).sort()).toEqual([...ids].sort());
    // A heel of 50 mm goes into wet clay; a shoe without a heel says nothing of it.
    expect(on['lakeside-50']!.harm).toBeGreaterThan(0);
  });
  it('fetches the stockroom ahead, once for many questions, and anew when a page knows of a change', async () => {
    await ask({ kind: 'warm', job: 1, stamp: 'monday', fitting });
    expect(fetched).toBe(1);
    await rank(2);
    await rank(3);
    expect(fetched).toBe(1);
    await rank(4, { stamp: 'tuesday' });
    expect(fetched).toBe(2);
    expect(candidates(4)).toHaveLength(candidates(2).length);
  });
  it('what it looked at beforehand is what it ranks: for these feet, worn so, in this stockroom, in every size, and no others', async () => {
    const beforehand = (job: number): boolean => of('ranked', job)[0].beforehand;
    const named = (job: number): string[] =>
      candidates(job)
        .map((c) => `${c.styleId} ${c.verdict} ${c.probability} ${c.score}`)
        .sort();
    await rank(1);
    expect(beforehand(1)).toBe(false);
    await ask({ kind: 'warm', job: 2, stamp: 'monday', fitting });
    await rank(3);
    expect(beforehand(3)).toBe(true);
    expect(named(3)).toEqual(named(1));
    expect(of('progress', 3).reduce((n, a) => n + a.considered, 0)).toBe(of('progress', 1).reduce((n, a) => n + a.considered, 0));
    const oxfords = { styleIds: styles.filter((s) => s.kind === 'oxford').map((s) => s.id) };
    await rank(4, oxfords);
    expect(beforehand(4)).toBe(true);
    await rank(5, { heldSize: 38 });
    expect(beforehand(5)).toBe(false);
    await rank(6, { fitting: { ...fitting, sockMm: 2.5 } });
    expect(beforehand(6)).toBe(false);
    expect(named(6)).not.toEqual(named(1));
    await rank(7, { stamp: 'tuesday' });
    expect(beforehand(7)).toBe(false);
    await rank(8, { stamp: 'tuesday' });
    expect(beforehand(8)).toBe(true);
    await rank(9, { stamp: 'tuesday', ...oxfords });
    expect(beforehand(9)).toBe(false);
  });
  it('says once that the first hundred stand, and then they do', async () => {
    await rank(1, { styleIds: styles.map((s) => s.id) });
    const told = of('progress', 1);
    const at = told.findIndex((a) => a.topStands);
    expect(told.filter((a) => a.topStands)).toHaveLength(1);
    const first = (answers: typeof told): string[] =>
      answers
        .flatMap((a) => a.candidates)
        .sort(byRank)
        .slice(0, 100)
        .map((c) => c.styleId);
    expect(first(told.slice(0, at + 1))).toEqual(first(told));
    expect(of('ranked', 1)[0].tookMs).toBeGreaterThanOrEqual(of('ranked', 1)[0].topMs);
  });
  it('tells whole, unasked, the best it has at first and the best twelve when the first hundred stand, each once', async () => {
    await rank(1, { styleIds: styles.map((s) => s.id) });
    const answers = of('progress', 1);
    const unasked = answers.flatMap((a) => a.told);
    expect(new Set(unasked.map((c) => c.styleId)).size).toBe(unasked.length);
    const best = (list: readonly Listed[], n: number): string[] =>
      [...list]
        .sort(byRank)
        .slice(0, n)
        .map((c) => c.styleId);
    const first = answers.find((a) => a.candidates.length > 0)!;
    expect(first.told.map((c) => c.styleId)).toEqual(best(first.candidates, 4));
    expect(unasked.map((c) => c.styleId)).toEqual(expect.arrayContaining(best(candidates(1), 12)));
    expect(unasked.length).toBeLessThanOrEqual(16);
    expect(unasked[0].sentence.length).toBeGreaterThan(20);
    // Of so few that what was told first is among the best, too.
    await rank(2);
    const few = of('progress', 2).flatMap((a) => a.told.map((c) => c.styleId));
    expect(few.length).toBeGreaterThanOrEqual(12);
    expect(new Set(few).size).toBe(few.length);
  });
  it('of what it has not listed, or not in the newest ranking, it tells nothing', async () => {
    await rank(1);
    expect(await whole(2, ['nothing-of-the-kind'])).toEqual([]);
    await rank(3, { styleIds: [pumps[0].id] });
    expect(
      (
        await whole(
          4,
          pumps.map((s) => s.id)
        )
      ).map((c) => c.styleId)
    ).toEqual([pumps[0].id]);
  });
  it('a newer ranking takes the place of an older one, which says no more', async () => {
    held = true;
    const older = rank(1);
    const newer = rank(2, { styleIds: pumps.slice(0, 3).map((s) => s.id) });
    letGo();
    await Promise.all([older, newer]);
    expect(of('ranked', 1)).toEqual([]);
    expect(candidates(1)).toEqual([]);
    expect(of('ranked', 2)).toHaveLength(1);
    expect(candidates(2).length + of('progress', 2).flatMap((a) => a.unranked).length).toBe(3);
  });
  it('stopped while the stockroom is on its way, it ranks nothing', async () => {
    held = true;
    const under = rank(1);
    await ask({ kind: 'stop', job: 2 });
    letGo();
    await under;
    expect(said).toEqual([]);
  });
  it('held to a size, every style is ranked in that size, and those not made in it are left out', async () => {
    await rank(1, { heldSize: 38 });
    expect(candidates(1).length).toBeGreaterThan(5);
    for (const c of await whole(
      2,
      candidates(1).map(({ styleId }) => styleId)
    ))
      expect(c.size).toBe('38');
    const made = pumps.filter((s) => s.scale === 'eu' || sizeText(s, 38) === '38').length;
    expect(candidates(1).length).toBeLessThanOrEqual(made);
  });
  it('a style taken away since the page was opened is passed over', async () => {
    await rank(1, { styleIds: ['no-longer-here', pumps[0].id] });
    expect(of('failed', 1)).toEqual([]);
    expect(of('progress', 1).at(-1)).toMatchObject({ done: 1, of: 1 });
  });
  it('when the server does not answer it says so, and asks again next time', async () => {
    vi.stubGlobal('fetch', async () => ({ ok: false }));
    await rank(1);
    expect(of('failed', 1)[0].message).toMatch(/stockroom could not be read/);
    vi.stubGlobal('fetch', async () => ({ ok: true, json: async () => ({ styles }) }));
    await rank(2);
    expect(of('ranked', 2)).toHaveLength(1);
  });
});

describe('an opened pair in the worker', () => {
  it('comes with drawings, section, grid, trade and what to measure next; then with other sizes and lasts', async () => {
    await ask({ kind: 'open', job: 1, stamp: 'monday', ...pair() });
    const { opened } = of('opened', 1)[0];
    const bare = engine.lay(pair());
    expect(bare.drawings.map((d) => d.side)).toEqual(['left', 'right']);
    expect(bare.drawings[0].section.shoe.length).toBeGreaterThan(40);
    expect(opened.grid.widths).toEqual([...lakeside.widths]);
    expect(bare.fit.feet).toHaveLength(2);
    expect(Array.isArray(opened.next)).toBe(true);
    expect(of('others', 1)[0].others.length).toBeGreaterThan(0);
    expect(said.findIndex((a) => a.kind === 'opened')).toBeLessThan(said.findIndex((a) => a.kind === 'others'));
  });
  it('laid with helps it is the same pair with them in, on the side they were put in', async () => {
    await ask({ kind: 'lay', job: 1, ...pair() });
    await ask({ kind: 'lay', job: 2, ...pair({ put: { left: [{ kind: 'full-insole', mm: 3 }] } }) });
    const [plain, filled] = [of('laid', 1)[0].laid, of('laid', 2)[0].laid];
    expect(filled.fit.feet.map((f) => f.putIn)).toEqual([['full insole, 3 mm'], []]);
    expect(filled.drawings[0].section.underMm).toBe(3);
    expect(filled.drawings[1]).toEqual(plain.drawings[1]);
    expect(filled.drawings[0].section.girthGapMm).toBeCloseTo(plain.drawings[0].section.girthGapMm - 5, 6);
  });
  it('what cannot be put in is refused in words', async () => {
    await ask({ kind: 'lay', job: 1, ...pair({ put: { left: [{ kind: 'full-insole', mm: 40 }] } }) });
    expect(of('failed', 1)[0].message).toMatch(/not among the strengths/);
    await ask({ kind: 'open', job: 2, stamp: 'monday', ...pair({ width: 'enormous' }) });
    expect(of('failed', 2)[0].message).toMatch(/no width enormous/);
  });
});

describe('a style in brief', () => {
  it('is what lists filter and name by, and a small part of the whole', () => {
    for (const style of styles) {
      const brief = briefOf(style);
      expect(brief).toMatchObject({ id: style.id, maker: style.maker.name, lastId: style.last.id, family: style.last.family });
      expect(JSON.stringify(brief).length).toBeLessThan(0.35 * JSON.stringify(style).length);
    }
  });
  it('comes as it went, packed in little', () => {
    const packed = packBriefs(styles);
    expect(unpackBriefs(packed)).toEqual(styles.map(briefOf));
    expect(packed.length).toBeLessThan(0.6 * JSON.stringify(styles.map(briefOf)).length);
  });
});
