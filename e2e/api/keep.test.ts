import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { ask, BASE, get, newFitting, post, side } from './client';

/** A new person with a pair of character shoes, bought some days ago. */
const today = async (): Promise<string> => (await get('/settings/zone')).body.today;
const plus = (day: string, n: number): string => new Date(Date.parse(day) + n * 86_400_000).toISOString().slice(0, 10);
async function withPair(name: string, own: object = {}, boughtAgo = 100) {
  const { body: made } = await post('/customers', { name, born: 1988, consent: true });
  const day = await today();
  const sent = await post(`/customers/${made.id}/pairs`, {
    name: 'cancan shoes',
    kind: 'character',
    size: '6',
    boughtOn: plus(day, -boughtAgo),
    price: 120,
    ...own
  });
  expect(sent.status).toBe(201);
  return { person: made.id as number, pair: sent.body.id as number, day };
}
const line = (pair: number, event: object) => post(`/pairs/${pair}/life`, event);
const due = async (person: number, more = '') => (await get(`/due?person=${person}&ahead=30${more}`)).body.items as { rule: string; subject: string; anchor: string; due: string; state: string }[]; // prettier-ignore

describe('pairs and their lines', () => {
  it('a kept try becomes a pair, with its style’s facts; sent back it goes, or is noted once it had a line', async () => {
    const { customer, fitting } = await newFitting('Kept Pairs');
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(238), right: side(239) });
    const { body: tried } = await post(`/fittings/${fitting}/tries`, { styleId: 'lakeside-50', size: '38.5', width: 'medium' });
    await ask('PATCH', `/tries/${tried.id}`, { outcome: 'kept' });
    const of = async () => (await get(`/customers/${customer}/pairs`)).body;
    const first = await of();
    expect(first.pairs).toHaveLength(1);
    expect(first.pairs[0]).toMatchObject({ tryId: tried.id, state: 'owned', body: { name: 'Lakeside 50', size: '38.5', boughtOn: first.today, kind: 'pump' } });
    expect(first.pairs[0].body.price).toBeGreaterThan(0);
    expect(first.now[0]).toMatchObject({ pairId: first.pairs[0].id });
    expect(first.now[0].worst.name).toBeTruthy();
    await ask('PATCH', `/tries/${tried.id}`, { outcome: 'returned' });
    expect((await of()).pairs).toHaveLength(0);
    await ask('PATCH', `/tries/${tried.id}`, { outcome: 'kept' });
    await line((await of()).pairs[0].id, { on: first.today, what: 'worn', amount: 1, unit: 'hours' });
    await ask('PATCH', `/tries/${tried.id}`, { outcome: 'returned' });
    expect((await of()).pairs[0]).toMatchObject({ state: 'returned' });
  });
  it('wear in any unit adds up; a weekly habit counts by itself and not twice', async () => {
    const { person, pair, day } = await withPair('Two Units');
    expect((await line(pair, { on: plus(day, -3), what: 'worn', amount: 2, unit: 'classes' })).body.worn).toMatchObject({ hours: 2.5, wears: 2 });
    await line(pair, { on: plus(day, -2), what: 'worn', amount: 1, unit: 'performances' });
    const [row] = (await get(`/customers/${person}/pairs`)).body.pairs;
    expect(row.worn.hours).toBeCloseTo(5, 6);
    const sent = await ask('PUT', `/pairs/${pair}`, {
      ...row.body,
      habits: [{ from: plus(day, -27), unit: 'hours', perWeek: 7, times: 3 }],
      version: row.version
    });
    expect(sent.status).toBe(200);
    const [now] = (await get(`/customers/${person}/pairs`)).body.pairs;
    // An hour a day for 28 days; what was logged lies within it but for at most a young week.
    expect(now.worn.hours).toBeGreaterThanOrEqual(28);
    expect(now.worn.hours).toBeLessThanOrEqual(33);
  });
  it('how worn a pair looks is noted with it, by its version', async () => {
    const { person, pair } = await withPair('Looks Worn');
    const [row] = (await get(`/customers/${person}/pairs`)).body.pairs;
    const put = (looks: string, version: number) => ask('PUT', `/pairs/${pair}`, { ...row.body, looks, version });
    expect((await put('worn', 0)).body.version).toBe(1);
    expect((await put('eaten', 1)).status).toBe(422);
    expect((await put('new', 0)).status).toBe(409);
    expect((await get(`/customers/${person}/pairs`)).body.pairs[0].body.looks).toBe('worn');
  });
  it('a care, a check and a repair stand on the line, with their cost; what was noted can be taken back', async () => {
    const { person, pair, day } = await withPair('A Long Line');
    const { body } = await line(pair, { on: day, what: 'resoled', cost: 48 });
    await line(pair, { on: day, what: 'checked', checks: { tread: 4, tip: 3 } });
    const of = async () => (await get(`/customers/${person}/pairs`)).body.pairs[0];
    expect((await of()).cost).toMatchObject({ spent: 168, repairs: 48 });
    expect((await ask('DELETE', `/life/${body.id}`)).status).toBe(200);
    expect((await of()).cost.spent).toBe(120);
    expect((await of()).life.map((e: { what: string }) => e.what)).toEqual(['checked']);
  });
});

describe('bad input is told, and nothing is lost or counted twice', () => {
  it('wear before it was bought, of days to come, negative, and of a pair that was sold', async () => {
    const { pair, day } = await withPair('Bad Wear');
    const wear = (more: object) => line(pair, { on: day, what: 'worn', amount: 1, unit: 'km', ...more });
    expect(await wear({ on: plus(day, -200) })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'on', message: expect.stringMatching(/before the day it was bought/) }] }
    });
    expect(await wear({ on: plus(day, 5) })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'on', message: expect.stringMatching(/has not come yet/) }] }
    });
    expect(await wear({ amount: -5 })).toMatchObject({ status: 422, body: { errors: [{ path: 'amount' }] } });
    expect(await wear({ unit: 'miles' })).toMatchObject({ status: 422, body: { errors: [{ path: 'unit' }] } });
    expect(await line(pair, { on: day, what: 'worn' })).toMatchObject({ status: 422 });
    expect(await line(pair, { on: day, what: 'tipped', amount: 3 })).toMatchObject({ status: 422, body: { errors: [{ path: 'amount' }] } });
    expect((await line(pair, { on: plus(day, -10), what: 'sold' })).status).toBe(201);
    expect(await wear({})).toMatchObject({ status: 422, body: { errors: [{ path: 'on', message: expect.stringMatching(/sold/) }] } });
  });
  it('two devices logging one class: it counts once, and twice only when somebody says so', async () => {
    const { person, pair, day } = await withPair('Two Devices');
    const tap = (who: string, more: object = {}) =>
      ask('POST', `/pairs/${pair}/life`, { on: day, what: 'worn', amount: 1, unit: 'classes', ...more }, { 'x-fitter': who });
    const both = await Promise.all([tap('Teo B.'), tap('Pia L.'), tap('Orsola V.')]);
    expect(both.map((b) => b.status).sort()).toEqual([201, 409, 409]);
    expect(both.find((b) => b.status === 409)!.body.detail).toMatch(/has already noted 1 class: it counts once/);
    expect((await get(`/customers/${person}/pairs`)).body.pairs[0].worn.wears).toBe(1);
    expect((await tap('Pia L.', { again: true })).body.worn.wears).toBe(2);
  });
  it('days that contradict each other name their field', async () => {
    const { person, pair, day } = await withPair('Contradictions');
    await line(pair, { on: plus(day, -50), what: 'worn', amount: 1, unit: 'hours' });
    const [row] = (await get(`/customers/${person}/pairs`)).body.pairs;
    const put = (more: object) => ask('PUT', `/pairs/${pair}`, { ...row.body, ...more });
    expect(await put({ boughtOn: plus(day, -20) })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'boughtOn', message: expect.stringMatching(/it was worn on/) }] }
    });
    expect(await put({ returnBy: plus(day, -300) })).toMatchObject({ status: 422, body: { errors: [{ path: 'returnBy' }] } });
    expect(await put({ habits: [{ from: plus(day, -300), unit: 'hours', perWeek: 2 }] })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'habits.0.from' }] }
    });
    expect(await put({ version: 99 })).toMatchObject({ status: 409 });
    expect(await post(`/customers/${person}/pairs`, { name: 'x', kind: 'pump', styleId: 'no-such' })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'styleId' }] }
    });
  });
  it('of a person who was erased nothing is written or left', async () => {
    const { person, pair, day } = await withPair('To Be Erased');
    await post(`/customers/${person}/troubles`, { on: day, symptom: 'heel-rub', side: 'left', pairId: pair });
    expect((await get(`/customers/${person}/export`)).body.pairs).toHaveLength(1);
    expect((await ask('DELETE', `/customers/${person}`)).status).toBe(200);
    expect((await line(pair, { on: day, what: 'worn', amount: 1, unit: 'hours' })).status).toBe(404);
    expect((await post(`/customers/${person}/pairs`, { name: 'x', kind: 'pump' })).status).toBe(410);
    expect((await post('/due', { customerId: person, rule: 'remeasure', subject: 'person', anchor: day, answer: 'done' })).status).toBe(410);
  });
});

describe('what is due', () => {
  it('a return day is met: told before it, answered, gone; a tip is due, done on the line, and begins anew', async () => {
    const { person, pair, day } = await withPair('Return And Tip', { habits: [] }, 10);
    const [row] = (await get(`/customers/${person}/pairs`)).body.pairs;
    await ask('PUT', `/pairs/${pair}`, { ...row.body, returnBy: plus(day, 3) });
    const back = (await due(person)).find((i) => i.rule === 'return-day')!;
    expect(back).toMatchObject({ subject: `pair:${pair}`, due: plus(day, 1) });
    expect((await post('/due', { customerId: person, rule: back.rule, subject: back.subject, anchor: back.anchor, answer: 'done' })).status).toBe(200);
    expect((await due(person)).map((i) => i.rule)).not.toContain('return-day');
    await line(pair, { on: day, what: 'checked', checks: { tip: 2 } });
    const tip = (await due(person)).find((i) => i.rule === 'tips')!;
    expect(tip).toMatchObject({ state: 'now' });
    await post('/due', { customerId: person, rule: tip.rule, subject: tip.subject, anchor: tip.anchor, answer: 'done' });
    const [now] = (await get(`/customers/${person}/pairs`)).body.pairs;
    expect(now.life.map((e: { what: string }) => e.what)).toContain('tipped');
    expect((await due(person)).map((i) => i.rule)).not.toContain('tips');
  });
  it('put off it is silent for so long; not wanted it is for good; what is not due cannot be answered', async () => {
    const { person, day } = await withPair('Not Now', {}, 5);
    const [ask1] = (await due(person)).filter((i) => i.rule === 'recheck');
    const answer = (more: object) => post('/due', { customerId: person, rule: 'recheck', subject: ask1.subject, anchor: ask1.anchor, ...more });
    expect((await answer({ answer: 'snoozed' })).status).toBe(422);
    expect((await answer({ answer: 'snoozed', days: 3 })).status).toBe(200);
    expect((await due(person)).map((i) => i.rule)).not.toContain('recheck');
    expect((await due(person, `&on=${plus(day, 3)}`)).map((i) => i.rule)).toContain('recheck');
    expect((await answer({ answer: 'not-wanted' })).status).toBe(200);
    expect((await due(person, `&on=${plus(day, 3)}`)).map((i) => i.rule)).not.toContain('recheck');
    expect(await post('/due', { customerId: person, rule: 'hem', subject: 'event:1', anchor: day, answer: 'done' })).toMatchObject({ status: 422, body: { errors: [{ path: 'subject' }] } }); // prettier-ignore
  });
  it('an event tells by when to buy, and whether a pair lives until then', async () => {
    const { person, pair, day } = await withPair('A Race', { name: 'trail shoes', kind: 'running' });
    await line(pair, { on: plus(day, -20), what: 'worn', amount: 620, unit: 'km' });
    await post(`/customers/${person}/events`, { name: 'the lakeside run', on: plus(day, 35), kind: 'running', kmAWeek: 30 });
    const { events, seasons } = (await get(`/customers/${person}/events`)).body;
    expect(events).toHaveLength(1);
    expect(seasons[0]).toMatchObject({ better: plus(day, 21), buyBy: plus(day, 28), wearInFrom: plus(day, 21) });
    expect(seasons[0].pairs[0]).toMatchObject({ pairId: pair, until: 'next' });
    expect((await due(person)).find((i) => i.rule === 'buy-for-event')).toMatchObject({ due: plus(day, 21) });
  });
  it('the demo is full on the day it is opened, by several rules', async () => {
    const { body } = await get('/due?ahead=7');
    expect(body.people).toBeGreaterThan(15);
    expect(new Set(body.items.map((i: { rule: string }) => i.rule)).size).toBeGreaterThan(7);
    for (const i of body.items) expect(i.earliest <= plus(body.today, 7), i.rule).toBe(true);
    expect((await get('/due?on=yesterday')).status).toBe(422);
    expect((await get('/due?person=999999')).status).toBe(404);
  });
});

describe('turns, wishes, troubles and looks', () => {
  it('a proposal lets each pair rest', async () => {
    const { person, day } = await withPair('Two In Turn', { name: 'one', kind: 'running' });
    await post(`/customers/${person}/pairs`, { name: 'other', kind: 'running', boughtOn: plus(day, -5) });
    const { body } = await post(`/customers/${person}/rotation`, { slots: [0, 1, 2, 3].map((d) => ({ on: plus(day, d), use: 'long' })) });
    expect(body.turns.every((t: { rested: boolean }) => t.rested)).toBe(true);
    expect(new Set(body.turns.map((t: { pair: { name: string } }) => t.pair.name)).size).toBe(2);
    expect((await post(`/customers/${person}/rotation`, { slots: [] })).status).toBe(422);
  });
  it('a wish that is in the stockroom is due to be told', async () => {
    const { person } = await withPair('A Wish');
    const shelf = (await get('/styles')).body.styles.find((s: { stock: Record<string, number> }) => Object.values(s.stock ?? {}).some((n) => n > 0));
    const [size, width] = Object.entries(shelf.stock as Record<string, number>)
      .find(([, n]) => n > 0)![0]
      .split('|');
    const { body } = await post(`/customers/${person}/wishes`, { name: shelf.name, styleId: shelf.id, size, width, priority: 'first' });
    const [wish] = (await get(`/customers/${person}/wishes`)).body.wishes;
    expect(wish.inStock).toBeGreaterThan(0);
    expect((await due(person)).map((i) => i.rule)).toContain('wish-in-stock');
    await ask('PUT', `/wishes/${body.id}`, { ...wish.body, found: true, version: wish.version });
    expect((await due(person)).map((i) => i.rule)).not.toContain('wish-in-stock');
  });
  it('two pairs gone bad in one size point to the size; zones come first', async () => {
    const { person, pair, day } = await withPair('Bad Size');
    const { body } = await post(`/customers/${person}/pairs`, { name: 'second', kind: 'character', size: '6', boughtOn: plus(day, -30) });
    for (const pairId of [pair, body.id])
      await post(`/customers/${person}/troubles`, { on: day, symptom: 'black-nail', side: 'right', pairId, place: { x: 0.97, y: 0.06 } });
    const told = (await get(`/customers/${person}/troubles`)).body;
    expect(told.zones[0]).toMatchObject({ zone: 'toe-room', way: 'tight', troubles: 2 });
    expect(told.sizes).toEqual([{ size: '6', pairs: 2 }]);
  });
  it('days without a look at the feet are seen', async () => {
    const { body: made } = await post('/customers', { name: 'Looked At', born: 1958, flags: ['numb'] });
    const day = await today();
    for (const ago of [5, 4, 1]) await post(`/customers/${made.id}/looks`, { on: plus(day, -ago), found: ['nothing'] });
    expect((await get(`/customers/${made.id}/looks`)).body.missed).toEqual([plus(day, -3), plus(day, -2)]);
    expect((await due(made.id)).map((i) => i.rule)).toContain('inspect');
    expect((await post(`/customers/${made.id}/looks`, { on: day, found: [] })).status).toBe(422);
  });
});

describe('calendars and answers', () => {
  const feed = (address: string) => fetch(address.replace(/^https?:\/\/[^/]+/, BASE));
  it('a calendar is read by another program’s parser under its private address, until it is taken back', async () => {
    const { person, pair, day } = await withPair('Calendar Reader');
    await line(pair, { on: day, what: 'checked', checks: { tip: 1 } });
    const { body } = await post('/feeds', { name: 'wall tablet', names: 'initials' });
    expect(body.address.startsWith(`${BASE}/calendar/`)).toBe(true);
    const response = await feed(body.address);
    expect(response.headers.get('content-type')).toMatch(/text\/calendar/);
    const calendar = new ICAL.Component(ICAL.parse(await response.text()));
    const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    const tip = events.find((e) => e.uid.startsWith(`tips-${person}-`))!;
    expect(tip.summary).toBe('C. R.: heel tips, cancan shoes');
    expect(tip.startDate.isDate).toBe(true);
    expect(tip.startDate.toString()).toBe(day);
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
    // Of health nothing stands where others may read it.
    expect(events.map((e) => `${e.uid} ${e.description}`).join()).not.toMatch(/inspect-|pregnant|feel little|a wound/);
    expect(events.map((e) => e.summary).join()).not.toContain('Calendar Reader');
    expect((await get('/feeds')).body.feeds.find((f: { id: number }) => f.id === body.id).readAt).not.toBeNull();
    expect((await ask('DELETE', `/feeds/${body.id}`)).status).toBe(200);
    expect((await feed(body.address)).status).toBe(404);
    expect((await fetch(`${BASE}/calendar/guessed`)).status).toBe(404);
  });
  it('an answer is kept with who asked and by which engine, said again, made a PDF; three who ask the same are counted', async () => {
    const card = {
      title: 'Seven in Usher',
      answer: '41',
      parts: [{ heading: 'How it adds up', lines: [{ text: 'a sum', figure: '+3 mm' }] }],
      reservations: ['a reservation']
    };
    const about = `Seven in USHER ${Date.now()}`;
    const ids: number[] = [];
    for (const askedBy of ['a flute', 'a horn', 'a harp']) ids.push((await post('/answers', { kind: 'size', about, askedBy, card })).body.id);
    expect((await post(`/answers/${ids[0]}`)).body).toEqual({ id: ids[0], said: 2 });
    const { answers, alike } = (await get('/answers')).body;
    expect(answers[0]).toMatchObject({ id: ids[0], said: 2, person: 'a flute', card: { answer: '41', reservations: ['a reservation'] } });
    expect(answers[0].engine).not.toBe('');
    expect(alike.find((q: { about: string }) => q.about === about.toLowerCase())).toMatchObject({ people: 3, times: 4 });
    const pdf = await fetch(`${BASE}/api/v1/answers/card`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ...card, gauge: true })
    });
    expect(pdf.headers.get('content-type')).toBe('application/pdf');
    const bytes = Buffer.from(await pdf.arrayBuffer()).toString('latin1');
    expect(bytes.startsWith('%PDF')).toBe(true);
    // The gauge is a page of its own.
    expect(bytes.match(/\/Type \/Page\b/g)).toHaveLength(2);
    for (const id of ids) await ask('DELETE', `/answers/${id}`);
  });
  it('the shop goes by the days of its own time zone', async () => {
    const { zone } = (await get('/settings/zone')).body;
    expect(await ask('PUT', '/settings/zone', { zone: 'Lake/Levanna' })).toMatchObject({ status: 422, body: { errors: [{ path: 'zone' }] } });
    const days: string[] = [];
    for (const far of ['Pacific/Kiritimati', 'Pacific/Pago_Pago']) {
      await ask('PUT', '/settings/zone', { zone: far });
      days.push(await today());
    }
    await ask('PUT', '/settings/zone', { zone });
    // Twenty-five hours apart: never the same day.
    expect(days[0] > days[1]).toBe(true);
  });
  it('costs are told by production and season', async () => {
    const production = `test operetta ${Date.now()}`;
    const { pair, day } = await withPair('Costs', { production, season: '2030/31' });
    await line(pair, { on: day, what: 'worn', amount: 10, unit: 'hours' });
    const { productions } = (await get('/costs')).body;
    expect(productions.find((p: { name: string }) => p.name === production)).toMatchObject({ pairs: 1, spent: 120, hours: 10, perHour: 12 });
  });
});
