import { generate } from 'otplib';
import { beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { BASE } from '../api/client';
import { as, ask, forgetTries, HANDS, haveHands, page, signIn, sql } from './hands';

/** Who comes in, and who does not. This file begins with nobody's account. */

describe('before anybody has an account', () => {
  it('it is open to this machine as the demo’s owner, and says so', async () => {
    expect((await ask('GET', '/me')).body).toMatchObject({ role: 'owner', way: 'open', accountId: null });
    expect((await page('/')).body).toContain('Demo, open');
  });
  it('the first account is an owner’s and nothing less; a name or a password that will not do is named', async () => {
    expect(await ask('POST', '/accounts', { body: { ...HANDS.reader, role: 'reader' } })).toMatchObject({ status: 422, body: { errors: [{ path: 'role' }] } });
    expect((await ask('POST', '/accounts', { body: { name: 'x', role: 'owner', password: 'short' } })).body.errors.map((e: { path: string }) => e.path)).toEqual(['name', 'password']); // prettier-ignore
    expect((await ask('GET', '/me')).status).toBe(200);
  });
  it('from the first account on everybody signs in, at every page and call', async () => {
    await haveHands();
    expect((await ask('GET', '/customers')).status).toBe(401);
    expect((await ask('GET', '/styles')).status).toBe(401);
    expect((await ask('GET', '/nothing-of-ours')).status).toBe(401);
    expect((await ask('GET', '/health')).status).toBe(200);
    const sent = await page('/people/1');
    expect([sent.status, sent.headers.get('location')]).toEqual([303, '/enter?to=%2Fpeople%2F1']);
    expect(JSON.stringify((await page('/people/1/__data.json')).body)).not.toMatch(/customer/);
    expect((await page('/enter')).status).toBe(200);
  });
});

describe('signing in', () => {
  beforeAll(haveHands);
  beforeEach(forgetTries);
  it('is a session of its own each time; what a device held before is worth nothing', async () => {
    const planted = 'chiave_session=planted-by-somebody-else-0123456789';
    const first = await signIn(HANDS.fitter, {}, planted);
    expect(first.cookie).toMatch(/^chiave_session=[\w-]{43}$/);
    expect(first.headers.get('set-cookie')).toMatch(/HttpOnly/i);
    expect(first.headers.get('set-cookie')).toMatch(/SameSite=Lax/i);
    // Plain HTTP of a shop's own network; behind a proxy that ends TLS it is for TLS only.
    expect(first.headers.get('set-cookie')).not.toMatch(/Secure/i);
    const proxied = await ask('POST', '/enter', { body: HANDS.fitter, headers: { 'x-forwarded-proto': 'https' } });
    expect(proxied.headers.get('set-cookie')).toMatch(/Secure/i);
    const second = await signIn(HANDS.fitter, {}, first.cookie);
    expect(second.cookie).not.toBe(first.cookie);
    expect((await ask('GET', '/me', { cookie: first.cookie })).status).toBe(401);
    expect((await ask('GET', '/me', { cookie: second.cookie })).body).toMatchObject({ name: 'Fabrice Welt', role: 'fitter', way: 'password' });
    const [row] = await sql('SELECT token FROM sessions ORDER BY id DESC LIMIT 1');
    expect(second.cookie).not.toContain(row.token);
  });
  it('tells nobody which names exist: the same words, and about the same time', async () => {
    const asked = { there: { name: HANDS.fitter.name, ms: Infinity }, nobody: { name: 'Nobody Atall', ms: Infinity } };
    const took = async (one: (typeof asked)['there']) => {
      const began = performance.now();
      const answer = await signIn({ name: one.name, password: 'not the password' });
      // The fastest of some, in turn: what else the machine does then slows neither of them.
      one.ms = Math.min(one.ms, performance.now() - began);
      await forgetTries();
      return answer;
    };
    let [there, nobody] = [await took(asked.there), await took(asked.nobody)];
    for (let i = 0; i < 6; i++) [there, nobody] = [await took(asked.there), await took(asked.nobody)];
    expect(there).toMatchObject({ status: 401 });
    expect(nobody.body).toEqual(there.body);
    expect(asked.nobody.ms / asked.there.ms).toBeGreaterThan(0.4);
    expect(asked.nobody.ms / asked.there.ms).toBeLessThan(2.5);
  });
  it('who guesses has to wait, whether a name exists or not, the right password too; it holds for every process, since it stands in the database', async () => {
    for (const name of [HANDS.reader.name, 'Nobody Atall']) {
      await forgetTries();
      const seen = [];
      for (let i = 0; i < 10; i++) seen.push((await signIn({ name, password: `guess ${i}` })).status);
      expect(seen).toEqual([...Array(8).fill(401), 429, 429]);
    }
    await forgetTries();
    for (let i = 0; i < 8; i++) await signIn({ name: HANDS.reader.name, password: `guess ${i}` });
    const waits = await signIn(HANDS.reader);
    expect([waits.status, waits.headers.get('retry-after')]).toEqual([429, '3']);
    const rows = await sql('SELECT `key`, points FROM door_tries');
    expect(rows.length).toBe(3);
    expect(JSON.stringify(rows)).not.toContain('remo');
    await sql('UPDATE door_tries SET expire = 0');
    expect((await signIn(HANDS.reader)).status).toBe(200);
  });
  it('many guesses at once are counted each', async () => {
    const seen = await Promise.all(Array.from({ length: 30 }, (_, i) => signIn({ name: HANDS.reader.name, password: `guess ${i}` }).then((r) => r.status)));
    expect(seen.filter((s) => s === 401).length).toBeLessThanOrEqual(8);
    expect(seen.filter((s) => s === 429).length).toBeGreaterThanOrEqual(22);
  });
  it('leads only into this application afterwards', async () => {
    for (const to of ['//elsewhere.example', 'https://elsewhere.example/', '/\\elsewhere.example']) {
      const { status, body } = await page(`/enter?to=${encodeURIComponent(to)}`);
      expect(status).toBe(200);
      expect(body).not.toMatch(/href="[^"]*elsewhere/);
    }
    // A line end in the address never reaches a header.
    const sent = await page('/people/1%0d%0aset-cookie:%20x=1');
    expect(sent.headers.get('set-cookie') ?? '').not.toContain('x=1');
  });
});

describe('sessions', () => {
  beforeAll(haveHands);
  it('a token is worth nothing after signing out, wherever it was copied to', async () => {
    const cookie = await as('fitter');
    expect((await ask('GET', '/customers', { cookie })).status).toBe(200);
    await ask('POST', '/leave', { cookie, body: {} });
    expect((await ask('GET', '/customers', { cookie })).status).toBe(401);
  });
  it('what goes on being told, as the gauge, ends with it too', { timeout: 40_000 }, async () => {
    const cookie = await as('fitter');
    const heard = await fetch(`${BASE}/api/v1/gauge`, { headers: { cookie } });
    expect(heard.status).toBe(200);
    const reader = heard.body!.getReader();
    await reader.read();
    await ask('POST', '/leave', { cookie, body: {} });
    let ended = false;
    while (!ended) ({ done: ended } = await reader.read());
  });
  it('a token is changed for a new one by the hour; the old one holds for requests under way and ends both where it comes back later', async () => {
    const old = await as('fitter');
    await sql('UPDATE sessions SET rotated_at = NOW(3) - INTERVAL 2 HOUR ORDER BY id DESC LIMIT 1');
    const turned = await ask('GET', '/me', { cookie: old });
    expect(turned.cookie).not.toBe(old);
    expect((await ask('GET', '/me', { cookie: old })).status).toBe(200);
    expect((await ask('GET', '/me', { cookie: turned.cookie })).status).toBe(200);
    await sql('UPDATE sessions SET before_until = NOW(3) - INTERVAL 1 SECOND WHERE token_before IS NOT NULL');
    expect((await ask('GET', '/me', { cookie: old })).status).toBe(401);
    expect((await ask('GET', '/me', { cookie: turned.cookie })).status).toBe(401);
  });
  it('twenty requests at the turn of the hour get one new token between them, and all are answered', async () => {
    const cookie = await as('fitter');
    await sql('UPDATE sessions SET rotated_at = NOW(3) - INTERVAL 2 HOUR ORDER BY id DESC LIMIT 1');
    const all = await Promise.all(Array.from({ length: 20 }, () => ask('GET', '/me', { cookie })));
    expect(new Set(all.map((r) => r.status))).toEqual(new Set([200]));
    expect(new Set(all.map((r) => r.cookie)).size).toBeLessThanOrEqual(2);
  });
  it('ends when it is not used, and at its day’s end though it is', async () => {
    const idle = await as('fitter');
    await sql('UPDATE sessions SET seen_at = NOW(3) - INTERVAL 3 HOUR ORDER BY id DESC LIMIT 1');
    expect((await ask('GET', '/me', { cookie: idle })).status).toBe(401);
    const over = await as('fitter');
    await sql('UPDATE sessions SET ends_at = NOW(3) - INTERVAL 1 SECOND ORDER BY id DESC LIMIT 1');
    expect((await ask('GET', '/me', { cookie: over })).status).toBe(401);
  });
  it('are listed and ended one by one, never somebody else’s but by an owner', async () => {
    const [mine, other, theirs, boss] = [await as('fitter'), await as('fitter'), await as('reader'), await as('owner')];
    const { sessions } = (await ask('GET', '/me/sessions', { cookie: mine })).body;
    const [own] = sessions.filter((s: { own: boolean }) => s.own);
    const [second] = sessions.filter((s: { own: boolean }) => !s.own);
    expect(own).toBeDefined();
    const all = (await ask('GET', '/accounts/sessions', { cookie: boss })).body.sessions as { id: number; account: string }[];
    const readers = all.find((s) => s.account === HANDS.reader.name)!;
    expect((await ask('DELETE', `/me/sessions/${readers.id}`, { cookie: mine })).status).toBe(404);
    expect((await ask('DELETE', `/accounts/sessions/${readers.id}`, { cookie: mine })).status).toBe(403);
    expect((await ask('DELETE', `/me/sessions/${second.id}`, { cookie: mine })).status).toBe(200);
    expect((await ask('GET', '/me', { cookie: other })).status).toBe(401);
    expect((await ask('DELETE', `/accounts/sessions/${readers.id}`, { cookie: boss })).status).toBe(200);
    expect((await ask('GET', '/me', { cookie: theirs })).status).toBe(401);
  });
  it('a request from another site writes nothing, though the cookie came along', async () => {
    const cookie = await as('fitter');
    for (const headers of [{ origin: 'https://elsewhere.example' }, { origin: 'null' }, { 'sec-fetch-site': 'cross-site' }] as Record<string, string>[])
      expect((await ask('POST', '/customers', { cookie, headers, body: { name: 'Planted' } })).status, JSON.stringify(headers)).toBe(403);
    expect((await ask('POST', '/customers', { cookie, headers: { origin: BASE }, body: { name: 'Own' } })).status).toBe(201);
  });
});

describe('one’s own account', () => {
  beforeAll(haveHands);
  beforeEach(forgetTries);
  it('the password is changed by whoever knows it; all other devices are signed out, and this one gets a new token', async () => {
    const [cookie, other] = [await as('reader'), await as('reader')];
    expect(await ask('PUT', '/me/password', { cookie, body: { now: 'guessed', password: 'five steel shanks' } })).toMatchObject({ status: 422, body: { errors: [{ path: 'now' }] } }); // prettier-ignore
    const changed = await ask('PUT', '/me/password', { cookie, body: { now: HANDS.reader.password, password: 'five steel shanks' } });
    expect(changed.status).toBe(200);
    expect((await ask('GET', '/me', { cookie: other })).status).toBe(401);
    expect((await ask('GET', '/me', { cookie })).status).toBe(401);
    expect((await ask('GET', '/me', { cookie: changed.cookie })).status).toBe(200);
    await ask('PUT', '/me/password', { cookie: changed.cookie, body: { now: 'five steel shanks', password: HANDS.reader.password } });
  });
  it('a second factor: a code that counts once, and recovery codes that count once each', async () => {
    const cookie = await as('fitter');
    const now = HANDS.fitter.password;
    const { secret } = (await ask('POST', '/me/second', { cookie, body: { now } })).body;
    const [{ second }] = await sql('SELECT second FROM accounts WHERE name = ?', [HANDS.fitter.name]);
    expect(second).not.toContain(secret);
    // Not in use before a code was typed.
    expect((await signIn(HANDS.fitter)).status).toBe(200);
    expect((await ask('POST', '/me/second', { cookie, body: { now, code: '000000' } })).status).toBe(422);
    const codeAt = (seconds: number) => generate({ secret, epoch: Math.floor(Date.now() / 1000) + seconds });
    const { recovery } = (await ask('POST', '/me/second', { cookie, body: { now, code: await codeAt(-30) } })).body;
    expect(recovery).toHaveLength(10);
    expect(await signIn(HANDS.fitter)).toMatchObject({ status: 401, body: { errors: [{ path: 'code' }] } });
    expect((await signIn({ ...HANDS.fitter, password: 'wrong one' }, { code: await codeAt(0) })).body.errors).toEqual([]);
    const code = await codeAt(0);
    expect((await signIn(HANDS.fitter, { code })).status).toBe(200);
    expect((await signIn(HANDS.fitter, { code })).status).toBe(401);
    expect((await signIn(HANDS.fitter, { code: recovery[3].toUpperCase() })).status).toBe(200);
    expect((await signIn(HANDS.fitter, { code: recovery[3] })).status).toBe(401);
    expect((await ask('DELETE', '/me/second', { cookie, body: { now } })).status).toBe(200);
    expect((await signIn(HANDS.fitter)).status).toBe(200);
  });
  it('a tablet for the shop day changes hands by PIN, with a fitter’s rights at most; a PIN that is guessed at has to wait', async () => {
    const [boss, hand] = [await as('owner'), await as('fitter')];
    expect((await ask('PUT', '/me/password', { cookie: boss, body: { now: HANDS.owner.password, pin: '1234' } })).status).toBe(422);
    const pinned = await ask('PUT', '/me/password', { cookie: boss, body: { now: HANDS.owner.password, pin: '58204' } });
    expect(pinned.status).toBe(200);
    const id = (await ask('GET', '/me', { cookie: pinned.cookie })).body.accountId;
    expect((await ask('POST', '/hand', { cookie: hand, body: { accountId: id, pin: '58204' } })).status).toBe(409);
    await forgetTries();
    const tablet = await signIn(HANDS.apprentice, { shopDay: true });
    expect((await ask('GET', '/me', { cookie: tablet.cookie })).body.hands).toEqual([{ id, name: HANDS.owner.name }]);
    for (let i = 0; i < 4; i++) expect((await ask('POST', '/hand', { cookie: tablet.cookie, body: { accountId: id, pin: `9${i}01` } })).status).toBe(401);
    const taken = await ask('POST', '/hand', { cookie: tablet.cookie, body: { accountId: id, pin: '58204' } });
    expect(taken.status).toBe(200);
    expect((await ask('GET', '/me', { cookie: tablet.cookie })).status).toBe(401);
    expect((await ask('GET', '/me', { cookie: taken.cookie })).body).toMatchObject({ name: HANDS.owner.name, role: 'fitter', way: 'pin' });
    expect((await ask('GET', '/accounts', { cookie: taken.cookie })).status).toBe(403);
    for (let i = 0; i < 5; i++) await ask('POST', '/hand', { cookie: taken.cookie, body: { accountId: id, pin: `9${i}01` } });
    expect((await ask('POST', '/hand', { cookie: taken.cookie, body: { accountId: id, pin: '58204' } })).status).toBe(429);
  });
  it('a token for another program: what it names, until its day, shown once, gone when it is taken back', async () => {
    const cookie = await as('apprentice');
    const now = HANDS.apprentice.password;
    expect((await ask('POST', '/me/tokens', { cookie, body: { now, name: 'wall', scopes: ['health'], days: 10 } })).body.errors[0].path).toBe('scopes');
    const { id, token } = (await ask('POST', '/me/tokens', { cookie, body: { now, name: 'wall', scopes: ['look'], days: 10 } })).body;
    const headers = { authorization: `Bearer ${token}` };
    expect((await ask('GET', '/styles', { headers })).status).toBe(200);
    expect((await ask('GET', '/customers', { headers })).status).toBe(403);
    expect((await ask('GET', '/me', { headers })).status).toBe(403);
    expect((await ask('GET', '/styles', { headers: { authorization: `Bearer ${token.slice(0, -1)}x` } })).status).toBe(401);
    expect(JSON.stringify((await ask('GET', '/me/tokens', { cookie })).body)).not.toContain(token);
    for (const table of ['api_tokens', 'answered_writes']) expect(JSON.stringify(await sql(`SELECT * FROM ${table}`))).not.toContain(token);
    await sql('UPDATE api_tokens SET expires_at = NOW(3) - INTERVAL 1 SECOND WHERE id = ?', [id]);
    expect((await ask('GET', '/styles', { headers })).status).toBe(401);
    await sql('UPDATE api_tokens SET expires_at = NOW(3) + INTERVAL 1 DAY WHERE id = ?', [id]);
    expect((await ask('DELETE', `/me/tokens/${id}`, { cookie: await as('reader') })).status).toBe(404);
    expect((await ask('DELETE', `/me/tokens/${id}`, { cookie })).status).toBe(200);
    expect((await ask('GET', '/styles', { headers })).status).toBe(401);
  });
});

describe('an owner’s hand', () => {
  beforeAll(haveHands);
  it('closing an account ends its sessions and tokens at once; the last owner stays', async () => {
    const boss = await as('owner');
    const { id } = (await ask('POST', '/accounts', { cookie: boss, body: { name: 'Guest Hand', role: 'owner', password: 'two loose heel tips' } })).body;
    expect((await ask('POST', '/accounts', { cookie: boss, body: { name: 'guest HAND', role: 'reader', password: 'two loose heel tips' } })).body.errors[0].path).toBe('name'); // prettier-ignore
    const guest = (await signIn({ name: 'guest hand', password: 'two loose heel tips' })).cookie;
    expect((await ask('GET', '/accounts', { cookie: guest })).status).toBe(200);
    expect((await ask('PATCH', `/accounts/${id}`, { cookie: boss, body: { role: 'reader' } })).status).toBe(200);
    expect((await ask('GET', '/accounts', { cookie: guest })).status).toBe(403);
    expect((await ask('PATCH', `/accounts/${id}`, { cookie: boss, body: { closed: true } })).status).toBe(200);
    expect((await ask('GET', '/me', { cookie: guest })).status).toBe(401);
    expect((await signIn({ name: 'Guest Hand', password: 'two loose heel tips' })).status).toBe(401);
    const { accountId } = (await ask('GET', '/me', { cookie: boss })).body;
    for (const body of [{ closed: true }, { role: 'fitter' }]) expect((await ask('PATCH', `/accounts/${accountId}`, { cookie: boss, body })).status).toBe(409);
    expect((await ask('PATCH', `/accounts/${id}`, { cookie: boss, body: { closed: false, version: 0 } })).status).toBe(409);
  });
});
