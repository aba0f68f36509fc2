import { randomUUID } from 'node:crypto';
import { spawn } from 'node:child_process';
import mariadb from 'mariadb';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ask, get, newFitting, post, side, type Answer } from '../api/client';
import { tracedLine } from '../traced-line';
import { often } from './short';

/** Writes that meet: each is done once and whole, or told why not. Against the served build and its throwaway database. */
let pool: mariadb.Pool;
beforeAll(() => void (pool = mariadb.createPool({ ...databaseOf(process.env.DATABASE_URL!), connectionLimit: 3 })));
afterAll(() => pool.end());
const databaseOf = (url: string) => {
  const { hostname, port, username, password, pathname } = new URL(url);
  return { host: hostname, port: Number(port), user: username, password, database: pathname.slice(1) };
};
const rows = async (sql: string, values: unknown[] = []) => (await pool.query(sql, values)) as Record<string, unknown>[];
const count = async (sql: string, values: unknown[] = []) => Number((await rows(`SELECT COUNT(*) AS n FROM ${sql}`, values))[0].n);
const put = (path: string, body: unknown, headers: Record<string, string> = {}) => ask('PUT', path, body, headers);
const patch = (path: string, body: unknown, headers: Record<string, string> = {}) => ask('PATCH', path, body, headers);
const remove = (path: string, headers: Record<string, string> = {}) => ask('DELETE', path, undefined, headers);
const feet = (mm: number) => ({ left: side(mm, { ballGirthMm: Math.round(mm * 0.93) }), right: side(mm + 1) });
const statuses = (answers: Answer[]) => answers.map((a) => a.status).sort();
let serial = 0;
const unique = () => `${Date.now().toString(36)}-${serial++}`;

describe('two at once', () => {
  it('new fittings measured at once do not wait for each other', async () => {
    for (let turn = 0; turn < often(20, 4); turn++) {
      const made = await Promise.all(Array.from({ length: 10 }, (_, i) => newFitting(`Race ${i}`)));
      const saved = await Promise.all(made.map(({ fitting }, i) => put(`/fittings/${fitting}/feet`, feet(240 + i))));
      expect(statuses(saved)).toEqual(Array(10).fill(200));
      for (const [i, { fitting }] of made.entries()) expect((await get(`/fittings/${fitting}`)).body.feet.left.lengthMm.mm).toBe(240 + i);
    }
  });
  it('the same new maker, last or style: one is kept, the other is told', async () => {
    const [last] = (await get('/lasts')).body.lasts;
    const { version: _v, ...lastBody } = last;
    const [first] = (await get('/styles')).body.styles;
    for (let turn = 0; turn < often(12, 3); turn++) {
      const id = `race-${unique()}`;
      const maker = (name: string) => ({ id, name, letters: ['narrow', 'medium'] });
      const makers = await Promise.all([post('/makers', maker('One')), post('/makers', maker('Other'))]);
      expect(statuses(makers)).toEqual([201, 409]);
      const kept = (await get('/makers')).body.makers.find((m: { id: string }) => m.id === id);
      expect(kept.name).toBe(makers[0].status === 201 ? 'One' : 'Other');
      const lasts = await Promise.all(['One', 'Other'].map((name) => post('/lasts', { ...lastBody, id, name: `${name} ${id}`, aliases: [] })));
      expect(statuses(lasts)).toEqual([201, 409]);
      const styles = await Promise.all(['One', 'Other'].map((name) => post(`/styles/${first.id}/duplicate`, { id, name: `${name} ${id}` })));
      expect(statuses(styles)).toEqual([201, 409]);
      expect((await get(`/styles/${id}`)).body.name).toContain(styles[0].status === 201 ? 'One' : 'Other');
      for (const answer of [...makers, ...lasts, ...styles].filter((a) => a.status === 409)) expect(answer.body.title).toBe('Taken');
    }
  });
  it('what was felt carries a version: the later of two is a conflict', async () => {
    const { fitting } = await newFitting('Felt twice');
    await put(`/fittings/${fitting}/feet`, feet(262));
    const { id, tried } = (await post(`/fittings/${fitting}/tries`, { styleId: 'bassoon', size: '8', width: 'F' })).body;
    expect(tried.version).toBe(0);
    const felt = (zone: string) => ({ felt: { left: { [zone]: 'snug' }, right: {} }, version: 0 });
    const both = await Promise.all([patch(`/tries/${id}`, felt('instep')), patch(`/tries/${id}`, felt('waist'))]);
    expect(statuses(both)).toEqual([200, 409]);
    const won = both[0].status === 200 ? 'instep' : 'waist';
    expect((await get(`/fittings/${fitting}`)).body.tries[0]).toMatchObject({ felt: { left: { [won]: 'snug' } }, version: 1 });
  });
  it('every pair of writes to one fitting, one style, one person ends in an answer below 500', async () => {
    const { customer, fitting } = await newFitting('All pairs');
    await put(`/fittings/${fitting}/feet`, feet(262));
    const { id } = (await post(`/fittings/${fitting}/tries`, { styleId: 'bassoon', size: '8', width: 'F' })).body;
    const outline = tracedLine(262);
    const style = (await post('/styles/bassoon/duplicate', { id: `pairs-${unique()}`, name: 'Pairs' })).body.id as string;
    const writes: (() => Promise<Answer>)[] = [
      () => patch(`/customers/${customer}`, { work: unique() }),
      () => patch(`/fittings/${fitting}`, { note: unique(), flags: ['diabetic'] }),
      () => patch(`/fittings/${fitting}`, { trouble: unique() }),
      () => put(`/fittings/${fitting}/feet`, feet(255 + Math.floor(Math.random() * 10))),
      () => post(`/fittings/${fitting}/tracings`, { side: 'left', outline, source: 'svg', lengthSdMm: 1, widthSdMm: 1 }),
      () => post(`/fittings/${fitting}/tries`, { styleId: 'bassoon', size: '8', width: 'F' }),
      () => patch(`/tries/${id}`, { why: unique() }),
      () => post(`/customers/${customer}/fittings`),
      () => patch('/styles', { changes: [{ id: style, set: { name: unique() } }] }),
      () => patch(`/styles/${style}/stock`, { counts: { '8|F': Math.floor(Math.random() * 9) } }),
      () => put('/settings/measures', { order: ['length', 'girth'].slice(0, 1) }),
      () => post('/habits', { lastId: 'plover', evidence: 'tried', offsetSizes: 0.5 })
    ];
    const turns = often(6, 1);
    for (const [i, one] of writes.entries())
      for (const other of writes.slice(i))
        for (let turn = 0; turn < turns; turn++)
          for (const { status, body } of await Promise.all([one(), other(), one()])) expect(status, JSON.stringify(body)).toBeLessThan(500);
  });
});

describe('erasing', () => {
  it('what an erased person left can be written no more, and nothing comes back', async () => {
    const { customer, fitting } = await newFitting('Anastasia Forgotten');
    await put(`/fittings/${fitting}/feet`, feet(262));
    const { id } = (await post(`/fittings/${fitting}/tries`, { styleId: 'bassoon', size: '8', width: 'F' })).body;
    await remove(`/customers/${customer}`);
    const late = await Promise.all([
      patch(`/fittings/${fitting}`, { note: 'Anastasia was here' }),
      put(`/fittings/${fitting}/feet`, feet(270)),
      post(`/fittings/${fitting}/tracings`, { side: 'left', outline: tracedLine(262), source: 'svg', lengthSdMm: 1, widthSdMm: 1 }),
      post(`/fittings/${fitting}/tries`, { styleId: 'bassoon', size: '8', width: 'F' }),
      patch(`/tries/${id}`, { why: 'Anastasia' }),
      remove(`/tries/${id}`),
      post(`/customers/${customer}/fittings`),
      patch(`/customers/${customer}`, { name: 'Anastasia' }),
      post('/import/feet', { customerId: customer, kind: 'csv', dryRun: false, text: 'date,side,measure,value,unit\n2026-01-05,left,lengthMm,251,mm' })
    ]);
    expect(late.map((a) => a.status)).toEqual(Array(9).fill(410));
    expect(await count('change_log WHERE customer_id = ?', [customer])).toBe(0);
    expect(await count('customer_words WHERE customer_id = ?', [customer])).toBe(0);
    expect(await count('fittings WHERE customer_id = ?', [customer])).toBe(1);
  });
  it('a write that meets the erasing comes before it or is refused', async () => {
    for (let turn = 0; turn < often(60, 12); turn++) {
      const { customer, fitting } = await newFitting(`Meets ${turn}`);
      await put(`/fittings/${fitting}/feet`, feet(262));
      const writes = [
        () => patch(`/fittings/${fitting}`, { note: 'a note of theirs', flags: ['diabetic'] }),
        () => patch(`/customers/${customer}`, { story: 'a story of theirs' }),
        () => put(`/fittings/${fitting}/feet`, { ...feet(264), left: { ...side(264), lengthMm: { mm: 264, typed: '264 mm' } } }),
        () => post(`/customers/${customer}/fittings`)
      ];
      const [write, erased] = await Promise.all([writes[turn % writes.length](), remove(`/customers/${customer}`)]);
      expect(erased.status).toBe(200);
      expect([200, 201, 410]).toContain(write.status);
      const [person] = await rows('SELECT name, story, flags FROM customers WHERE id = ?', [customer]);
      expect(person).toMatchObject({ name: 'erased', story: null });
      expect(JSON.stringify(person.flags)).not.toContain('diabetic');
      expect(await count("fittings WHERE customer_id = ? AND note <> ''", [customer])).toBe(0);
      expect(await count("foot_measures m JOIN fittings f ON f.id = m.fitting_id WHERE f.customer_id = ? AND m.typed <> ''", [customer])).toBe(0);
      expect(await count('change_log WHERE customer_id = ?', [customer])).toBe(0);
    }
  });
});

describe('the record of changes', () => {
  it('says what was there before, not what is there now', async () => {
    const { customer, fitting } = await newFitting('Recorded');
    await patch(`/fittings/${fitting}`, { purpose: 'first', kinds: ['pump'], flags: ['diabetic'] });
    await patch(`/fittings/${fitting}`, { purpose: 'second', kinds: ['pump'], flags: [] });
    const [newest] = (await get(`/customers/${customer}/changes`)).body.changes;
    expect(newest.changed).toEqual({ was: { purpose: 'first', flags: ['diabetic'] }, now: { purpose: 'second', flags: [] } });
    const before = (await get(`/customers/${customer}/changes`)).body.changes.length;
    await patch(`/fittings/${fitting}`, { purpose: 'second' });
    expect((await get(`/customers/${customer}/changes`)).body.changes).toHaveLength(before);
  });
});

describe('a key for every write', () => {
  const key = () => ({ 'idempotency-key': randomUUID() });
  it('the same asked again is done once and answered the same, also at once', async () => {
    const name = `Once ${unique()}`;
    const one = key();
    const answers = await Promise.all(Array.from({ length: 5 }, () => ask('POST', '/customers', { name }, one)));
    expect(new Set(answers.map((a) => JSON.stringify([a.status, a.body]))).size).toBe(1);
    expect(answers[0].status).toBe(201);
    expect(await count('customers WHERE name = ?', [name])).toBe(1);
    expect((await get(`/customers?search=${encodeURIComponent(name)}`)).body.customers).toHaveLength(1);
  });
  it('a save whose answer was lost is no stranger’s change', async () => {
    const { fitting } = await newFitting('Lost answer');
    const one = key();
    const first = await put(`/fittings/${fitting}/feet`, { ...feet(250), version: 0 }, one);
    const again = await put(`/fittings/${fitting}/feet`, { ...feet(250), version: 0 }, one);
    expect([first.status, again.status]).toEqual([200, 200]);
    expect(again.body).toEqual(first.body);
    expect((await put(`/fittings/${fitting}/feet`, { ...feet(251), version: 1 })).status).toBe(200);
  });
  it('a key is for one request, and has a form', async () => {
    const one = key();
    expect((await ask('POST', '/customers', { name: 'Keyed' }, one)).status).toBe(201);
    expect(await ask('POST', '/customers', { name: 'Another' }, one)).toMatchObject({ status: 422, body: { errors: [{ path: 'idempotency-key' }] } });
    expect((await ask('POST', '/customers', { name: 'Another' }, { 'idempotency-key': 'no' })).status).toBe(400);
  });
  it('what was refused is asked anew', async () => {
    const one = key();
    const id = `late-${unique()}`;
    expect((await ask('PATCH', '/styles', { changes: [{ id, set: { name: 'x' } }] }, one)).status).toBe(404);
    expect((await ask('PATCH', '/styles', { changes: [{ id, set: { name: 'x' } }] }, one)).status).toBe(404);
  });
  it('the connection broken at any moment of many saves: asked again with its key, each is there once', async () => {
    const names = Array.from({ length: often(200, 40) }, () => `Broken ${unique()}`);
    let killing = true;
    const killer = (async () => {
      while (killing) {
        await new Promise((later) => setTimeout(later, 15 + Math.random() * 30));
        const found = await rows("SELECT id FROM information_schema.processlist WHERE db = 'chiave' AND command <> 'Query'").catch(() => []);
        const own = await rows(
          "SELECT id FROM information_schema.processlist WHERE db = 'chiave' AND command = 'Query' AND info NOT LIKE '%processlist%'"
        ).catch(() => []);
        for (const { id } of [...found, ...own].sort(() => Math.random() - 0.5).slice(0, 2)) await pool.query(`KILL ${Number(id)}`).catch(() => {});
      }
    })();
    let unknown = 0;
    let broken = 0;
    const save = async (name: string) => {
      const one = key();
      for (let turn = 0; turn < 60; turn++) {
        const { status, body } = await ask('POST', '/customers', { name }, one);
        if (status === 201) return;
        expect([503]).toContain(status);
        broken++;
        if (/not known/i.test(body.title)) unknown++;
        await new Promise((later) => setTimeout(later, 40));
      }
      throw new Error(`${name} was never saved`);
    };
    for (let i = 0; i < names.length; i += 8) await Promise.all(names.slice(i, i + 8).map(save));
    killing = false;
    await killer;
    await pool.end();
    pool = mariadb.createPool({ ...databaseOf(process.env.DATABASE_URL!), connectionLimit: 3 });
    for (const name of names) expect(await count('customers WHERE name = ?', [name]), name).toBe(1);
    console.log(`${names.length} saves while connections were cut: ${broken} broken, ${unknown} of them at commit; each is there once`);
  });
});

describe('one request does not hold the others', () => {
  /** Asks for health again and again until the work is done. @returns the longest wait, ms */
  async function longestWait<T>(work: Promise<T>): Promise<{ value: T; waitMs: number }> {
    let going = true;
    const done = work.finally(() => (going = false));
    let waitMs = 0;
    while (going) {
      const started = performance.now();
      expect((await get('/health')).status).toBe(200);
      waitMs = Math.max(waitMs, performance.now() - started);
      await new Promise((later) => setTimeout(later, 20));
    }
    return { value: await done, waitMs };
  }
  const heavies: [string, () => Promise<Answer>, number][] = [
    [
      'a matrix of thirty lasts',
      async () =>
        post('/compare/matrix', { name: 'all', lasts: (await get('/lasts')).body.lasts.slice(0, often(30, 12)).map((l: { id: string }) => l.id), footMm: 245 }),
      200
    ],
    [
      'a look over 400 styles in long runs',
      async () => {
        const [style] = (await get('/styles')).body.styles;
        const lines = Array.from({ length: 400 }, (_, i) => `many-${i},${style.last.id},Many ${i},oxford,us-m,-5,400,${style.widths[0]},0.1`);
        return post('/import/stock', { kind: 'styles', dryRun: true, text: ['id,last,name,kind,scale,from,to,widths,step', ...lines].join('\n') });
      },
      200
    ],
    [
      'a look over 400 styles that can be',
      async () => {
        const [style] = (await get('/styles')).body.styles;
        const lines = Array.from(
          { length: 400 },
          (_, i) => `fine-${i},${style.last.id},Fine ${i},oxford,${style.scale},${style.from},${style.to},${style.widths.join(' ')},${style.step}`
        );
        return post('/import/stock', { kind: 'styles', dryRun: true, text: ['id,last,name,kind,scale,from,to,widths,step', ...lines].join('\n') });
      },
      200
    ],
    [
      'eight megabytes that are no counts',
      () => post('/import/stock', { kind: 'counts', dryRun: true, text: `style,size,width,count\n${'nothing,7,B,many\n'.repeat(470_000)}` }),
      200
    ],
    ['four megabytes of quotes', () => post('/import/stock', { kind: 'lasts', dryRun: true, text: '"'.repeat(4_000_000) }), 200]
  ];
  it.each(heavies)('%s', async (name, work, status) => {
    const { value, waitMs } = await longestWait(work());
    expect(value.status, JSON.stringify(value.body).slice(0, 300)).toBe(status);
    expect(JSON.stringify(value.body).length).toBeLessThan(200_000);
    if (value.body.problems) expect(value.body.problems.length).toBeLessThanOrEqual(200);
    console.log(`${name}: health waited at most ${waitMs.toFixed(0)} ms`);
    expect(waitMs).toBeLessThan(1000);
  });
  it('too many heavy requests at once are told to come again, not queued for ever', async () => {
    const lasts = (await get('/lasts')).body.lasts.slice(0, 14).map((l: { id: string }) => l.id);
    const answers = await Promise.all(Array.from({ length: 16 }, () => post('/compare/matrix', { name: 'many', lasts, footMm: 250 })));
    expect(new Set(answers.map((a) => a.status))).toEqual(new Set([200, 429]));
    expect(answers.find((a) => a.status === 429)?.headers.get('retry-after')).toBe('3');
  });
});

describe('bodies', () => {
  it('over the limit are answered 413, not cut off', async () => {
    for (const bytes of [1.5e6, 14e6, 40e6]) {
      const answer = await post('/customers', JSON.stringify({ name: 'x'.repeat(bytes) }));
      expect(answer).toMatchObject({ status: 413, body: { title: 'Too large' } });
    }
  });
  it('a body sent in pieces without a length as well', async () => {
    const curl = spawn('curl', [
      '-s',
      '-o',
      '/dev/null',
      '-w',
      '%{http_code}',
      '-X',
      'POST',
      '-H',
      'transfer-encoding: chunked',
      '-H',
      'content-type: application/json',
      '--data-binary',
      '@-',
      `${process.env.CHIAVE_URL}/api/v1/customers`
    ]);
    curl.stdin.on('error', () => {});
    curl.stdin.end(Buffer.alloc(5e6, 120));
    let said = '';
    curl.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
    await new Promise((done) => curl.once('close', done));
    expect(said).toBe('413');
  });
});
