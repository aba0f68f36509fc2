import { beforeAll, describe, expect, it } from 'vitest';
import { ask, BASE, type Answer } from './client';

const api = (method: string, path: string, body?: unknown): Promise<Answer> => ask(method, path, body);
/** The body of an answer that must have this status. */
async function json<T = unknown>(answer: Answer, status: number): Promise<T> {
  expect(answer.status, JSON.stringify(answer.body)).toBe(status);
  return answer.body as T;
}

const foot = { lengthMm: 233, ballWidthMm: 84, ballGirthMm: 209, pressedBallGirthMm: 200, pointReachDeg: 95, rises: 21, weightKg: 48 };
const tern = { modelId: 'tern', size: 35.5, mark: 'N', grade: 'soft' };
const box = {
  insideLengthMm: 232,
  jointGirthMm: 202,
  jointWidthMm: 78,
  taper: 'medium',
  platform: { widthMm: 52, depthMm: 24, shape: 'oval' },
  vampMm: 64,
  throat: 'u',
  wingMm: 73,
  wingOuterMm: 75,
  shank: { grade: 'medium', length: 'full', bend: 0.42 },
  paste: 'medium',
  heelHeightMm: 54,
  heelWidthMm: 53
};
let person = 0;
beforeAll(async () => {
  const made = await api('POST', '/customers', { name: 'Aurelia Pondisco', born: 2006, fitsAs: 'women' });
  person = (await json<{ id: number }>(made, 201)).id;
});

describe('one foot in one pointe shoe', () => {
  it('is told with its sums, its chance, what decides and the cautions that clear nobody', async () => {
    const told = await json<Record<string, unknown> & { zones: { zone: string; because: string }[]; cautions: { id: string }[]; probability: number; sinkMm: { low: number; centre: number; high: number } }>(await api('POST', '/pointe/check', { foot, shoe: tern }), 200); // prettier-ignore
    expect(told.zones).toHaveLength(12);
    expect(told.zones.every((z) => z.because.length > 5)).toBe(true);
    expect(told.probability > 0 && told.probability < 1).toBe(true);
    expect(told.sinkMm.low).toBeLessThanOrEqual(told.sinkMm.centre);
    expect(told.cautions.map((c) => c.id)).toEqual(expect.arrayContaining(['in-person', 'teacher', 'dead']));
    expect(JSON.stringify(told)).not.toMatch(/cleared for pointe|safe for pointe/i);
  });
  it('a box of one’s own may stand in place of a label; a wider one sinks more', async () => {
    const sink = async (girth: number): Promise<number> =>
      (await json<{ sinkMm: { centre: number } }>(await api('POST', '/pointe/check', { foot, shoe: { ...box, jointGirthMm: girth } }), 200)).sinkMm.centre;
    expect(await sink(208)).toBeGreaterThan(await sink(200));
  });
  it('without a point reach nothing is said of the platform, and the gap is named', async () => {
    const { pointReachDeg: _gone, ...rest } = foot;
    const told = await json<{ toSpareDeg: unknown; shankBandNm: unknown; filled: string[] }>(
      await api('POST', '/pointe/check', { foot: rest, shoe: tern }),
      200
    );
    expect(told).toMatchObject({ toSpareDeg: null, shankBandNm: null });
    expect(told.filled).toContain('reach');
  });
  it.each([
    ['a mark the maker does not have', { ...tern, mark: 'VII' }, 'shoe.mark', /Width marks are N, M, W, XW/],
    ['a size it does not make', { ...tern, size: 12 }, 'shoe.size', /Sizes run from 31 to 43/],
    ['a model that is not there', { ...tern, modelId: 'heron' }, 'shoe.modelId', /no model/],
    ['a platform wider than its box', { ...box, platform: { widthMm: 76, depthMm: 24, shape: 'oval' } }, 'shoe.platform.widthMm', /30 to 70 mm; 76 was given/],
    ['wings over the heel', { ...box, wingMm: 190 }, 'shoe.wingMm', /Wings/],
    ['a shank of no grade', { ...box, shank: { length: 'full', bend: 0.42 } }, 'shoe.shank.grade', /say the grade/]
  ])('%s is refused in words, naming the field', async (_, shoe, path, words) => {
    const answer = await api('POST', '/pointe/check', { foot, shoe });
    const { errors } = await json<{ errors: { path: string; message: string }[] }>(answer, 422);
    expect(errors.map((e) => e.path)).toContain(path);
    expect(errors.find((e) => e.path === path)!.message).toMatch(words);
  });
  it('ranks every model for two feet, best first, and marks split pairs', async () => {
    const { pairs } = await json<{ pairs: { score: number; split: boolean; left: { size: number }; right: { size: number } }[] }>(await api('POST', '/pointe/rank', { left: foot, right: { ...foot, lengthMm: 238 }, most: 50 }), 200); // prettier-ignore
    expect(pairs.length).toBeGreaterThan(8);
    expect([...pairs].sort((a, b) => b.score - a.score)).toEqual(pairs);
    expect(pairs.some((p) => p.split && p.left.size < p.right.size)).toBe(true);
  });
  it('tells causes with shares, and another model where two pull in opposite ways', async () => {
    const { shares, opposites, next } = await json<{ shares: { share: number }[]; opposites: string[] | null; next: string | null }>(await api('POST', '/pointe/causes', { answers: { sinks: true, numb: true } }), 200); // prettier-ignore
    expect(opposites).toEqual(['box-wide', 'box-narrow']);
    expect(next).toBeNull();
    expect(shares.reduce((n, s) => n + s.share, 0)).toBeCloseTo(1, 0);
  });
});

describe('models of the stockroom', () => {
  const made = { id: 'api-lantern', makerId: 'wrenholt', name: 'Lantern', base: { size: 5, mark: 'III' }, grades: ['soft', 'medium'], usualGrade: 'soft', spec: { jointGirthMm: { value: 206, evidence: 'measured' } }, stock: [{ size: 5, mark: 'II', grade: 'soft', count: 2 }] }; // prettier-ignore
  it('are kept, exported and read again the same, as JSON and as CSV', async () => {
    await json(await api('POST', '/pointe/models', made), 201);
    const file = await json<{ makers: unknown[]; models: { id: string }[] }>(await api('GET', '/pointe/export?format=json'), 200);
    expect(await json(await api('POST', '/pointe/import', { ...file, dryRun: true }), 200)).toMatchObject({ models: file.models.length, dryRun: true });
    const csv = await (await fetch(`${BASE}/api/v1/pointe/export?format=csv`)).text();
    expect(csv).toContain('api-lantern');
    expect(await json(await api('POST', '/pointe/import', { csv }), 200)).toMatchObject({ models: file.models.length });
    const after = await json<{ models: Record<string, unknown>[] }>(await api('GET', '/pointe/models'), 200);
    // A CSV says nothing of the shelf: what stood there stays.
    expect(after.models.find((m) => m.id === 'api-lantern')).toMatchObject(made);
    await json(await api('DELETE', '/pointe/models/api-lantern'), 200);
    await json(await api('DELETE', '/pointe/models/api-lantern'), 404);
  });
  it.each([
    ['a maker that is not there', { ...made, makerId: 'nobody' }, 'makerId'],
    ['a base size that is not made', { ...made, base: { size: 50, mark: 'III' } }, 'base.size'],
    ['a box that cannot be', { ...made, spec: { ...made.spec, platformWidthMm: { value: 88, evidence: 'claimed' } } }, 'spec.platformWidthMm'],
    ['a usual grade that is not made', { ...made, usualGrade: 'firm' }, 'usualGrade'],
    ['stock of a mark that is not made', { ...made, stock: [{ size: 5, mark: 'B', grade: 'soft', count: 1 }] }, 'stock.0.mark']
  ])('%s is refused, naming the field', async (_, model, path) => {
    const { errors } = await json<{ errors: { path: string }[] }>(await api('POST', '/pointe/models', model), 422);
    expect(errors.map((e) => e.path)).toContain(path);
  });
  it('a file of which one row cannot be writes nothing', async () => {
    const csv = 'id,maker,name,base size,base mark,grades,usual grade\napi-good,wrenholt,Good,4,III,soft,soft\napi-bad,wrenholt,Bad,44,III,soft,soft\n';
    const { errors } = await json<{ errors: { path: string }[] }>(await api('POST', '/pointe/import', { csv }), 422);
    expect(errors.map((e) => e.path)).toContain('models.1.base.size');
    const { models } = await json<{ models: { id: string }[] }>(await api('GET', '/pointe/models'), 200);
    expect(models.some((m) => m.id === 'api-good')).toBe(false);
    const { errors: missing } = await json<{ errors: { message: string }[] }>(await api('POST', '/pointe/import', { csv: 'id,name\nx,y\n' }), 422);
    expect(missing[0].message).toMatch(/lacks maker, base size, base mark/);
  });
});

describe('a dancer', () => {
  it('what is asked is kept; a pair is begun, danced, and dies', async () => {
    const blank = await json<{ dancer: { level: string }; pairs: unknown[] }>(await api('GET', `/customers/${person}/pointe`), 200);
    expect(blank).toMatchObject({ dancer: { level: 'student', weightKg: null }, pairs: [] });
    const asked = { level: 'advanced', teacherSaidOn: '2026-10-05', sewn: ['pin'] };
    expect(await json(await api('PUT', `/customers/${person}/pointe`, { ...asked, version: 0 }), 200)).toEqual({ version: 1 });
    // Somebody else changed it meanwhile: what they noted is not written over unseen.
    await json(await api('PUT', `/customers/${person}/pointe`, { ...asked, level: 'first', version: 0 }), 409);
    const { id, version } = await json<{ id: number; version: number }>(await api('POST', `/customers/${person}/pointe/pairs`, { left: tern, right: tern, begunOn: '2026-11-01' }), 201); // prettier-ignore
    const changed = await json<{ version: number }>(await api('PUT', `/pointe/pairs/${id}`, { left: tern, right: tern, begunOn: '2026-11-01', hours: 7.5, died: 'box', version }), 200); // prettier-ignore
    await json(await api('PUT', `/pointe/pairs/${id}`, { left: tern, right: tern, hours: 9, version }), 409);
    const now = await json<{ dancer: { level: string; sewn: string[] }; pairs: { hours: number; version: number }[] }>(
      await api('GET', `/customers/${person}/pointe`),
      200
    );
    expect(now).toMatchObject({ dancer: { level: 'advanced', sewn: ['pin'] }, pairs: [{ hours: 7.5, died: 'box', version: changed.version }] });
    await json(await api('DELETE', `/pointe/pairs/${id}`), 200);
  });
  it('an answer at the barre moves what is believed of a girth nobody measured, and never a measured one', async () => {
    const model = { id: 'api-reed', makerId: 'wrenholt', name: 'Reed', base: { size: 4, mark: 'III' }, grades: ['medium'], usualGrade: 'medium', spec: { jointGirthMm: { value: 200, evidence: 'claimed' }, vampMm: { value: 63, evidence: 'measured' } } }; // prettier-ignore
    const sinkOf = async (): Promise<number> =>
      (
        await json<{ sinkMm: { centre: number } }>(
          await api('POST', '/pointe/check', { foot, shoe: { modelId: 'api-reed', size: 4.5, mark: 'III', grade: 'medium' } }),
          200
        )
      ).sinkMm.centre;
    await json(await api('POST', '/pointe/models', model), 201);
    const before = await sinkOf();
    const seen = {
      shoe: { modelId: 'api-reed', size: 4.5, mark: 'III', grade: 'medium' },
      answers: { sinks: true, 'vamp-gapes': true },
      expected: { sinks: { value: 2, slope: 0.45 }, 'vamp-gapes': { value: 4, slope: 1 } }
    };
    const { beliefs, taught } = await json<{ beliefs: Record<string, { mean: number; n: number }>; taught: string[] }>(await api('POST', `/customers/${person}/pointe/barre`, seen), 201); // prettier-ignore
    expect(taught).toEqual(['girth', 'vamp']);
    expect(beliefs.girth.mean).toBeGreaterThan(2);
    expect(beliefs.girth.n).toBe(1);
    expect(beliefs.vamp.mean).toBeLessThan(0);
    await json(await api('POST', `/customers/${person}/pointe/barre`, { ...seen, expected: { rolls: { value: 1, slope: 1 } } }), 422);
    expect(await sinkOf()).toBeGreaterThan(before);
    await json(await api('POST', '/pointe/models', { ...model, spec: { ...model.spec, jointGirthMm: { value: 200, evidence: 'measured' } } }), 201);
    expect(await sinkOf()).toBeCloseTo(before, 5);
    await json(await api('POST', `/customers/${person}/pointe/barre`, { ...seen, shoe: { ...seen.shoe, modelId: 'nobody' } }), 404);
    await json(await api('DELETE', '/pointe/models/api-reed'), 200);
  });
  it('a person who is not there, a grade there is none of, a day that is none: 4xx in words', async () => {
    await json(await api('GET', '/customers/999999/pointe'), 404);
    await json(await api('PUT', `/customers/${person}/pointe`, { teacherSaidOn: 'soon' }), 422);
    await json(await api('POST', `/customers/${person}/pointe/pairs`, { left: { ...tern, grade: 'steel' }, right: tern }), 422);
    await json(await api('DELETE', '/pointe/pairs/999999'), 404);
  });
});
