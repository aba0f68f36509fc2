import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, it } from 'vitest';
import { BASE } from '../api/client';
import { as, ask, HANDS, haveHands, page } from './hands';

/** What programs that watch are told, and what the log never tells. */
describe('watching', () => {
  let fitter = '';
  beforeAll(async () => {
    await haveHands();
    fitter = await as('fitter');
  });
  it('alive and ready are told to anyone, apart from each other', async () => {
    expect((await page('/health')).body).toMatchObject({ status: 'ok', upSeconds: expect.any(Number) });
    expect((await page('/ready')).body).toMatchObject({ status: 'ok', database: 'ok', disk: 'ok' });
    // A page that is refused is counted and named like any other.
    expect((await page('/accounts', fitter)).status).toBe(403);
  });
  it('figures are told to a token that may watch, and to no other; routes stand in them as they are written', async () => {
    const owner = await as('owner');
    const make = async (scopes: string[]) =>
      (await ask('POST', '/me/tokens', { cookie: owner, body: { now: HANDS.owner.password, name: 'wall screen', scopes, days: 2 } })).body.token as string;
    const [watch, look] = [await make(['watch']), await make(['look'])];
    const asked = (token: string) => ask('GET', `${BASE}/metrics`, { headers: { authorization: `Bearer ${token}` } });
    expect((await asked(look)).status).toBe(403);
    expect((await asked('nobody-ever-made-this-token')).status).toBe(401);
    expect((await page('/metrics')).status).toBe(303);
    await ask('GET', '/customers/1', { cookie: fitter });
    await ask('POST', '/compare/size', { cookie: fitter, body: { shoes: ['last:plover'], size: 'x' } });
    await ask('GET', '/sizes/gauge', { cookie: fitter });
    const { status, body, headers } = await asked(watch);
    expect(status).toBe(200);
    expect(headers.get('content-type')).toMatch(/text\/plain/);
    expect(body).toMatch(/chiave_requests_total\{method="GET",route="\/api\/v1\/customers\/\[id\]",status="200"\} \d/);
    expect(body).toMatch(/chiave_request_seconds_bucket\{le="0.15",method="GET",route="\/api\/v1\/customers\/\[id\]"\} \d/);
    expect(body).toMatch(/chiave_job_seconds_count\{job="footGauge",outcome="done"\} [1-9]/);
    expect(body).toMatch(/chiave_database_connections\{state="all"\} [1-9]/);
    expect(body).toMatch(/chiave_jobs_waiting\{pool="short"\} 0/);
    expect(body).not.toMatch(/customers\/1[^0-9]/);
  });
  it('each answer names its request, in the log too; a name that would break a line is not taken', async () => {
    const named = await ask('GET', '/styles', { cookie: fitter, headers: { 'x-request-id': 'counter-tablet-77' } });
    expect(named.headers.get('x-request-id')).toBe('counter-tablet-77');
    const other = await ask('GET', '/styles', { cookie: fitter, headers: { 'x-request-id': 'a b","level":60' } });
    expect(other.headers.get('x-request-id')).toMatch(/^[0-9a-f-]{36}$/);
    if (process.env.CHIAVE_LOG) expect(readFileSync(process.env.CHIAVE_LOG, 'utf8')).toContain('"request":"counter-tablet-77"');
  });
  it.skipIf(!process.env.CHIAVE_LOG)('never a name, a note, a measured foot, a password or a token stands in the log, whatever went wrong', async () => {
    const secret = { name: 'Quirina Vellaspetto', story: 'lost a toe to the turntable', trouble: 'burns under the ball' };
    const { id } = (await ask('POST', '/customers', { cookie: fitter, body: { name: secret.name, story: secret.story, flags: ['diabetic'] } })).body;
    const fitting = (await ask('POST', `/customers/${id}/fittings`, { cookie: fitter })).body.id;
    await ask('PATCH', `/fittings/${fitting}`, { cookie: fitter, body: { trouble: secret.trouble } });
    const side = (lengthMm: number) => ({ lengthMm: { mm: lengthMm, typed: `${lengthMm} mm` }, toeShape: 'egyptian', archType: 'medium' });
    await ask('PUT', `/fittings/${fitting}/feet`, { cookie: fitter, body: { left: side(247.31), right: side(248.62) } });
    await ask('PUT', `/fittings/${fitting}/feet`, {
      cookie: fitter,
      body: { left: { ...side(247.31), lengthMm: { mm: 1e9, typed: secret.story } }, right: side(1) }
    });
    await ask('GET', `/customers?search=${encodeURIComponent(secret.name)}`, { cookie: fitter });
    await page(`/people?search=${encodeURIComponent(secret.name)}`, fitter);
    await ask('POST', '/enter', { body: { name: secret.name, password: 'typed by mistake 99' } });
    await ask('GET', `/customers/${id}/export`, { cookie: fitter });
    const log = readFileSync(process.env.CHIAVE_LOG!, 'utf8');
    expect(log.split('\n').filter((l) => l.includes('"msg":"answered"')).length).toBeGreaterThan(500);
    const words = [...Object.values(secret), 'Vellaspetto', '247.3', '248.6', 'diabetic', 'typed by mistake', ...Object.values(HANDS).map((h) => h.password), fitter.split('=')[1]]; // prettier-ignore
    for (const word of words) expect(log.includes(word), word).toBe(false);
  });
});
