import { beforeEach, afterEach, describe, expect, it, vi } from 'vitest';
import { pictureKind } from '../src/lib/api/picture-kind';
import { ownPath } from '../src/lib/own-path';
import { bareError } from '../src/lib/server/log';
import { guardHost, LEAST_PASSCODE, tryPasscode } from '../src/lib/server/passcode';

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

describe('the passcode', () => {
  beforeEach(() => {
    vi.stubEnv('SHOP_PASSCODE', 'lakeside');
    vi.stubEnv('HOST', '0.0.0.0');
  });
  afterEach(() => vi.unstubAllEnvs());
  it('has enough letters, or the application does not begin', () => {
    expect(guardHost).not.toThrow();
    vi.stubEnv('SHOP_PASSCODE', 'x'.repeat(LEAST_PASSCODE - 1));
    expect(guardHost).toThrow(/too short/);
  });
  it('is guessed at by no crowd of addresses, and a right one waits with the rest', () => {
    const now = 5_000_000;
    const answers = Array.from({ length: 80 }, (_, i) => tryPasscode('guess', `10.1.${i}.1`, now));
    expect(answers.filter((a) => a === 'wrong')).toHaveLength(50);
    expect(tryPasscode('lakeside', '10.2.0.1', now + 1000)).toBe('wait');
    expect(tryPasscode('lakeside', '10.2.0.1', now + 60_001)).toBe('right');
  });
  it('a clock that is set back locks nobody out: tries are counted on one that only goes forward', () => {
    vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-06-01') });
    expect(tryPasscode('lakeside', '10.3.0.1')).toBe('right');
    vi.setSystemTime(new Date('2020-01-01'));
    for (let i = 0; i < 5; i++) tryPasscode('guess', '10.3.0.2');
    expect(tryPasscode('lakeside', '10.3.0.1')).toBe('right');
    vi.useRealTimers();
  });
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
