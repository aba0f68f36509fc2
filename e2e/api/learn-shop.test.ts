import { describe, expect, it } from 'vitest';
import { ask, get, newFitting, post, side } from './client';

interface LastSays {
  last: string;
  channel: string;
  net: { mm: number; sdMm: number };
  verdict: string;
}
/** Learns all anew and waits until it is done. */
async function learnAll(): Promise<{
  lasts: LastSays[];
  targets: { kind: string; channel: string; move: number | null }[];
  people: number;
  leftOut: { excluded: number };
}> {
  expect((await ask('POST', '/learn/shop')).status).toBe(200);
  for (;;) {
    const { body } = await get('/learn/shop');
    if (body.state !== 'running') {
      expect(body.state).toBe('done');
      expect(body.stale).toBe(false);
      return body.learned;
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}
const insideOf = async (lastId: string) => (await get('/styles')).body.styles.find((s: { last: { id: string } }) => s.last.id === lastId).last;
const answer = (answerIs: string, id = 'bramble', subject = 'last', channel = 'length') => post('/learn/answers', { subject, id, channel, answer: answerIs });

describe('what two years of try-ons teach', { timeout: 120_000 }, () => {
  it('finds the lasts that are not as their sheets say and the kind whose targets are off, and nothing else; nothing moves by itself', async () => {
    const before = await insideOf('bramble');
    const learned = await learnAll();
    expect(learned.people).toBeGreaterThan(300);
    expect(learned.lasts.filter((l) => ['propose', 'measure'].includes(l.verdict)).map((l) => `${l.last} ${l.channel}`).sort()).toEqual(['bramble length', 'clover girth']); // prettier-ignore
    expect(learned.targets.filter((t) => t.move !== null).map((t) => `${t.kind} ${t.channel}`)).toEqual(['walking length']);
    expect((await insideOf('bramble')).base).toEqual(before.base);
  });
  it('an offset taken over moves every size of the last; given back, it is as it was; its sheet never moves', async () => {
    const learned = await learnAll();
    const { net } = learned.lasts.find((l) => l.last === 'clover' && l.channel === 'girth')!;
    const before = await insideOf('clover');
    expect((await answer('accepted', 'clover', 'last', 'girth')).status).toBe(200);
    const after = await insideOf('clover');
    expect(after.base.ballGirthMm - before.base.ballGirthMm).toBeCloseTo(net.mm, 6);
    expect(after.evidence.girthSdMm).toBeCloseTo(net.sdMm, 6);
    expect(after.learned.sheet.base).toEqual(before.base);
    expect((await get('/lasts/clover')).body.last.base).toEqual(before.base);
    // What was learned is held against the sheet: taking it over changes no figure of it.
    const again = await learnAll();
    expect(again.lasts.find((l) => l.last === 'clover' && l.channel === 'girth')!.net.mm).toBeCloseTo(net.mm, 6);
    expect((await answer('withdrawn', 'clover', 'last', 'girth')).status).toBe(200);
    expect((await insideOf('clover')).base).toEqual(before.base);
  });
  it('targets taken over move all four cuts by as much, and back', async () => {
    await learnAll();
    const cuts = async () => (await get('/settings/targets')).body.targets?.kinds?.walking?.['toe-room'];
    expect(await cuts()).toBeUndefined();
    expect((await answer('accepted', 'walking', 'kind')).status).toBe(200);
    const now = await cuts();
    expect(now.a).toBeGreaterThan(9);
    expect(now.d - now.a).toBeCloseTo(14, 1);
    expect((await answer('withdrawn', 'walking', 'kind')).status).toBe(200);
    expect(await cuts()).toBeUndefined();
  });
  it('what is not proposed is not taken over, what was not learned is not there, in words', async () => {
    expect(await answer('accepted', 'vellum')).toMatchObject({ status: 422, body: { errors: [{ path: 'answer' }] } });
    expect((await answer('accepted', 'no-such-last')).status).toBe(404);
    expect((await answer('withdrawn', 'vellum')).status).toBe(404);
    expect((await answer('accepted', 'bramble', 'last', 'colour')).status).toBe(422);
  });
  it('one reckoning at a time; stopped, what was learned before stands', async () => {
    const was = await learnAll();
    expect((await ask('POST', '/learn/shop')).body.began).toBe(true);
    expect((await ask('POST', '/learn/shop')).body.began).toBe(false);
    expect((await ask('DELETE', '/learn/shop')).body.removed).toBe(true);
    for (;;) {
      const { body } = await get('/learn/shop');
      if (body.state === 'running') continue;
      expect(body.state).toBe('stopped');
      expect(body.learned.lasts).toEqual(was.lasts);
      break;
    }
    expect((await ask('DELETE', '/learn/shop')).body.removed).toBe(false);
  });
  it('a try taken out, and put back, is unlearned and learned exactly', async () => {
    const was = await learnAll();
    const { body } = await get('/customers?search=Abel');
    const { fittings } = (await get(`/customers/${body.customers[0].id}/fittings`)).body;
    const tried = fittings
      .flatMap((f: { tries: { id: number; felt: { left: object } }[] }) => f.tries)
      .find((t: { felt: { left: object } }) => Object.keys(t.felt.left).length > 0);
    expect((await ask('PATCH', `/tries/${tried.id}`, { excludedWhy: 'the wrong box' })).status).toBe(200);
    const without = await learnAll();
    expect(without.leftOut.excluded).toBe(was.leftOut.excluded + 1);
    expect((await ask('PATCH', `/tries/${tried.id}`, { excludedWhy: null })).status).toBe(200);
    const again = await learnAll();
    expect(again.lasts).toEqual(was.lasts);
  });
});

describe('parcels', () => {
  const send = (fitting: number, more: object = {}) =>
    post(`/fittings/${fitting}/posts`, { pairs: [{ styleId: 'usher', size: '42', width: '4' }, { styleId: 'usher', size: '41', width: '4' }], sentOn: '2026-11-20', dueOn: '2026-12-04', chance: 0.5, ...more }); // prettier-ignore
  it('each pair becomes one tried at home; decided, the parcel is done; what came back counts and teaches', async () => {
    const { customer, fitting } = await newFitting('Verena Postlow');
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(262), right: side(263) });
    const { status, body } = await send(fitting);
    expect(status).toBe(201);
    const of = async () => (await get('/posts')).body.posts.find((p: { id: number }) => p.id === body.id);
    const before = await of();
    expect(before).toMatchObject({ customerId: customer, person: 'Verena Postlow', closedOn: null, dueOn: '2026-12-04', chance: 0.5 });
    expect(before.pairs.map((p: { outcome: string }) => p.outcome)).toEqual(['open', 'open']);
    const counts = (await get('/posts')).body.counts;
    const [one, two] = before.pairs.map((p: { tryId: number }) => p.tryId);
    await ask('PATCH', `/tries/${one}`, { outcome: 'kept' });
    expect((await of()).closedOn).toBeNull();
    await ask('PATCH', `/tries/${two}`, {
      outcome: 'returned',
      reason: { code: 'fit', zone: 'toe-room', side: 'left' },
      felt: { left: { 'toe-room': 'too-tight' } }
    });
    expect((await of()).closedOn).toMatch(/^\d{4}-/);
    const now = (await get('/posts')).body.counts;
    expect([now.kept - counts.kept, now.back - counts.back, now.out - counts.out]).toEqual([1, 1, -2]);
    const visit = (await get(`/fittings/${fitting}`)).body;
    expect(visit.tries.map((t: { postId: number }) => t.postId)).toEqual([body.id, body.id]);
    expect((await ask('PATCH', `/posts/${body.id}`, { dueOn: '2026-12-10', version: 0 })).body.version).toBe(1);
    expect((await ask('PATCH', `/posts/${body.id}`, { dueOn: null, version: 0 })).status).toBe(409);
  });
  it('what cannot be sent is refused by its field, and one that never went out is taken away with its pairs', async () => {
    const { fitting } = await newFitting();
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(262), right: side(263) });
    expect(await send(fitting, { dueOn: '2026-11-01' })).toMatchObject({ status: 422, body: { errors: [{ path: 'dueOn' }] } });
    expect(await send(fitting, { pairs: [] })).toMatchObject({ status: 422, body: { errors: [{ path: 'pairs' }] } });
    expect((await send(fitting, { pairs: [{ styleId: 'usher', size: '99', width: '4' }] })).status).toBe(422);
    expect((await send(fitting, { sentOn: 'yesterday' })).status).toBe(422);
    const { body } = await send(fitting);
    expect((await ask('DELETE', `/posts/${body.id}`)).status).toBe(200);
    expect((await get(`/fittings/${fitting}`)).body.tries).toEqual([]);
    expect((await ask('DELETE', `/posts/${body.id}`)).status).toBe(404);
  });
});

describe('at the chair and beside it', () => {
  it('protocol, timers, reasons and comparisons are kept; what cannot be is refused', async () => {
    const { fitting } = await newFitting();
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(262), right: side(263) });
    const tries = [];
    for (const size of ['41', '42']) tries.push((await post(`/fittings/${fitting}/tries`, { styleId: 'usher', size, width: '4' })).body.id);
    const chair = {
      steps: { 'longest-toe': { left: { ok: true, mm: 14 } } },
      timers: [{ step: 'walk-long', since: '2026-11-28T10:00:00.000Z', before: 0, minutes: 15, answered: false }]
    };
    expect((await ask('PATCH', `/tries/${tries[0]}`, { chair })).status).toBe(200);
    expect((await ask('PATCH', `/fittings/${fitting}`, { bouts: [{ left: tries[0], right: tries[1], winner: tries[1] }] })).status).toBe(200);
    const visit = (await get(`/fittings/${fitting}`)).body;
    expect(visit.tries[0].chair).toEqual(chair);
    expect(visit.tries[0].told.left['toe-room']).toMatchObject({ mm: expect.any(Number), chance: expect.any(Number) });
    expect(visit.tries[0].triedWith).toMatchObject({ lastId: expect.any(String), lastVersion: expect.any(Number) });
    expect(visit.bouts).toHaveLength(1);
    expect((await ask('PATCH', `/tries/${tries[0]}`, { chair: { steps: { dance: {} } } })).status).toBe(422);
    expect((await ask('PATCH', `/tries/${tries[0]}`, { reason: { code: 'weather' } })).status).toBe(422);
    expect((await ask('PATCH', `/fittings/${fitting}`, { bouts: [{ left: 1, right: 1, winner: null }] })).status).toBe(422);
  });
  it('fitters’ hands are kept by name, within what hands are', async () => {
    const was = (await get('/settings/hands')).body;
    expect((await ask('PUT', '/settings/hands', { hands: { 'Orsola V.': { thumbMm: 21, fingerMm: 16.5 } } })).status).toBe(200);
    expect((await get('/settings/hands')).body.hands['Orsola V.']).toEqual({ thumbMm: 21, fingerMm: 16.5 });
    expect((await ask('PUT', '/settings/hands', { hands: { X: { thumbMm: 60 } } })).status).toBe(422);
    await ask('PUT', '/settings/hands', was);
  });
  it('shoes somebody wears stay with them and go with them', async () => {
    const { customer } = await newFitting('Known Shoesworth');
    const shoes = [{ text: 'eu 41', kind: 'loafer', feel: 'half-tight', zones: { left: { 'ball-girth': 'snug' } } }];
    expect((await ask('PUT', `/customers/${customer}/known`, { shoes })).status).toBe(200);
    expect((await get(`/customers/${customer}/known`)).body.shoes).toMatchObject(shoes);
    expect((await ask('PUT', `/customers/${customer}/known`, { shoes: [{ text: 'eu 41', kind: 'clog' }] })).status).toBe(422);
    expect((await get('/customers/999999/known')).status).toBe(404);
    expect((await get(`/customers/${customer}/export`)).body.knownShoes).toMatchObject(shoes);
    expect((await ask('DELETE', `/customers/${customer}`)).status).toBe(200);
    expect((await get(`/customers/${customer}/known`)).body.shoes).toEqual([]);
  });
  it('alike feet tell what was kept only of five and more, and never of whom', async () => {
    const { fitting } = await newFitting();
    const foot = side(268, { ballGirthMm: 252, ballWidthMm: 102 });
    await ask('PUT', `/fittings/${fitting}/feet`, { left: foot, right: foot });
    const styles = (await get('/styles')).body.styles.filter((s: { kind: string }) => s.kind === 'oxford').map((s: { id: string }) => s.id);
    const { status, body } = await post('/learn/alike', { fittingId: fitting, styles });
    expect(status).toBe(200);
    expect(body.people).toBeGreaterThanOrEqual(body.least);
    for (const line of body.lines) expect(line.tried).toBeGreaterThanOrEqual(5);
    expect(Object.keys(body).sort()).toEqual(['least', 'lines', 'people']);
    const child = side(150, { ballGirthMm: 150 });
    await ask('PUT', `/fittings/${fitting}/feet`, { left: child, right: child });
    expect((await post('/learn/alike', { fittingId: fitting, styles })).body).toMatchObject({ people: 0, lines: [] });
  });
});
