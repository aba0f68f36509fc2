import { readdirSync } from 'node:fs';
import { describe, expect, it, vi } from 'vitest';
import { pictureKind } from '../src/lib/api/picture-kind';
import { ownPath } from '../src/lib/own-path';
import { bareError } from '../src/lib/server/log';
import { accountSchema } from '../src/lib/api/door-schema';
import { NEEDS, ROLE_IDS, roleHas } from '../src/lib/roles';
import { guardHost } from '../src/lib/server/doors/host';
import { PAGE_NEEDS } from '../src/lib/server/doors/page-needs';
import { hashSecret, isSecret, newToken, seal, tokenHash, unseal } from '../src/lib/server/doors/secrets';
import { roleBy } from '../src/lib/server/doors/sessions';
import { during } from '../src/lib/server/watch/asking';
import { DEMO_OWNER, may, mayNow, type Who } from '../src/lib/server/doors/who';

describe('the door leads only into this application', () => {
  const origin = 'http://127.0.0.1:5150';
  it.each(['/people/1', '/sizes?x=1#y', '/fittings/3/ask'])('%s', (path) => expect(ownPath(path, origin)).toBe(path));
  it.each([
    null,
    '',
    '//elsewhere.example',
    '/\t/elsewhere.example',
    '/\n/elsewhere.example',
    '/\\elsewhere.example',
    '\\\\elsewhere.example',
    'http://elsewhere.example',
    'javascript:alert(1)',
    'data:text/html,x',
    '/\t\\elsewhere.example',
    'http://['
  ])('never to %j', (to) => {
    const path = ownPath(to, origin);
    expect(new URL(path, origin).origin).toBe(origin);
    expect(path).not.toContain('elsewhere.example/');
  });
  it('a tab in an address, as one is tricked into it', () =>
    expect(ownPath(new URL('http://x/enter?to=/%09/elsewhere.example').searchParams.get('to'), origin)).toBe('/'));
});

describe('the one table of who may do what', () => {
  it('each page of the application names what it needs, and nothing else is named', () => {
    const files = readdirSync(new URL('../src/routes', import.meta.url), { recursive: true }).map(String);
    const pages = files.filter((f) => f.endsWith('+page.svelte') || (f.endsWith('+server.ts') && !f.startsWith('api/v1')));
    expect(pages.map((f) => `/${f.replace(/\/?\+(page\.svelte|server\.ts)$/, '')}`).sort()).toEqual(Object.keys(PAGE_NEEDS).sort());
  });
  it('a role has what those below it have, and a token only what it names', () => {
    for (const { id, least, token } of NEEDS) {
      const has = [null, ...ROLE_IDS].filter((r) => roleHas(r, id));
      expect(has, id).toEqual(least === null ? [null, ...ROLE_IDS] : ROLE_IDS.slice(ROLE_IDS.indexOf(least)));
      const who: Who = { ...DEMO_OWNER, way: 'token', scopes: ['look'] };
      expect(may(who, id), id).toBe(least === null || id === 'look');
      // What only an owner has is carried by no token, but for watching.
      expect(token && least === 'owner', id).toBe(id === 'watch');
    }
  });
  it('what is read is what whoever asks may see, and work that nobody asked for sees all', () => {
    expect(mayNow('health')).toBe(true);
    const by = (who: Who | null, work: () => void) => during({ who, id: 'x', asker: 'x', read: null }, work);
    by({ ...DEMO_OWNER, role: 'apprentice' }, () => expect(mayNow('health')).toBe(false));
    by(null, () => expect(mayNow('look')).toBe(false));
    by(DEMO_OWNER, () => expect(mayNow('health')).toBe(true));
  });
  it('a PIN gives a fitter’s rights at most', () => {
    expect(ROLE_IDS.map((r) => roleBy('pin', r))).toEqual(['reader', 'apprentice', 'fitter', 'fitter']);
    expect(ROLE_IDS.map((r) => roleBy('password', r))).toEqual(ROLE_IDS);
  });
});

describe('what is kept of secrets', () => {
  it('a password is argon2id with a salt of its own, and opens by it alone, however its letters were composed', async () => {
    const [one, other] = await Promise.all([hashSecret('caf\u00e9 au lait'), hashSecret('caf\u00e9 au lait')]);
    expect(one).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
    expect(one).not.toBe(other);
    expect(await isSecret(one, 'cafe\u0301 au lait')).toBe(true);
    expect(await isSecret(one, 'cafe au lait')).toBe(false);
    expect(await isSecret('not a hash', 'x')).toBe(false);
  });
  it('a sealed secret opens with the shop’s key only, and not where a letter of it was changed', () => {
    vi.stubEnv('SHOP_SECRET', 'a'.repeat(40));
    const sealed = seal('JBSWY3DPEHPK3PXP');
    expect(sealed).not.toContain('JBSW');
    expect(unseal(sealed)).toBe('JBSWY3DPEHPK3PXP');
    expect(() => unseal(sealed.replace(/^./, (c) => (c === 'A' ? 'B' : 'A')))).toThrow();
    vi.stubEnv('SHOP_SECRET', 'b'.repeat(40));
    expect(() => unseal(sealed)).toThrow();
    vi.unstubAllEnvs();
  });
  it('tokens are long and of chance', () => {
    const tokens = Array.from({ length: 200 }, () => newToken());
    expect(new Set(tokens).size).toBe(200);
    expect(Math.min(...tokens.map((t) => t.length))).toBeGreaterThanOrEqual(43);
    expect(tokenHash(tokens[0])).toMatch(/^[0-9a-f]{64}$/);
  });
  it('a door open to the network wants the shop’s own key', () => {
    vi.stubEnv('HOST', '0.0.0.0');
    vi.stubEnv('SHOP_SECRET', 'short');
    expect(guardHost).toThrow(/set SHOP_SECRET/);
    vi.stubEnv('SHOP_SECRET', 'x'.repeat(32));
    expect(guardHost).not.toThrow();
    vi.stubEnv('HOST', '127.0.0.1');
    vi.stubEnv('SHOP_SECRET', '');
    expect(guardHost).not.toThrow();
    vi.unstubAllEnvs();
  });
});

describe('a password that is asked for', () => {
  const wrong = (password: string) =>
    accountSchema
      .safeParse({ name: 'Someone', role: 'fitter', password })
      .error?.issues.map((i) => i.message)
      .join() ?? '';
  it.each([
    ['short', /at least 10/],
    ['password12', /first that are guessed/],
    ['aaaaaaaaaaaa', /different characters/]
  ])('%s is refused in words', (password, why) => expect(wrong(password)).toMatch(why));
  it('a few words will do', () => expect(wrong('seven brass lasts')).toBe(''));
});

describe('a picture is what its first bytes are', () => {
  const base64 = (hex: string) => Buffer.concat([Buffer.from(hex, 'hex'), Buffer.alloc(20)]).toString('base64');
  it('jpeg, png, webp, and nothing else', () => {
    expect(pictureKind(base64('ffd8ffe0'))).toBe('image/jpeg');
    expect(pictureKind(base64('89504e470d0a1a0a'))).toBe('image/png');
    expect(pictureKind(base64('524946460000000057454250'))).toBe('image/webp');
    for (const other of [base64('47494638'), base64('3c736372697074'), 'us-w', '', '%%%%%%%%%%%%%%%%%%%%']) expect(pictureKind(other)).toBeNull();
  });
});

describe('the log', () => {
  it('keeps the kind, the number and the place of an error, never a name, a note, a measure or SQL', () => {
    const inner = Object.assign(
      new Error("(conn:4, no: 1406) Data too long for column 'note' sql: UPDATE fittings SET note='sore left toe of Anna' parameters:['Anna',251.5]"),
      {
        errno: 1406,
        code: 'ER_DATA_TOO_LONG',
        sqlState: '22001',
        sql: "UPDATE customers SET name='Anna'"
      }
    );
    const error = Object.assign(new Error(inner.message), { name: 'SequelizeDatabaseError', original: inner, parent: inner, sql: inner.sql, cause: inner });
    const text = JSON.stringify(bareError(error));
    expect(text).not.toMatch(/Anna|sore|251|UPDATE/);
    expect(bareError(error)).toMatchObject({
      type: 'SequelizeDatabaseError',
      code: 'ER_DATA_TOO_LONG',
      errno: 1406,
      stack: expect.arrayContaining([expect.stringContaining('at ')])
    });
    expect(JSON.stringify(bareError(new RangeError('“Anna” is not a size')))).not.toContain('Anna');
    expect(bareError(new TypeError("Cannot read properties of undefined (reading 'x')"))).toMatchObject({ message: expect.stringContaining('undefined') });
    expect(bareError('Anna')).toEqual({ type: 'string' });
  });
});
