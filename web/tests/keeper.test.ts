// @vitest-environment node
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Desk } from '../src/lib/ui/fitting/desk.svelte';
import { Keeper, send } from '../src/lib/send/save.svelte';
import type { FittingRow } from '../src/lib/api/rows';

/** A browser's store and a server that answers as told. */
const store = new Map<string, string>();
let answers: { status: number; body?: unknown }[] = [];
let sent: { method: string; url: string; body: unknown }[] = [];
/** Key of each request sent. */
let keys: (string | undefined)[] = [];

beforeEach(() => {
  vi.useFakeTimers();
  store.clear();
  answers = [];
  sent = [];
  keys = [];
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => store.get(key) ?? null,
    setItem: (key: string, value: string) => void store.set(key, value),
    removeItem: (key: string) => void store.delete(key)
  });
  vi.stubGlobal('fetch', async (url: string, init: { method: string; body?: string; headers: Record<string, string> }) => {
    keys.push(init.headers['idempotency-key']);
    sent.push({ url, method: init.method, body: init.body ? JSON.parse(init.body) : undefined });
    const { status, body } = answers.shift() ?? { status: 200 };
    if (status === 0) throw new TypeError('failed to fetch');
    return new Response(JSON.stringify(body ?? {}), { status });
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('saving behind the typing', () => {
  it('waits for a pause, sends the last body once, and forgets the draft when the server has it', async () => {
    const keeper = new Keeper('/x', 'PATCH', 'draft');
    for (const n of [1, 2, 3]) keeper.later({ n });
    expect(keeper.state).toBe('typing');
    expect(keeper.draft()).toEqual({ n: 3 });
    await vi.advanceTimersByTimeAsync(600);
    expect(sent).toEqual([{ url: '/x', method: 'PATCH', body: { n: 3 } }]);
    expect(keeper.state).toBe('saved');
    expect(keeper.draft()).toBeNull();
  });
  it('keeps the draft and tries again while the database is away', async () => {
    const keeper = new Keeper('/x', 'PUT', 'draft');
    answers = [{ status: 503, body: { detail: 'Nothing was saved.' } }, { status: 0 }, { status: 200 }];
    keeper.later({ n: 1 });
    await vi.advanceTimersByTimeAsync(600);
    expect([keeper.state, keeper.message]).toEqual(['waiting', 'Nothing was saved.']);
    expect(keeper.draft()).toEqual({ n: 1 });
    await vi.advanceTimersByTimeAsync(3100);
    expect(keeper.state).toBe('waiting');
    await vi.advanceTimersByTimeAsync(3100);
    expect(keeper.state).toBe('saved');
    expect(sent).toHaveLength(3);
  });
  it('asks again with the same key, takes another for another body, and none to read', async () => {
    const keeper = new Keeper('/keyed', 'PUT');
    answers = [{ status: 0 }, { status: 503 }, { status: 200 }];
    keeper.later({ n: 1 });
    await vi.advanceTimersByTimeAsync(7000);
    expect(keeper.state).toBe('saved');
    expect(keys[0]).toMatch(/^[0-9a-f]{32}$/);
    expect(new Set(keys).size).toBe(1);
    await send('/keyed', 'PUT', { n: 1 });
    expect(keys[3]).not.toBe(keys[0]);
    await send('/keyed', 'GET');
    expect(keys[4]).toBeUndefined();
  });
  it('a save whose answer was lost is settled before anything newer goes, so that its own change is no stranger’s', async () => {
    const keeper = new Keeper('/settled', 'PUT', 'draft');
    keeper.version = 3;
    answers = [{ status: 0 }, { status: 200, body: { version: 4 } }, { status: 200, body: { version: 5 } }];
    keeper.later({ n: 1 });
    await vi.advanceTimersByTimeAsync(600);
    keeper.later({ n: 2 });
    await vi.advanceTimersByTimeAsync(600);
    expect(sent.map((s) => s.body)).toEqual([
      { n: 1, version: 3 },
      { n: 1, version: 3 },
      { n: 2, version: 4 }
    ]);
    expect(keys[1]).toBe(keys[0]);
    expect(keeper.state).toBe('saved');
    expect(keeper.draft()).toBeNull();
  });
  it('of an erased person nothing is kept in the browser either', async () => {
    const keeper = new Keeper('/erased', 'PATCH', 'draft');
    answers = [{ status: 410, body: { detail: 'The person was erased on request.' } }];
    keeper.later({ note: 'theirs' });
    await vi.advanceTimersByTimeAsync(600);
    expect([keeper.state, keeper.message]).toEqual(['refused', 'The person was erased on request.']);
    expect(keeper.draft()).toBeNull();
  });
  it('what the server refuses is not sent again by itself, and says which field', async () => {
    const keeper = new Keeper('/x', 'PUT');
    answers = [{ status: 422, body: { detail: 'born: in the future', errors: [{ path: 'born', message: 'in the future' }] } }];
    keeper.later({ born: 3000 });
    await vi.advanceTimersByTimeAsync(20_000);
    expect([keeper.state, keeper.errors]).toEqual(['refused', [{ path: 'born', message: 'in the future' }]]);
    expect(sent).toHaveLength(1);
  });
  it('what is typed while a save is under way goes after it', async () => {
    const quick = fetch;
    vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
      const answer = await quick(url, init);
      await new Promise((done) => setTimeout(done, 300));
      return answer;
    });
    const keeper = new Keeper('/x', 'PUT', 'draft');
    keeper.later({ n: 1 });
    await vi.advanceTimersByTimeAsync(600);
    expect(keeper.state).toBe('saving');
    keeper.later({ n: 2 });
    await vi.advanceTimersByTimeAsync(2000);
    expect(sent.map((s) => s.body)).toEqual([{ n: 1 }, { n: 2 }]);
    expect(keeper.draft()).toBeNull();
  });
  it('an answer that is no JSON, and none at all, are told and never thrown', async () => {
    vi.stubGlobal('fetch', async () => new Response('<html>', { status: 502 }));
    expect(await send('/x', 'POST', {})).toMatchObject({ ok: false, again: true });
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('offline');
    });
    expect(await send('/x', 'POST', {})).toMatchObject({ ok: false, again: true, detail: expect.stringContaining('still here') });
  });
});

const side = () => ({
  values: {},
  toeShape: null,
  archType: null,
  bunionMm: null,
  hammerToeMm: null,
  hammerToe: null,
  ankleReachDeg: null,
  posture: null,
  print: null
});
// prettier-ignore
const customer = (): FittingRow['customer'] => ({ id: 1, name: 'A', born: null, bornMonth: null, work: '', story: null, fitsAs: 'women', flags: [], version: 0, consentAt: null, consentNote: '', erasedAt: null, consents: { fitting: null, health: null, photos: null, reminders: null }, guardian: '', withheld: false });
// prettier-ignore
const fitting = (): FittingRow => ({
  id: 7, openedAt: '', updatedAt: '', purpose: '', kinds: [], sockMm: 0, insertMm: 0, preference: 'regular', ground: '', measuredAt: '', wornAt: '', breakIn: 'now', roomSchool: 'middle', betweenSchool: 'middle', shopTargets: null, shopInstruments: [], shopPulls: [],
  population: 'general', wearingNow: '', trouble: '', looked: {}, note: '', feet: { left: side(), right: side() }, tries: [],
  version: 0, feetVersion: 0, measuredLoad: 'standing', measuredSockMm: 0, measuredWarm: false, wornWarm: false, weightKg: null, feetWeightKg: null, stateOff: [], outlines: { left: null, right: null }, bouts: [], use: { uses: [], answers: {}, schools: {}, looks: {} },
  customer: customer()
});

describe('two savers of one thing', () => {
  const clash = { status: 409, body: { detail: 'Someone else has saved these feet.', errors: [{ path: 'version', message: '5' }] } };
  it('sends the version seen and takes up the one that comes back', async () => {
    const keeper = new Keeper('/x', 'PUT', 'draft');
    keeper.version = 3;
    answers = [{ status: 200, body: { version: 4 } }];
    keeper.later({ n: 1 });
    await vi.advanceTimersByTimeAsync(600);
    expect(sent[0].body).toEqual({ n: 1, version: 3 });
    expect(keeper.version).toBe(4);
  });
  it('a conflict waits for a choice, keeps the draft, and is not tried again by itself', async () => {
    const keeper = new Keeper('/x', 'PUT', 'draft');
    keeper.version = 3;
    answers = [clash];
    keeper.later({ n: 1 });
    await vi.advanceTimersByTimeAsync(20_000);
    expect(keeper.state).toBe('conflict');
    expect(keeper.draft()).toEqual({ n: 1 });
    expect(sent).toHaveLength(1);
  });
  it('mine goes over theirs by their version; theirs lets go of mine', async () => {
    const mine = new Keeper('/x', 'PUT', 'draft');
    mine.version = 3;
    answers = [clash, { status: 200, body: { version: 6 } }];
    mine.later({ n: 1 });
    await vi.advanceTimersByTimeAsync(600);
    await mine.overwrite(5);
    expect(sent[1].body).toEqual({ n: 1, version: 5 });
    expect([mine.state, mine.version, mine.draft()]).toEqual(['saved', 6, null]);
    const theirs = new Keeper('/x', 'PUT', 'draft');
    theirs.version = 3;
    answers = [clash];
    theirs.later({ n: 2 });
    await vi.advanceTimersByTimeAsync(600);
    theirs.drop();
    expect([theirs.state, theirs.draft()]).toEqual(['saved', null]);
  });
});

describe('the desk of a fitting', () => {
  it('shows at once what is typed and sends only what changed', async () => {
    const desk = new Desk(fitting());
    desk.patch({ purpose: 'a ball' });
    desk.patch({ sockMm: 0.3, flags: ['numb'] });
    expect([desk.fitting.purpose, desk.fitting.customer.flags]).toEqual(['a ball', ['numb']]);
    await vi.advanceTimersByTimeAsync(600);
    expect(sent[0].body).toEqual({ purpose: 'a ball', sockMm: 0.3, flags: ['numb'], version: 0 });
    desk.patch({ note: 'x' });
    await vi.advanceTimersByTimeAsync(600);
    expect(sent[1].body).toEqual({ note: 'x', version: 0 });
  });
  it('saves what can be read, and holds text that cannot in this browser until it is mended', async () => {
    const desk = new Desk(fitting());
    desk.type('left', 'lengthMm', '24.8', 'cm');
    desk.type('left', 'ballGirthMm', 'wide', 'cm');
    await vi.advanceTimersByTimeAsync(600);
    expect(sent.at(-1)!.body).toMatchObject({ left: { lengthMm: { mm: 248, typed: '24.8 cm' } } });
    const again = new Desk(fitting());
    again.restore();
    expect(again.entries.left).toEqual({ lengthMm: '24.8 cm', ballGirthMm: 'wide' });
    expect(again.restored).toBe(true);
    again.type('left', 'ballGirthMm', '23 cm', 'cm');
    await vi.advanceTimersByTimeAsync(600);
    const last = new Desk(fitting());
    last.restore();
    expect(last.restored).toBe(false);
  });
  it('one key press reads the field it was pressed in, and no other', async () => {
    const desk = new Desk(fitting());
    desk.type('left', 'lengthMm', '250', 'mm');
    desk.type('left', 'ballWidthMm', '93', 'mm');
    desk.type('left', 'instepGirthMm', '240', 'mm');
    const before = desk.fitting.feet.left.values.instepGirthMm;
    desk.type('left', 'ballWidthMm', '94', 'mm');
    expect(desk.fitting.feet.left.values.ballWidthMm!.mm).toBe(94);
    expect(desk.fitting.feet.left.values.instepGirthMm).toBe(before);
  });
  it('another length judges the other measures anew, those that were refused as well', async () => {
    const desk = new Desk(fitting());
    desk.type('left', 'lengthMm', '150', 'mm');
    desk.type('left', 'ballGirthMm', '300', 'mm');
    expect(desk.fitting.feet.left.values.ballGirthMm).toBeUndefined();
    desk.type('left', 'lengthMm', '290', 'mm');
    expect(desk.fitting.feet.left.values.ballGirthMm!.mm).toBe(300);
    desk.type('left', 'lengthMm', '150', 'mm');
    expect(desk.fitting.feet.left.values.ballGirthMm).toBeUndefined();
    expect(desk.entries.left.ballGirthMm).toBe('300');
  });
  it('starts from an earlier visit without touching it', () => {
    const desk = new Desk(fitting());
    const earlier = {
      left: {
        ...side(),
        values: { lengthMm: { mm: 240, typed: '240 mm', how: 'tape' as const, at: null, by: '', under: 'standing' as const, sockMm: 0, readings: [] } }
      },
      right: side()
    };
    desk.startFrom(earlier);
    desk.type('left', 'lengthMm', '241', 'mm');
    expect(earlier.left.values.lengthMm.mm).toBe(240);
    expect(desk.fitting.feet.left.values.lengthMm?.mm).toBe(241);
  });
});
