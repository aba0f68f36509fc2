import { describe, expect, it } from 'vitest';
import { ask, type Answer } from './client';

const api = (method: string, path: string, body?: unknown): Promise<Answer> => ask(method, path, body);
/** The body of an answer that must have this status. */
async function json<T = unknown>(answer: Answer, status: number): Promise<T> {
  expect(answer.status, JSON.stringify(answer.body)).toBe(status);
  return answer.body as T;
}

const judge = (body: object, status = 200) => api('POST', '/use/judge', body).then((r) => json<Record<string, never> & { class: string; forbiddenBy: string[]; words: string; against: { words: string }[]; look: { words: string }[]; askWhom: string[]; cautions: string[]; assumed: string[]; needs: string[]; detail: string; errors: { path: string; message: string }[] }>(r, status)); // prettier-ignore
const heels = { kind: 'heels-dance', closure: 'lace', heelHeightMm: 88, soleStiffness: 2 };

describe('does it suit', () => {
  it('judges a style by what is told of it, a level by its name or its place', async () => {
    const body = (sole: unknown) => ({ use: 'heels-class', answers: { turns: 'many', level: 'able' }, style: { ...heels, attributes: { sole } } });
    for (const sole of ['rubber', 3, { value: 'rubber', mark: 'felt' }]) {
      const told = await judge(body(sole));
      expect(told.class).toBe('not-for-this');
      expect(told.forbiddenBy).toEqual(['rubber']);
      expect(told.askWhom).toContain('teacher');
    }
    expect((await judge(body('smooth'))).class).toBe('suits');
    // Nobody looked: the same rubber forbids nothing, and is to be looked at.
    const unseen = await judge({ use: 'heels-class', answers: { turns: 'many' }, style: heels });
    expect(unseen.forbiddenBy).toEqual([]);
    expect(unseen.look.map((l) => l.words).join()).toMatch(/Look at the sole\./);
  });
  it('judges a style of the stockroom, and what is told of the person lies over it', async () => {
    const body = { use: 'standing', style: { styleId: 'galop-90' }, person: { flags: ['numb'], lengthMm: 243 } };
    const told = await judge(body);
    expect(told.class).toBe('not-for-this');
    expect(told.cautions.join(' ')).toMatch(/put a hand inside before each wear/);
    await json(await api('POST', '/use/judge', { ...body, style: { styleId: 'nothing-there' } }), 404);
  });
  it('a brace without a drop: what is taken for granted is said, and speaks against without forbidding; told, it forbids', async () => {
    const body = { use: 'walking', person: { flags: ['brace'] }, style: { kind: 'walking', heelHeightMm: 40, platformMm: 12 } };
    const told = await judge(body);
    expect(told.assumed).toContain('deviceDrop');
    expect([told.class, told.forbiddenBy]).toEqual(['with-care', []]);
    expect(told.against[0].words).toMatch(/^Leans forward past what the device allows.*Ask the orthotist\.$/);
    expect((await judge({ ...body, answers: { deviceDrop: 10, tol: 1.5 } })).forbiddenBy).toEqual(['fore']);
    expect(told.needs).toContain('deviceGirth');
  });
  it('a use there is none of, an attribute out of range, a level or answer there is none of: in words, naming the field', async () => {
    const wrong = await judge({ use: 'skating', style: heels }, 422);
    expect(wrong.errors[0]).toMatchObject({ path: 'use', message: expect.stringMatching(/^name what it is for: heels-class, pole/) });
    for (const [attributes, path] of [[{ rear: 9 }, 'style.attributes.rear'], [{ sole: 'glass' }, 'style.attributes.sole'], [{ stiffness: 3 }, 'style.attributes']] as const) {
      const answer = await judge({ use: 'heels-class', style: { ...heels, attributes } }, 422);
      expect(answer.errors.some((e) => e.path.startsWith(path)), JSON.stringify(answer.errors)).toBe(true);
    }
    await judge({ use: 'heels-class', answers: { turns: 'some' }, style: heels }, 422);
    await judge({ use: 'heels-class', schools: { 'heels-class': { start: 'never' } }, style: heels }, 422);
    expect((await judge({ use: 'heels-class', style: { ...heels, attributes: { rear: 9 } } }, 422)).detail).toMatch(/style\.attributes\.rear: from 1 to 5/);
    expect((await judge({ use: 'heels-class', style: {} }, 422)).detail).toMatch(/name its kind, or a style of the stockroom/);
    await judge({ use: 'heels-class' }, 422);
  }); // prettier-ignore
  it('gait: classes with how sure, and where what was seen does not agree', async () => {
    const looks = { left: { roll: { is: 'in', watched: 'filmed' }, wornAt: 'outer', arch: ['low', 'high'] }, right: {} };
    const { left, right } = await json<Record<'left' | 'right', { roll: { id: string; confidence: number; word: string }; disagreements: string[] }>>(await api('POST', '/use/gait', { looks }), 200);
    expect(left.disagreements).toHaveLength(2);
    expect(left.disagreements[0]).toMatch(/^It rolls in, and the old sole is worn at the outer edge/);
    expect(right.roll).toMatchObject({ id: 'neutral', word: 'not clear' });
    await json(await api('POST', '/use/gait', { looks: { left: { roll: { is: 'in' } } } }), 422);
  }); // prettier-ignore
  it('a first pair: what is asked still, what is wanted with why, both schools; dates to buy', async () => {
    const first = await json<{ ask: { question: string }[]; wanted: { reads: string; must: boolean; words: string }[]; schools: { axis: string }[] }>(await api('POST', '/use/first', { use: 'pole' }), 200);
    expect(first.ask.length).toBeLessThanOrEqual(6);
    expect(first.ask.map((a) => a.question)).toContain('level');
    expect(first.wanted[0].must).toBe(true);
    expect(first.schools.map((s) => s.axis)).toContain('toes');
    expect(await json(await api('POST', '/use/dates', { event: '2027-04-11', kind: 'lace-boot', postDays: 2 }), 200)).toMatchObject({ last: '2027-03-19', better: '2027-02-26', life: null });
    const runs = { runKm: 300, toComeKm: 900, weightKg: 72, rear: 2, grams: 260 };
    expect(await json(await api('POST', '/use/dates', { event: '2027-04-11', kind: 'running', runs }), 200)).toMatchObject({ life: { until: 'next', words: 'plan the next pair' } });
    await json(await api('POST', '/use/dates', { event: 'soon', kind: 'running' }), 422);
  }); // prettier-ignore
});
describe('kept', () => {
  it('with a fitting: uses, answers, looks and schools, each as it was sent; what is unknown is refused', async () => {
    const { customers } = await json<{ customers: { id: number }[] }>(await api('GET', '/customers?search=Dorian'), 200);
    const { fittings } = await json<{ fittings: { id: number; use: object }[] }>(await api('GET', `/customers/${customers[0].id}/fittings`), 200);
    const [{ id, use: was }] = fittings;
    const use = {
      uses: ['occasion', 'character'],
      answers: { ground: 'parquet', hours: 4 },
      schools: { occasion: { heel: 'steady' } },
      looks: { left: { wornAt: 'even' } }
    };
    await json(await api('PATCH', `/fittings/${id}`, { use }), 200);
    expect(await json(await api('GET', `/fittings/${id}`), 200)).toMatchObject({ use });
    await json(await api('PATCH', `/fittings/${id}`, { use: { ...use, uses: ['skating'] } }), 422);
    await json(await api('PATCH', `/fittings/${id}`, { use: { ...use, answers: { hours: 99 } } }), 422);
    await json(await api('PATCH', `/fittings/${id}`, { use: was }), 200);
  });
  it('with a style: attributes by CSV, a level there is none of is told with those there are', async () => {
    const line = (hold: string) => `id,last,name,kind,upper,closure,from,to,widths,soleStiffness,heelHeightMm,forWhom,scale,hold,rear\nuse-trial,quaver,Use Trial,heels-dance,suede,lace,35,40,M,2,85,women,eu,${hold},3`; // prettier-ignore
    const wrong = await json<{ detail: string }>(await api('POST', '/import/stock', { kind: 'styles', text: line('glued'), dryRun: true }), 200);
    expect(JSON.stringify(wrong)).toMatch(/hold/);
    expect(JSON.stringify(wrong)).toMatch(/one-strap/);
  });
  it('the shop’s own pulls: kept, told back, judged by, taken away; what cannot be is refused by name', async () => {
    const body = { use: 'slipper', answers: { floor: 'wood' }, schools: { slipper: { grip: 'floor' } }, style: { kind: 'ballet-slipper', upper: 'canvas' } };
    const before = await judge(body);
    const pull = { part: 'upper', material: 'canvas', surface: 'wood', kg: [1, 1.1, 0.9], insideKg: 2, shoeKg: 0.25 };
    const { pull: kept } = await json<{ pull: { id: number; createdAt: string } }>(await api('POST', '/pulls', pull), 201);
    try {
      const { pulls } = await json<{ pulls: { id: number; kg: number[] }[] }>(await api('GET', '/pulls'), 200);
      expect(pulls.find((p) => p.id === kept.id)?.kg).toEqual([1, 1.1, 0.9]);
      const after = await judge(body);
      expect(after.suit).toBeGreaterThan(before.suit as unknown as number);
    } finally {
      await json(await api('DELETE', `/pulls/${kept.id}`), 200);
    }
    expect((await judge(body)).suit).toBe(before.suit);
    await json(await api('DELETE', `/pulls/${kept.id}`), 404);
    for (const [wrong, path] of [
      [{ ...pull, material: 'glass' }, 'material'],
      [{ ...pull, part: 'sole', material: 'rubber', surface: 'brass' }, 'surface'],
      [{ ...pull, kg: [] }, 'kg'],
      [{ ...pull, kg: [40] }, 'kg'],
      [{ ...pull, shoeKg: 0 }, 'shoeKg']
    ] as const) {
      const answer = await json<{ errors: { path: string; message: string }[] }>(await api('POST', '/pulls', wrong), 422);
      expect(answer.errors.map((e) => e.path.split('.')[0])).toContain(path);
    }
  });
});
