import { beforeAll, describe, expect, it } from 'vitest';
import { PAGE_NEEDS } from '../../web/src/lib/server/doors/page-needs';
import { BASE } from '../api/client';
import { as, ask, haveHands, page, type Role } from './hands';

/** Every route and every page asked for by every role, against one table. */
type Asker = Role | 'nobody';
const ASKERS: readonly Asker[] = ['nobody', 'reader', 'apprentice', 'fitter', 'owner'];
/** Who has what, written down here once more: a change of the application's own table shows. */
const MAY: Readonly<Record<string, readonly Asker[]>> = {
  open: ASKERS,
  self: ['reader', 'apprentice', 'fitter', 'owner'],
  look: ['reader', 'apprentice', 'fitter', 'owner'],
  people: ['reader', 'apprentice', 'fitter', 'owner'],
  fit: ['apprentice', 'fitter', 'owner'],
  health: ['fitter', 'owner'],
  stock: ['fitter', 'owner'],
  lasts: ['fitter', 'owner'],
  watch: ['owner'],
  shop: ['owner']
};
/** What must not become easier by a slip: routes whose need is written down here too. */
const PINNED: Readonly<Record<string, string>> = {
  'GET /customers': 'people',
  'PATCH /customers/{id}': 'fit',
  'DELETE /customers/{id}': 'health',
  'GET /customers/{id}/export': 'health',
  'GET /customers/{id}/troubles': 'health',
  'POST /customers/{id}/looks': 'health',
  'PUT /fittings/{id}/feet': 'fit',
  'PUT /lasts/{id}': 'lasts',
  'POST /lasts': 'lasts',
  'PUT /settings/targets': 'lasts',
  'POST /learn/answers': 'lasts',
  'PATCH /styles': 'stock',
  'POST /import/stock': 'stock',
  'GET /accounts': 'shop',
  'POST /accounts': 'shop',
  'PATCH /accounts/{id}': 'shop',
  'DELETE /accounts/sessions/{id}': 'shop',
  'POST /proposals/{id}': 'shop',
  'POST /feeds': 'shop',
  'PUT /settings/zone': 'shop'
};
const cookies = new Map<Asker, string>([['nobody', '']]);
interface Operation {
  method: string;
  path: string;
  needs: string;
}
let operations: Operation[] = [];
describe('roles', () => {
  beforeAll(async () => {
    await haveHands();
    for (const role of ['reader', 'apprentice', 'fitter', 'owner'] as const) cookies.set(role, await as(role));
    const { paths } = (await ask('GET', '/openapi.json', { cookie: cookies.get('reader') })).body as { paths: Record<string, Record<string, { 'x-needs': string }>> }; // prettier-ignore
    operations = Object.entries(paths).flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, operation]) => ({ method: method.toUpperCase(), path: path.replace('/api/v1', ''), needs: operation['x-needs'] }))
    );
  });

  describe('the API', () => {
    it('every route names a need of the table', () => {
      expect(operations.length).toBeGreaterThan(170);
      for (const { method, path, needs } of operations) expect(Object.keys(MAY), `${method} ${path}`).toContain(needs);
      const named = Object.fromEntries(operations.map((o) => [`${o.method} ${o.path}`, o.needs]));
      expect(Object.fromEntries(Object.keys(PINNED).map((k) => [k, named[k]]))).toEqual(PINNED);
    });
    it('every route lets in whom it should and nobody else', async () => {
      const wrong: string[] = [];
      let asked = 0;
      for (const { method, path, needs } of operations) {
        // It answers for ever; signing out would end what the next ones are asked with; whoever is not let in there is not signed in.
        if (['/gauge', '/leave', '/enter'].includes(path)) continue;
        for (const who of ASKERS) {
          const url = path.replaceAll('{id}', '999999999');
          // A body that does not parse: whoever is let in is told so, and nothing is written.
          const { status } = await ask(method, url, { cookie: cookies.get(who), ...(method === 'GET' ? {} : { body: '{' }) });
          const may = MAY[needs].includes(who);
          const proposes = needs === 'lasts' && who === 'apprentice' && method !== 'GET';
          const right = may ? status !== 401 && status !== 403 : proposes ? [202, 400, 404].includes(status) : status === (who === 'nobody' ? 401 : 403);
          if (!right) wrong.push(`${method} ${path} (${needs}) by ${who}: ${status}`);
          asked++;
        }
      }
      expect(wrong).toEqual([]);
      expect(asked).toBeGreaterThan(850);
    });
    it('the gauge, which answers for ever, is for those who are signed in', async () => {
      expect((await ask('GET', '/gauge')).status).toBe(401);
      const stop = new AbortController();
      const response = await fetch(`${BASE}/api/v1/gauge`, { headers: { cookie: cookies.get('fitter')! }, signal: stop.signal });
      expect(response.status).toBe(200);
      stop.abort();
    });
  });

  describe('pages', () => {
    it('every page lets in whom it should and nobody else', async () => {
      const wrong: string[] = [];
      for (const [route, needs] of Object.entries(PAGE_NEEDS)) {
        const path = route.replace('[id]', '1').replace('[style]', 'bassoon').replace('[pair]', '1').replace('[token]', 'no-such-calendar');
        for (const who of ASKERS) {
          const { status } = await page(path, cookies.get(who));
          const right = MAY[needs].includes(who) ? ![401, 403, 500].includes(status) && (status !== 303 || who !== 'nobody') : status === (who === 'nobody' ? 303 : 403); // prettier-ignore
          if (!right) wrong.push(`${route} (${needs}) by ${who}: ${status}`);
        }
      }
      expect(wrong).toEqual([]);
    });
  });

  describe('health notes', () => {
    const STORY = 'fell from the fly floor, left metatarsal broken';
    let person = 0;
    beforeAll(async () => {
      const cookie = cookies.get('fitter')!;
      person = (await ask('POST', '/customers', { cookie, body: { name: 'Orlando Quiet', born: 1971, flags: ['numb'], story: STORY } })).body.id;
      const fitting = (await ask('POST', `/customers/${person}/fittings`, { cookie })).body.id;
      await ask('PATCH', `/fittings/${fitting}`, { cookie, body: { trouble: 'left side burns at night', flags: ['numb', 'diabetic'] } });
      await ask('POST', `/customers/${person}/looks`, { cookie, body: { on: '2026-01-03', found: ['nothing'] } });
      await ask('POST', `/customers/${person}/troubles`, {
        cookie,
        body: { on: '2026-01-03', symptom: 'heel-rub', side: 'left', note: 'tingles since autumn' }
      });
    });
    it('are shown to those who fit, and to others nowhere: not in lists, files, pages, changes, or what is due', async () => {
      const seen = async (who: Role) => {
        const cookie = cookies.get(who)!;
        const calls = [`/customers/${person}`, '/customers?search=orlando', `/customers/${person}/fittings`, `/customers/${person}/changes`, `/due?customer=${person}`]; // prettier-ignore
        const pages = [`/people/${person}`, '/people?search=orlando', `/people/${person}/pairs`, '/', '/keeping'];
        return [...(await Promise.all(calls.map((c) => ask('GET', c, { cookie })))), ...(await Promise.all(pages.map((p) => page(p, cookie))))].map((r) => JSON.stringify(r.body)).join('\n'); // prettier-ignore
      };
      const [fitter, apprentice, reader] = [await seen('fitter'), await seen('apprentice'), await seen('reader')];
      for (const word of ['metatarsal', 'diabetic', 'burns at night', 'tingles since']) expect(fitter.includes(word), word).toBe(true);
      for (const word of ['metatarsal', 'diabetic', 'tingles since']) expect(apprentice.includes(word), word).toBe(false);
      for (const word of ['metatarsal', 'diabetic', 'tingles since', 'burns at night']) expect(reader.includes(word), word).toBe(false);
      expect(apprentice.includes('Health notes are kept of this person')).toBe(true);
    });
    it('and find the person only for those who may read them', async () => {
      const total = async (who: Role, search: string) => (await ask('GET', `/customers?search=${search}`, { cookie: cookies.get(who)! })).body.total;
      expect([await total('fitter', 'metatarsal'), await total('apprentice', 'metatarsal'), await total('reader', 'metatarsal')]).toEqual([1, 0, 0]);
      expect(await total('apprentice', 'orlando%20quiet')).toBe(1);
    });
    it('an apprentice’s forms leave them as they are, and cannot write any', async () => {
      const cookie = cookies.get('apprentice')!;
      const { withheld, flags, version } = (await ask('GET', `/customers/${person}`, { cookie })).body;
      expect([withheld, flags]).toEqual([true, []]);
      expect((await ask('PATCH', `/customers/${person}`, { cookie, body: { work: 'fly crew', story: '', version } })).status).toBe(200);
      expect(await ask('PATCH', `/customers/${person}`, { cookie, body: { story: 'says he is well' } })).toMatchObject({ status: 403, body: { errors: [{ path: 'story' }] } }); // prettier-ignore
      expect((await ask('GET', `/customers/${person}`, { cookie: cookies.get('fitter') })).body).toMatchObject({ work: 'fly crew', story: STORY, flags: ['numb', 'diabetic'], withheld: false }); // prettier-ignore
    });
  });

  describe('an apprentice proposes, an owner decides', () => {
    const last = async () => (await ask('GET', '/lasts/plover', { cookie: cookies.get('owner') })).body.last;
    const proposals = async (who: Role) =>
      (await ask('GET', '/proposals', { cookie: cookies.get(who) })).body.proposals as { id: number; answer: string; by: string }[];
    it('a change to a last is kept as a proposal, judged like the change itself; taken over it is made, once', async () => {
      const { version, ...body } = await last();
      const cookie = cookies.get('apprentice');
      const asked = { last: { ...body, name: 'Plover, as re-measured' }, version };
      expect((await ask('PUT', '/lasts/plover', { cookie, body: { last: { ...body, family: 'no such family' } } })).status).toBe(422);
      const proposed = await ask('PUT', '/lasts/plover', { cookie, body: asked });
      expect([proposed.status, proposed.body.proposed]).toEqual([202, expect.any(Number)]);
      expect((await last()).name).not.toBe(asked.last.name);
      expect((await proposals('apprentice'))[0]).toMatchObject({ id: proposed.body.proposed, answer: '' });
      expect((await ask('POST', `/proposals/${proposed.body.proposed}`, { cookie: cookies.get('fitter'), body: { accept: true } })).status).toBe(403);
      expect((await ask('POST', `/proposals/${proposed.body.proposed}`, { cookie: cookies.get('owner'), body: { accept: true } })).status).toBe(200);
      expect((await last()).name).toBe(asked.last.name);
      expect((await ask('POST', `/proposals/${proposed.body.proposed}`, { cookie: cookies.get('owner'), body: { accept: true } })).status).toBe(409);
    });
    it('one that no longer fits what is there is refused when it is taken over, and goes on waiting', async () => {
      const { version, ...body } = await last();
      const { proposed } = (
        await ask('PUT', '/lasts/plover', { cookie: cookies.get('apprentice'), body: { last: { ...body, name: 'A later thought' }, version } })
      ).body;
      await ask('PUT', '/lasts/plover', { cookie: cookies.get('fitter'), body: { last: { ...body, name: 'Meanwhile' }, version } });
      expect((await ask('POST', `/proposals/${proposed}`, { cookie: cookies.get('owner'), body: { accept: true } })).status).toBe(409);
      expect((await last()).name).toBe('Meanwhile');
      expect((await proposals('owner')).find((p) => p.id === proposed)?.answer).toBe('');
      expect((await ask('POST', `/proposals/${proposed}`, { cookie: cookies.get('owner'), body: { accept: false } })).status).toBe(200);
    });
  });
});
