import { readdirSync } from 'node:fs';
import type { RequestEvent } from '@sveltejs/kit';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { get, readBody } from '../src/lib/server/endpoint';
import { allRoutes, openApiDocument } from '../src/lib/server/openapi';
import { DEMO_OWNER, type Who } from '../src/lib/server/doors/who';
import type { RoleId } from '../src/lib/roles';
import { isDatabaseAway, toProblem } from '../src/lib/server/database-problems';
import { fromZod, Problem, problemResponse } from '../src/lib/server/problems';

describe('problem details', () => {
  it('name the field and keep the inside of the server to itself', async () => {
    const parsed = z.object({ foot: z.object({ lengthMm: z.number() }) }).safeParse({ foot: { lengthMm: 'long' } });
    const problem = fromZod(parsed.error!);
    expect(problem).toMatchObject({ status: 422, errors: [{ path: 'foot.lengthMm' }] });
    const seen: unknown[] = [];
    const hidden = toProblem(new Error('password=secret'), (id) => seen.push(id));
    expect(hidden.status).toBe(500);
    expect(hidden.detail).toContain(String(seen[0]));
    expect(hidden.detail).not.toMatch(/secret/);
    const response = problemResponse(new Problem(404, 'Not found', 'There is no person 9.'));
    expect(response.headers.get('content-type')).toBe('application/problem+json');
    expect(await response.json()).toEqual({ type: 'about:blank', title: 'Not found', status: 404, detail: 'There is no person 9.', errors: [] });
  });
  it('a database that is away is told as such, a bad statement is not', () => {
    const away = Object.assign(new Error('refused'), { name: 'SequelizeConnectionRefusedError' });
    expect(isDatabaseAway(away)).toBe(true);
    expect(toProblem(away, () => {})).toMatchObject({ status: 503 });
    expect(isDatabaseAway(Object.assign(new Error('gone'), { name: 'SequelizeDatabaseError', original: { code: 'ER_SOCKET_UNEXPECTED_CLOSE' } }))).toBe(true);
    expect(isDatabaseAway(Object.assign(new Error('syntax'), { name: 'SequelizeDatabaseError', original: { code: 'ER_PARSE_ERROR' } }))).toBe(false);
  });
  it('a body over 1 MiB is refused while it is read, whatever it claims', async () => {
    const big = new Request('http://x/', { method: 'POST', body: 'x'.repeat(1024 * 1024 + 1) });
    await expect(readBody(big)).rejects.toMatchObject({ status: 413 });
    await expect(readBody(new Request('http://x/', { method: 'POST', body: '{}' }))).resolves.toBe('{}');
  });
});

describe('the OpenAPI document', async () => {
  const document = (await openApiDocument()) as unknown as {
    paths: Record<string, Record<string, { requestBody?: unknown; responses: object }>>;
    components: { schemas: Record<string, { properties: object }> };
  };
  it('has the contract’s endpoints with bodies and their problems', () => {
    for (const path of ['/health', '/scales', '/convert', '/fit/check', '/fit']) expect(Object.keys(document.paths)).toContain(`/api/v1${path}`);
    expect(document.paths['/api/v1/fit/check'].post.requestBody).toBeDefined();
    expect(Object.keys(document.paths['/api/v1/fit/check'].post.responses)).toEqual(expect.arrayContaining(['200', '400', '413', '422', '503']));
  });
  it('is the routes: every file of the API is registered, with what it does and who may ask', async () => {
    const files = readdirSync(new URL('../src/routes/api/v1', import.meta.url), { recursive: true }).filter((f) => String(f).endsWith('+server.ts'));
    const routes = await allRoutes();
    expect(new Set(routes.map((r) => r.path)).size).toBe(files.length);
    // What takes no body: opening a visit, beginning a reckoning, saying an answer again.
    const bare = ['/fittings', '/learn/shop', '/answers/{id}'];
    for (const { path, method, route } of routes) {
      expect(route.summary.length, `${method} ${path}`).toBeGreaterThan(5);
      expect(Object.keys(document.paths[path])).toContain(method.toLowerCase());
      if (route.does !== 'reads' && method !== 'DELETE' && !bare.some((end) => path.endsWith(end))) expect(route.body, `${method} ${path}`).toBeDefined();
    }
    expect(routes.filter((r) => r.route.needs === 'open').map((r) => r.path)).toEqual(['/api/v1/enter', '/api/v1/health', '/api/v1/leave']);
  });
  it('whoever has no role is told so, and anyone may ask what is open', async () => {
    const event = (role: RoleId | null) => ({ locals: { who: role && ({ ...DEMO_OWNER, role } satisfies Who) }, request: new Request('http://x/') }) as unknown as RequestEvent; // prettier-ignore
    const [closed, open] = [get({ needs: 'shop', summary: 'for an owner' }, () => ({})), get({ needs: 'open', summary: 'for anyone' }, () => ({}))];
    expect((await Promise.all([closed(event(null)), closed(event('fitter')), closed(event('owner')), open(event(null))])).map((r) => r.status)).toEqual([401, 403, 200, 200]); // prettier-ignore
  });
  it('is made of the schemas that validate: every field of a foot is there', () => {
    const fields = Object.keys(document.components.schemas.Foot.properties);
    expect(fields).toEqual(expect.arrayContaining(['lengthMm', 'ballGirthMm', 'toeTipsMm', 'hammerToeMm', 'ankleReachDeg', 'sd']));
  });
});
