import { describe, expect, it } from 'vitest';
import { ask, BASE, get, post } from './client';

const value = (mm: number, more: object = {}) => ({ mm, typed: `${mm} mm`, ...more });
const person = async (name: string, more: object = {}): Promise<number> => (await post('/customers', { name, ...more })).body.id;
const fittingFor = async (customer: number): Promise<number> => (await post(`/customers/${customer}/fittings`, {})).body.id;
const feet = (left: object, right: object = {}) => ({ left, right });

describe('feet as they were taken', () => {
  it('every value keeps how, when, by whom, under what weight, in what sock, and its second reading', async () => {
    const fitting = await fittingFor(await person('Provenance'));
    const taken = {
      lengthMm: value(248.5, {
        how: 'device',
        at: '2026-11-25T09:30:00.000Z',
        by: 'Rosa',
        under: 'seated',
        sockMm: 1,
        sdMm: 0.8,
        readings: [value(248, { how: 'device' }), value(249, { how: 'device' })]
      }),
      pointReachDeg: { mm: 92, typed: '92' },
      toe1TipMm: value(0)
    };
    expect((await ask('PUT', `/fittings/${fitting}/feet`, feet(taken))).status).toBe(200);
    const { left } = (await get(`/fittings/${fitting}`)).body.feet;
    expect(left.lengthMm).toEqual({ ...taken.lengthMm });
    expect(left.pointReachDeg).toMatchObject({ mm: 92, how: 'tape', under: 'standing', readings: [] });
  });
  it('what cannot be is refused by name and range', async () => {
    const fitting = await fittingFor(await person('Ranges'));
    const refused = async (values: object, path: string, words: RegExp) =>
      expect(await ask('PUT', `/fittings/${fitting}/feet`, feet(values))).toMatchObject({
        status: 422,
        body: { errors: [expect.objectContaining({ path, message: expect.stringMatching(words) })] }
      });
    await refused({ lengthMm: value(1500) }, 'left.lengthMm', /feet from 80 to 400/);
    await refused({ lengthMm: value(-3) }, 'left.lengthMm', /cannot be/);
    await refused({ pointReachDeg: value(400) }, 'left.pointReachDeg', /0 to 140/);
    await refused({ lengthMm: value(250), ballGirthMm: value(90) }, 'left.ballGirthMm', /cannot be on a foot 250 mm long/);
    expect(await ask('PUT', `/fittings/${fitting}/feet`, { left: { posture: [3, 0, 0, 0, 0, 0] }, right: {} })).toMatchObject({
      status: 422
    });
  });
  it('what was typed and what was sent must say the same, readings and their mean as well', async () => {
    const fitting = await fittingFor(await person('Two tongues'));
    const save = (lengthMm: unknown) => ask('PUT', `/fittings/${fitting}/feet`, feet({ lengthMm } as object));
    const refused = async (sent: unknown, words: RegExp) =>
      expect(await save(sent)).toMatchObject({ status: 422, body: { errors: [{ path: 'left.lengthMm', message: expect.stringMatching(words) }] } });
    await refused({ mm: 248, typed: '24.9 cm' }, /“24.9 cm” is 249, and 248 was sent/);
    await refused({ mm: 248, typed: 'quite long' }, /not a figure/);
    await refused({ mm: 260, typed: '248 mm', readings: [value(248), value(249)] }, /come to 248.5, and 260 was sent/);
    await refused('248', /number of millimetres/);
    expect((await save({ mm: 247.65, typed: '9 3/4 in' })).status).toBe(200);
    expect((await save(251)).status).toBe(200);
    expect((await get(`/fittings/${fitting}`)).body.feet.left.lengthMm).toMatchObject({ mm: 251, typed: '', how: 'tape' });
  });
  it('two fitters on one person: the later save is a clear conflict and changes nothing until it is told', async () => {
    const fitting = await fittingFor(await person('Two tablets'));
    const seen = (await get(`/fittings/${fitting}`)).body.feetVersion;
    const first = await ask('PUT', `/fittings/${fitting}/feet`, { ...feet({ lengthMm: value(250) }), version: seen });
    expect(first.body.version).toBe(seen + 1);
    const second = await ask('PUT', `/fittings/${fitting}/feet`, { ...feet({ lengthMm: value(260) }), version: seen });
    expect(second).toMatchObject({ status: 409, body: { title: 'Changed meanwhile', errors: [{ path: 'version', message: `${seen + 1}` }] } });
    expect((await get(`/fittings/${fitting}`)).body.feet.left.lengthMm.mm).toBe(250);
    expect((await ask('PUT', `/fittings/${fitting}/feet`, { ...feet({ lengthMm: value(260) }), version: seen + 1 })).status).toBe(200);
    const { version } = (await get(`/fittings/${fitting}`)).body;
    expect((await ask('PATCH', `/fittings/${fitting}`, { note: 'a', version })).status).toBe(200);
    expect((await ask('PATCH', `/fittings/${fitting}`, { note: 'b', version })).status).toBe(409);
    expect((await get(`/fittings/${fitting}`)).body.note).toBe('a');
  });
});

describe('what is kept of a person', () => {
  it('consent, versions, and who changed what and when', async () => {
    const id = await person('Consented', { consent: true, consentNote: 'signed card' });
    const now = (await get(`/customers/${id}`)).body;
    expect(now).toMatchObject({ version: 0, consentNote: 'signed card', consentAt: expect.stringMatching(/^20/) });
    const changed = await fetch(`${BASE}/api/v1/customers/${id}`, {
      method: 'PATCH',
      headers: { 'content-type': 'application/json', 'x-fitter': encodeURIComponent('Zoë') },
      body: JSON.stringify({ work: 'cellist', version: 0 })
    });
    expect(await changed.json()).toEqual({ saved: true, version: 1 });
    // What is left out stays as it was.
    expect((await get(`/customers/${id}`)).body).toMatchObject({ name: 'Consented', work: 'cellist', consentNote: 'signed card' });
    expect(await ask('PATCH', `/customers/${id}`, { work: 'late', version: 0 })).toMatchObject({ status: 409 });
    expect(await ask('PATCH', `/customers/${id}`, { bornMonth: 13 })).toMatchObject({ status: 422, body: { errors: [{ path: 'bornMonth' }] } });
    const { changes } = (await get(`/customers/${id}/changes`)).body;
    expect(changes[0]).toMatchObject({ by: 'Zoë', what: 'person', changed: { was: { work: '' }, now: { work: 'cellist' } } });
    expect(changes.at(-1)).toMatchObject({ what: 'added' });
  });
  it('everything about a person in one file', async () => {
    const id = await person('Taken along', { story: 'sings' });
    const fitting = await fittingFor(id);
    await ask('PUT', `/fittings/${fitting}/feet`, feet({ lengthMm: value(251) }));
    const response = await fetch(`${BASE}/api/v1/customers/${id}/export`);
    expect(response.headers.get('content-disposition')).toContain(`person-${id}.json`);
    expect(await response.json()).toMatchObject({
      format: 'chiave-person',
      customer: { name: 'Taken along', story: 'sings' },
      fittings: [{ feet: { left: { lengthMm: { mm: 251 } } } }],
      changes: [expect.objectContaining({ changed: { 'left.lengthMm': [null, 251] } }), expect.anything()]
    });
  });
  it('erased on request: nothing by which the person could be found is left, what was measured stays without a name', async () => {
    const id = await person('Erasmus Erasable', { story: 'bad knee', flags: ['diabetic'], born: 1970 });
    const fitting = await fittingFor(id);
    await ask('PATCH', `/fittings/${fitting}`, { purpose: 'wedding of Erasmus', trouble: 'numb toes', weightKg: 80 });
    await ask('PUT', `/fittings/${fitting}/feet`, feet({ lengthMm: value(251, { by: 'Rosa' }) }));
    expect((await ask('DELETE', `/customers/${id}`)).body).toEqual({ erased: true });
    expect((await get('/customers')).body.customers.find((c: { id: number }) => c.id === id)).toBeUndefined();
    const left = JSON.stringify((await get(`/customers/${id}/export`)).body);
    for (const word of ['Erasm', 'knee', 'diabetic', '1970', 'numb', 'wedding', 'Rosa', '"weightKg":80']) expect(left).not.toContain(word);
    expect(left).toContain('251');
    expect((await get(`/customers/${id}/changes`)).body.changes).toEqual([]);
    expect((await ask('DELETE', `/customers/${id}`)).status).toBe(410);
    expect((await ask('PATCH', `/customers/${id}`, { name: 'back' })).status).toBe(410);
    expect((await fetch(`${BASE}/people/${id}`)).status).toBe(410);
  });
});

describe('feet in and out', () => {
  const csv = (lines: string[]) => ['date,side,measure,value,unit,how,under,by', ...lines].join('\n');
  it('a file of feet comes back as itself, as JSON and as CSV', async () => {
    const from = await person('Sender');
    const fitting = await fittingFor(from);
    await ask(
      'PUT',
      `/fittings/${fitting}/feet`,
      feet({ lengthMm: value(248), ballGirthMm: value(229), pointReachDeg: { mm: 80, typed: '80' } }, { lengthMm: value(249) })
    );
    const file = (await get(`/customers/${from}/feet`)).body;
    const sheet = await (await fetch(`${BASE}/api/v1/customers/${from}/feet?format=csv`)).text();
    for (const [kind, text] of [
      ['json', JSON.stringify(file)],
      ['csv', sheet]
    ] as const) {
      const to = await person(`Receiver ${kind}`);
      const looked = await post('/import/feet', { customerId: to, kind, text });
      expect(looked.body).toMatchObject({ dryRun: true, sessions: 1, values: 4, problems: [], added: 0 });
      expect((await get(`/customers/${to}/fittings`)).body.fittings).toHaveLength(0);
      expect((await post('/import/feet', { customerId: to, kind, text, dryRun: false })).body).toMatchObject({ added: 1 });
      const back = (await get(`/customers/${to}/feet`)).body;
      const figures = (f: typeof file) =>
        f.sessions.map((s: typeof file) =>
          ['left', 'right'].map((side) =>
            Object.fromEntries(
              Object.entries(s.feet[side])
                .filter(([k]) => /(Mm|Deg)$/.test(k) && typeof s.feet[side][k] === 'object' && s.feet[side][k] !== null)
                .map(([k, v]) => [k, (v as { mm: number }).mm])
            )
          )
        );
      expect(figures(back)).toEqual(figures(file));
      expect(back.sessions[0].openedAt).toBe(file.sessions[0].openedAt);
    }
  });
  it('problems are listed by row, and nothing is taken while there are any', async () => {
    const to = await person('Rows');
    const text = csv([
      '2026-01-02,left,lengthMm,24.8,cm,device,standing,Rosa',
      '2026-01-02,middle,lengthMm,250,mm,,,',
      'soon,left,ballGirthMm,230,mm,,,',
      '2026-01-02,left,hat,230,mm,,,',
      '2026-01-02,left,ball girth,wide,mm,,,',
      '2026-01-02,left,ball girth,90,mm,,,',
      '2026-01-02,left,lengthMm,250,mm,,,',
      '2026-01-02,right,lengthMm,9 3/4,in,magic,,'
    ]);
    const { body } = await post('/import/feet', { customerId: to, kind: 'csv', text });
    expect(body.problems.map((p: { row: number; message: string }) => [p.row, p.message.slice(0, 24)])).toEqual([
      [3, '“middle” is no side; wri'],
      [4, '“soon” is not a date; wr'],
      [5, '“hat” is no measure; wri'],
      [6, '“wide” is not a value; w'],
      [7, 'A ball girth of 90 mm ca'],
      [8, 'lengthMm of the left foo'],
      [9, '“magic” is no way of tak']
    ]);
    expect(await post('/import/feet', { customerId: to, kind: 'csv', text, dryRun: false })).toMatchObject({ status: 422 });
    expect((await get(`/customers/${to}/fittings`)).body.fittings).toHaveLength(0);
  });
  it('wrong headers, no JSON and another format are told in words', async () => {
    const to = await person('Headers');
    const { body } = await post('/import/feet', { customerId: to, kind: 'csv', text: 'when,foot\n2026-01-02,left' });
    expect(body.problems[0].message).toContain('date, side, measure, value is missing');
    expect(await post('/import/feet', { customerId: to, kind: 'json', text: '{' })).toMatchObject({ status: 400 });
    const other = await post('/import/feet', { customerId: to, kind: 'json', text: '{"format":"feet","version":1,"sessions":[]}' });
    expect(other.body.problems[0].message).toContain('not a chiave-feet file');
    expect(await post('/import/feet', { customerId: 999999, kind: 'csv', text: '' })).toMatchObject({ status: 404 });
  });
  it('the file has a JSON Schema', async () => {
    const schema = (await get('/feet-schema.json')).body;
    expect(schema.$defs.FeetFile).toMatchObject({ type: 'object', properties: { format: { const: 'chiave-feet' }, sessions: { type: 'array' } } });
  });
});

describe('the order of the measures', () => {
  it('is the shop’s own, each group once', async () => {
    const usual = (await get('/settings/measures')).body.order;
    expect((await ask('PUT', '/settings/measures', { order: ['tape', 'gauge'] })).status).toBe(200);
    expect((await get('/settings/measures')).body.order).toEqual(['tape', 'gauge']);
    expect(await ask('PUT', '/settings/measures', { order: ['tape', 'tape'] })).toMatchObject({
      status: 422,
      body: { errors: [{ message: 'each group once' }] }
    });
    expect(await ask('PUT', '/settings/measures', { order: ['hat'] })).toMatchObject({
      status: 422,
      body: { errors: [{ message: expect.stringContaining('gauge') }] }
    });
    await ask('PUT', '/settings/measures', { order: usual });
  });
});
