import { describe, expect, it } from 'vitest';
import { ask } from './client';

type Value = { mm: number; sdMm: number };
interface Learned {
  left: Record<string, Value>;
  right: Record<string, Value>;
  liking: Value;
  words: { shoe: string; zone: string; odd: boolean }[];
  pairs: { shoe: string; share: number; odd: boolean; sizesOff: number }[];
  tape: { measure: string; odd: boolean }[];
  needs: { measure: string; worth: number }[];
  questions: string[];
  leftOut: string[];
  errors: { path: string; message: string }[];
  detail: string;
}
async function learn(body: object, status = 200): Promise<Learned> {
  const answer = await ask('POST', '/learn/foot', body);
  expect(answer.status, JSON.stringify(answer.body)).toBe(status);
  return answer.body as Learned;
}
const label = (scale: string, size: string, whole = 'comfortable') => ({ label: { scale, size }, kind: 'sneaker', whole });

describe('two feet behind the shoes somebody wears', () => {
  it('a label, an inside and a style of the stockroom, told as a whole or zone by zone', async () => {
    const one = await learn({ shoes: [label('eu', '42')] });
    expect(one.left.lengthMm.mm).toBeGreaterThan(255);
    expect(one.left).toEqual(one.right);
    const three = await learn({
      shoes: [
        label('eu', '42'),
        { styleId: 'usher', size: '42', width: '4', whole: 'half-tight', zones: { left: { 'ball-girth': 'too-tight' } } },
        { id: 'boots', style: { kind: 'lace-boot', insoleLengthMm: 285, ballGirthMm: 262 }, whole: 'comfortable' }
      ]
    });
    expect(three.left.lengthMm.sdMm).toBeLessThan(one.left.lengthMm.sdMm);
    expect(three.left.ballGirthMm.mm).toBeGreaterThan(three.right.ballGirthMm.mm);
    expect(three.pairs.map((p) => p.shoe)).toEqual(['1', '2', 'boots']);
    expect(three.pairs.reduce((sum, p) => sum + p.share, 0)).toBeCloseTo(1, 1);
    expect(three.needs[0].worth).toBeGreaterThanOrEqual(three.needs[1].worth);
  });
  it('a tape stands beside the shoes, and one that they contradict is asked about', async () => {
    const shoes = ['42', '42', '42 1/2'].map((size) => ({ styleId: 'usher', size: size.startsWith('42 ') ? '42' : size, width: '4', whole: 'comfortable' }));
    const taped = await learn({ shoes, tape: { left: { lengthMm: { mm: 235, sdMm: 1.5 } }, right: { lengthMm: { mm: 262, sdMm: 1.5 } } } });
    expect(taped.tape.find((t) => t.odd)).toBeDefined();
    expect(taped.questions.join(' ')).toMatch(/The tape’s length, left: the shoes say .* Read it again\./i);
    const alone = await learn({ tape: { left: { lengthMm: 250 } } });
    expect(alone.left.lengthMm.mm).toBeCloseTo(250, 0);
    expect(alone.tape.every((t) => !t.odd)).toBe(true);
  });
  it('what numb feet say of their shoes is no evidence, and that is told', async () => {
    const body = { shoes: [label('eu', '42', 'tight')], tape: { left: { lengthMm: 250 }, right: { lengthMm: 250 } } };
    const [plain, numb] = [await learn(body), await learn({ ...body, flags: ['numb'] })];
    const without = await learn({ tape: body.tape });
    expect(numb.left.lengthMm).toEqual(without.left.lengthMm);
    expect(plain.left.lengthMm).not.toEqual(without.left.lengthMm);
    expect(numb.leftOut[0]).toMatch(/numb feet/);
  });
  it('what cannot be read is refused by its field', async () => {
    for (const [body, path] of [
      [{ shoes: [] }, 'shoes'],
      [{ shoes: [{ whole: 'comfortable' }] }, 'shoes.0.style'],
      [{ shoes: [{ ...label('eu', '42'), styleId: 'usher' }] }, 'shoes.0.style'],
      [{ shoes: [{ styleId: 'usher', whole: 'tight' }] }, 'shoes.0.size'],
      [{ shoes: [{ styleId: 'usher', size: '99', width: '4' }] }, 'shoes.0.size'],
      [{ shoes: [{ styleId: 'usher', size: '42', width: 'Z' }] }, 'shoes.0.width'],
      [{ shoes: [label('eu', 'large')] }, 'shoes.0.label.size'],
      [{ shoes: [label('shoe', '42')] }, 'shoes.0.label.scale'],
      [{ shoes: [{ ...label('eu', '42'), zones: { left: { toes: 'tight' } } }] }, 'shoes.0.zones.left'],
      [{ tape: { left: { lengthMm: 2 } } }, 'tape.left.lengthMm']
    ] as const) {
      const { errors } = await learn(body, 422);
      expect(errors.some((e) => e.path.startsWith(path)), `${path}: ${JSON.stringify(errors)}`).toBe(true);
    }
    expect((await ask('POST', '/learn/foot', { shoes: [{ styleId: 'nothing-there', size: '42', width: '4' }] })).status).toBe(404);
  });
  it('whether the chances came true: counts agree with the pairs of the shop, and kinds add up', async () => {
    const answer = await ask('GET', '/learn/calibration');
    expect(answer.status).toBe(200);
    const { all, kinds } = answer.body as { all: { n: number; good: number; promised: number; bins: { n: number }[]; truth: string; missing: number }; kinds: { calibration: { n: number; good: number } }[] };
    expect(all.n).toBeGreaterThan(40);
    expect(all.bins.reduce((s, b) => s + b.n, 0)).toBe(all.n);
    expect(kinds.reduce((s, k) => s + k.calibration.n, 0)).toBe(all.n);
    expect(kinds.reduce((s, k) => s + k.calibration.good, 0)).toBe(all.good);
    expect(all.truth === 'too-few').toBe(all.missing > 0);
  });
  it('what to send by post: sets of one to three, each with its gain; what cannot be is refused by its field', async () => {
    type Sent = { each: { size: string; chance: number }[]; sets: { pairs: { size: string; width: string }[]; chance: number; gain: number; worth: boolean }[]; askFirst: string };
    const send = async (body: object, status = 200): Promise<Sent & { errors: { path: string }[] }> => {
      const answer = await ask('POST', '/learn/send', body);
      expect(answer.status, JSON.stringify(answer.body)).toBe(status);
      return answer.body as Sent & { errors: { path: string }[] };
    };
    const shoes = [label('eu', '42')];
    const { sets, each, askFirst } = await send({ styleId: 'usher', shoes });
    expect(sets.map((s) => s.pairs.length)).toEqual([1, 2, 3]);
    expect(sets[0].chance).toBe(each[0].chance);
    sets.slice(1).forEach((s, i) => expect(s.chance).toBeGreaterThanOrEqual(sets[i].chance));
    expect(askFirst).toMatch(/Mm$/);
    // A pair that brings nothing is never worth its way.
    expect((await send({ styleId: 'usher', shoes, post: { marginEach: 0, out: 6, back: 6 } })).sets.every((s) => !s.worth)).toBe(true);
    expect((await send({ styleId: 'usher', shoes: [] }, 422)).errors[0].path).toBe('shoes');
    expect((await send({ shoes }, 422)).errors[0].path).toBe('styleId');
    expect((await send({ styleId: 'usher', shoes, post: { marginEach: -1, out: 6, back: 6 } }, 422)).errors[0].path).toBe('post.marginEach');
    expect((await ask('POST', '/learn/send', { styleId: 'nothing-there', shoes })).status).toBe(404);
  });
}); // prettier-ignore
