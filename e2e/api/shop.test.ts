import { ENGINE_VERSION } from '@chiave/core/fit';
import mariadb from 'mariadb';
import { afterAll, describe, expect, it } from 'vitest';
import { ask, BASE, get, newFitting, post, side } from './client';

const pool = mariadb.createPool(process.env.DATABASE_URL ?? '');
afterAll(() => pool.end());

describe('people and their fittings', () => {
  it('a person is added, opened, and found again with the lengths of the last visit', async () => {
    const { customer, fitting } = await newFitting('Nina Probanda');
    expect((await ask('PUT', `/fittings/${fitting}/feet`, { left: side(248), right: side(250.5) })).status).toBe(200);
    const line = (await get('/customers')).body.customers.find((c: { id: number }) => c.id === customer);
    expect(line).toMatchObject({ name: 'Nina Probanda', leftMm: 248, rightMm: 250.5, fittings: 1 });
  });
  it('what was asked and seen is kept field by field', async () => {
    const { fitting } = await newFitting();
    await ask('PATCH', `/fittings/${fitting}`, { purpose: 'a wedding', kinds: ['pump'], sockMm: 0.3, wornAt: 'evening' });
    await ask('PATCH', `/fittings/${fitting}`, { looked: { 'arch-left': 'high' }, flags: ['numb'] });
    const { body } = await get(`/fittings/${fitting}`);
    expect(body).toMatchObject({
      purpose: 'a wedding',
      kinds: ['pump'],
      sockMm: 0.3,
      wornAt: 'evening',
      looked: { 'arch-left': 'high' },
      customer: { flags: ['numb'] }
    });
  });
  it('a value that cannot be is refused by name and the old ones stay', async () => {
    const { fitting } = await newFitting();
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(248, { ballGirthMm: 232 }), right: side(249) });
    const bad = await ask('PUT', `/fittings/${fitting}/feet`, { left: side(248, { ballGirthMm: 92 }), right: side(249) });
    expect(bad).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'left.ballGirthMm', message: expect.stringContaining('cannot be on a foot 248 mm long') }] }
    });
    expect((await get(`/fittings/${fitting}`)).body.feet.left.ballGirthMm.mm).toBe(232);
  });
  it('a left foot 40 mm longer than the right is taken', async () => {
    const { fitting } = await newFitting();
    expect((await ask('PUT', `/fittings/${fitting}/feet`, { left: side(290), right: side(250) })).status).toBe(200);
  });
  it('a pair is carried to the chair with what the engine said, felt zone by zone, kept and told why', async () => {
    const { customer, fitting } = await newFitting();
    expect(await post(`/fittings/${fitting}/tries`, { styleId: 'hedger', size: '9', width: 'F' })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'feet' }] }
    });
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(266), right: side(267) });
    const { status, body } = await post(`/fittings/${fitting}/tries`, { styleId: 'hedger', size: '9', width: 'F' });
    expect(status).toBe(201);
    expect(body.tried).toMatchObject({ size: '9', width: 'F', verdict: expect.any(String), said: expect.stringMatching(/\.$/), engine: ENGINE_VERSION });
    await ask('PATCH', `/tries/${body.id}`, { felt: { left: { 'toe-room': 'right' }, right: { instep: 'snug' } } });
    await ask('PATCH', `/tries/${body.id}`, { outcome: 'kept', why: 'the winner' });
    const [visit] = (await get(`/customers/${customer}/fittings`)).body.fittings;
    expect(visit.tries).toMatchObject([{ outcome: 'kept', why: 'the winner', felt: { left: { 'toe-room': 'right' }, right: { instep: 'snug' } } }]);
  });
  it('a pair is carried with what is put in, and the engine speaks of it so; a help not for this shoe is refused by its field', async () => {
    const { fitting } = await newFitting('Helped');
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(238), right: side(239) });
    const carry = (put: unknown) => post(`/fittings/${fitting}/tries`, { styleId: 'lakeside-50', size: '40', width: 'medium', put });
    const put = { left: [{ kind: 'toe-filler', mm: 4 }], right: [{ kind: 'toe-filler', mm: 4 }] };
    const [plain, helped] = [(await carry({})).body.tried, (await carry(put)).body.tried];
    expect(plain.put).toEqual({});
    expect(helped.put).toEqual(put);
    expect(helped.said).not.toBe(plain.said);
    expect((await get(`/fittings/${fitting}`)).body.tries.map((t: { put: unknown }) => t.put)).toEqual([{}, put]);
    const refused = { status: 422, body: { errors: [{ path: 'put', message: expect.stringContaining('no laces') }] } };
    expect(await carry({ left: [{ kind: 'lacing', mm: 4 }] })).toMatchObject(refused);
    expect(await carry({ left: [...put.left, ...put.left, ...put.left] })).toMatchObject({ status: 422, body: { errors: [{ path: 'put.left' }] } });
    expect(await carry({ left: [{ kind: 'glue', mm: 4 }] })).toMatchObject({ status: 422, body: { errors: [{ path: 'put.left.0.kind' }] } });
    const card = (text: string) => fetch(`${BASE}/api/v1/fittings/${fitting}/card?style=lakeside-50&size=40&width=medium&put=${text}`);
    expect((await card('L.toe-filler.4,R.toe-filler.4')).headers.get('content-type')).toBe('application/pdf');
    for (const [text, why] of [
      ['L.lacing.4', 'no laces'],
      ['nonsense', 'no help as it is written']
    ]) {
      const answer = await card(text);
      expect(answer.status).toBe(422);
      expect((await answer.json()).detail).toContain(why);
    }
  });
  it('a size outside the run, a width not made, a style not there: each named', async () => {
    const { fitting } = await newFitting();
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(266), right: side(267) });
    expect(await post(`/fittings/${fitting}/tries`, { styleId: 'hedger', size: '22', width: 'F' })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'size', message: expect.stringContaining('6 to 14') }] }
    });
    expect(await post(`/fittings/${fitting}/tries`, { styleId: 'hedger', size: '9', width: 'Q' })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'width' }] }
    });
    expect(await post(`/fittings/${fitting}/tries`, { styleId: 'no-such', size: '9', width: 'F' })).toMatchObject({ status: 404 });
  });
  it('what is not there is a 404, a name that is empty a 422', async () => {
    expect(await get('/fittings/999999')).toMatchObject({ status: 404, body: { detail: 'There is no fitting 999999.' } });
    expect(await get('/fittings/seven')).toMatchObject({ status: 404 });
    expect(await ask('PATCH', '/tries/999999', { why: 'x' })).toMatchObject({ status: 404 });
    expect(await post('/customers', { name: '   ' })).toMatchObject({ status: 422, body: { errors: [{ path: 'name' }] } });
    expect(await post('/customers', { name: 'A', born: 20 })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'born', message: expect.stringContaining('1900') }] }
    });
  });
  it('many saves at once end as one of them, whole', async () => {
    const { fitting } = await newFitting();
    const lengths = Array.from({ length: 12 }, (_, i) => 240 + i);
    const answers = await Promise.all(
      lengths.map((mm) => ask('PUT', `/fittings/${fitting}/feet`, { left: side(mm, { ballGirthMm: mm - 20 }), right: side(mm) }))
    );
    for (const a of answers) expect(a.status).toBe(200);
    const { left, right } = (await get(`/fittings/${fitting}`)).body.feet;
    expect(left.lengthMm.mm).toBe(right.lengthMm.mm);
    expect(left.ballGirthMm.mm).toBe(left.lengthMm.mm - 20);
  });
});

describe('the database', () => {
  it('is InnoDB in utf8mb4, with foreign keys, strict, flushed at every commit', async () => {
    const tables: { TABLE_NAME: string; ENGINE: string; TABLE_COLLATION: string }[] = await pool.query(
      'SELECT TABLE_NAME, ENGINE, TABLE_COLLATION FROM information_schema.tables WHERE table_schema = DATABASE()'
    );
    expect(tables.length).toBeGreaterThanOrEqual(10);
    for (const t of tables) expect([t.TABLE_NAME, t.ENGINE, t.TABLE_COLLATION.startsWith('utf8')]).toEqual([t.TABLE_NAME, 'InnoDB', true]);
    const [{ n }] = await pool.query('SELECT COUNT(*) AS n FROM information_schema.referential_constraints WHERE constraint_schema = DATABASE()');
    expect(Number(n)).toBeGreaterThanOrEqual(8);
    const [variables] = await pool.query('SELECT @@global.innodb_flush_log_at_trx_commit AS flush, @@global.sql_mode AS mode, @@global.bind_address AS bound');
    expect({ ...variables, flush: Number(variables.flush) }).toMatchObject({
      // Three: the last step of a commit is flushed too, which one leaves out where there is a log.
      flush: 3,
      mode: expect.stringContaining('STRICT_ALL_TABLES'),
      bound: '127.0.0.1'
    });
  });
  it('refuses a try of a fitting that is not there, and takes a fitting’s parts away with it', async () => {
    await expect(
      pool.query("INSERT INTO foot_measures (fitting_id, side, field, mm, how, typed) VALUES (999999, 'left', 'lengthMm', 1, 'tape', '')")
    ).rejects.toThrow(/foreign key/i);
    const { customer, fitting } = await newFitting();
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(248), right: side(249) });
    await pool.query('DELETE FROM customers WHERE id = ?', [customer]);
    const [{ n }] = await pool.query('SELECT COUNT(*) AS n FROM foot_measures WHERE fitting_id = ?', [fitting]);
    expect(Number(n)).toBe(0);
  });
  it('keeps names in every script, and text with quotes, as they were typed', async () => {
    const name = "O’Brën “安藤” '; DROP TABLE fittings; -- 👞";
    const { customer } = await newFitting(name);
    expect((await get('/customers')).body.customers.find((c: { id: number }) => c.id === customer).name).toBe(name);
  });
});

describe('the fit card', () => {
  it('is a PDF of an opened pair; unmeasured feet, a size not made and a style not there are told', async () => {
    const { fitting } = await newFitting('Carded');
    const card = (more: string) => fetch(`${BASE}/api/v1/fittings/${fitting}/card?style=lakeside-50&${more}`);
    const early = await card('size=38&width=medium');
    expect(early.status).toBe(422);
    expect((await early.json()).detail).toMatch(/measure the length of both feet first/);
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(238), right: side(239) });
    const pdf = await card('size=38&width=medium');
    expect(pdf.headers.get('content-type')).toBe('application/pdf');
    const bytes = Buffer.from(await pdf.arrayBuffer());
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
    expect(bytes.length).toBeGreaterThan(10_000);
    // One page, on either paper.
    for (const paper of ['a4', 'letter', 'a5', 'a6']) {
      const text = Buffer.from(await (await card(`size=38&width=medium&paper=${paper}`)).arrayBuffer()).toString('latin1');
      expect(text.match(/\/Type \/Page\b/g)).toHaveLength(1);
    }
    const noPaper = await card('size=38&width=medium&paper=a7');
    expect(noPaper.status).toBe(422);
    expect((await noPaper.json()).errors).toMatchObject([{ path: 'paper', message: 'there are a4, letter, a6 and a5' }]);
    expect((await card('size=60&width=medium')).status).toBe(422);
    expect((await fetch(`${BASE}/api/v1/fittings/${fitting}/card?style=none&size=38&width=medium`)).status).toBe(404);
  });
});
