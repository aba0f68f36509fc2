import { gunzipSync, gzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { gradeLast, type Last } from '../../core/src/last';
import { insoleLine, tremor } from '../../demo/lines';
import { tracedLine } from '../traced-line';
import { ask, BASE, get, newFitting, post, side } from './client';

const put = (path: string, body: unknown) => ask('PUT', path, body);
const remove = (path: string) => ask('DELETE', path);

describe('the outline of a foot', () => {
  const tracing = (outline: [number, number][], which = 'left') => ({ side: which, outline, source: 'svg', lengthSdMm: 0.8, widthSdMm: 0.8 });
  /** Toe room of either foot in one pair, as it was told when it was carried to the chair. */
  async function toeRooms(fitting: number): Promise<{ left: number; right: number }> {
    const { id } = (await post(`/fittings/${fitting}/tries`, { styleId: 'notary', size: '9', width: 'F' })).body;
    const { tries } = (await get(`/fittings/${fitting}`)).body as { tries: { id: number; told: Record<'left' | 'right', Record<string, { mm: number }>> }[] };
    const { told } = tries.find((t) => t.id === id)!;
    return { left: told.left['toe-room'].mm, right: told.right['toe-room'].mm };
  }
  it('is kept with the visit; the fit of that foot runs along the newest, and along the model when it is taken away', async () => {
    const { fitting } = await newFitting('Outlined');
    await put(`/fittings/${fitting}/feet`, { left: side(268), right: side(268) });
    expect((await get(`/fittings/${fitting}`)).body.outlines).toEqual({ left: null, right: null });
    const plain = await toeRooms(fitting);
    // Toes that stand together further out: the same length and width, less of it before a chiselled tip.
    const broad = tracedLine(268).map(([x, y]): [number, number] => [x, x > 225 ? y * 1.12 : y]);
    const first = (await post(`/fittings/${fitting}/tracings`, tracing(tracedLine(268)))).body.id as number;
    const second = (await post(`/fittings/${fitting}/tracings`, tracing(broad))).body.id as number;
    const { outlines } = (await get(`/fittings/${fitting}`)).body;
    expect(outlines.right).toBeNull();
    expect(Math.max(...outlines.left.map(([x]: [number, number]) => x))).toBeCloseTo(268, 0);
    const along = await toeRooms(fitting);
    expect(along.left).toBeLessThan(plain.left - 1);
    expect(along.right).toBeCloseTo(plain.right, 6);
    expect((await remove(`/tracings/${second}`)).status).toBe(200);
    expect((await toeRooms(fitting)).left).toBeGreaterThan(along.left + 1);
    expect((await remove(`/tracings/${first}`)).status).toBe(200);
    expect((await toeRooms(fitting)).left).toBeCloseTo(plain.left, 6);
    expect((await remove(`/tracings/${first}`)).status).toBe(404);
  });
  it.each<[string, [number, number][], RegExp]>([
    ['a dot', Array.from({ length: 9 }, () => [1, 2]), /mm long; feet are/],
    ['a square', [[0, 125], [125, 125], [250, 125], [250, 0], [250, -125], [125, -125], [0, -125], [0, 0]], /hundredths as wide as long/], // prettier-ignore
    ['a foot beside its own axis', tracedLine(250).map(([x, y]) => [x, y + 70]), /does not lie along its foot/]
  ])('%s is refused by its field', async (_what, outline, why) => {
    const { fitting } = await newFitting('Outlined badly');
    const { status, body } = await post(`/fittings/${fitting}/tracings`, tracing(outline));
    expect(status).toBe(422);
    expect(body.errors[0]).toMatchObject({ path: 'outline', message: expect.stringMatching(why) });
  });
});

describe('the scan of a foot', () => {
  const file = Buffer.from('solid foot\n'.repeat(400));
  const scanned = (packed: string, source = 'scan', name = 'foot.stl') => ({
    side: 'left', outline: tracedLine(262), source, lengthSdMm: 0.7, widthSdMm: 0.7, file: { name, packed }
  }); // prettier-ignore
  it('is kept with its outline and given back as it came; it goes with the outline', async () => {
    const { fitting, customer } = await newFitting('Scanned');
    const { status, body } = await post(`/fittings/${fitting}/tracings`, scanned(gzipSync(file).toString('base64'), 'scan', 'Füße & 足.stl'));
    expect(status).toBe(201);
    expect((await get(`/fittings/${fitting}/tracings`)).body.tracings).toMatchObject([{ id: body.id, source: 'scan', file: 'Füße & 足.stl' }]);
    const given = await fetch(`${BASE}/api/v1/tracings/${body.id}/scan`);
    expect(given.headers.get('content-disposition')).toContain(encodeURIComponent('Füße & 足.stl'));
    expect(Buffer.from(await given.arrayBuffer()).equals(file)).toBe(true);
    // Whoever asks for all that is kept of them gets it too.
    const everything = (await get(`/customers/${customer}/export`)).body;
    expect(gunzipSync(Buffer.from(everything.tracings[0].packed, 'base64')).equals(file)).toBe(true);
    expect((await remove(`/tracings/${body.id}`)).status).toBe(200);
    expect((await get(`/tracings/${body.id}/scan`)).status).toBe(404);
  });
  it.each([
    ['not packed', Buffer.from('solid foot').toString('base64'), 'scan', 'file.packed', /packed with gzip/],
    ['cut off', gzipSync(file).subarray(0, 40).toString('base64'), 'scan', 'file.packed', /cannot be unpacked/],
    ['no base64', 'H4sI***', 'scan', 'file.packed', /base64/],
    ['far too large once it is unpacked', gzipSync(Buffer.alloc(151_000_000)).toString('base64'), 'scan', 'file.packed', /more than 150 MB/],
    ['of a photograph', gzipSync(file).toString('base64'), 'photograph', 'file', /only a scan has a file/]
  ])('%s: refused by its field, and nothing is kept', async (_what, packed, source, path, why) => {
    const { fitting } = await newFitting('Scanned badly');
    const { status, body } = await post(`/fittings/${fitting}/tracings`, scanned(packed, source));
    expect(status).toBe(422);
    expect(body.errors[0]).toMatchObject({ path, message: expect.stringMatching(why) });
    expect((await get(`/fittings/${fitting}/tracings`)).body.tracings).toEqual([]);
  });
  it('an outline without a scan has none to give', async () => {
    const { fitting } = await newFitting('Unscanned');
    const { file: _none, ...plain } = scanned('', 'svg');
    const { id } = (await post(`/fittings/${fitting}/tracings`, plain)).body;
    expect((await get(`/tracings/${id}/scan`)).status).toBe(404);
  });
});

describe('the outline of a last', () => {
  it('comes out of traced readings, is taken over with the last, kept by a file without it, and refused where it is no insole’s', async () => {
    const { last } = (await get('/lasts/ledger')).body as { last: Last & { version: number } };
    const ids: number[] = [];
    for (const [k, who] of ['Ada', 'Bo', 'Ada'].entries()) {
      const inside = gradeLast(last, last.base.size + k, 0);
      const line = insoleLine({ ...inside, taperShiftMm: inside.taperShiftMm + 5 }, 200).points.map(([x, y]) => ({ x, y }));
      const outline = tremor(line, 0.3, 5, k)
        .filter((_, i) => i % 2 === 0)
        .map(({ x, y }) => [Math.round(100 * x) / 100, Math.round(100 * y) / 100]);
      const sent = await post('/lasts/ledger/readings', { size: last.base.size + k, width: last.base.width, side: 'right', who, takenOn: '2026-11-28', lengthMm: inside.insoleLengthMm, ballMm: inside.ballWidthMm, outline }); // prettier-ignore
      expect(sent.status).toBe(201);
      ids.push(sent.body.id);
    }
    const { estimate } = (await get('/lasts/ledger')).body;
    expect(estimate.last.outline).toMatchObject({ tracings: 3, hands: 2, forFootMm: last.base.forFootMm });
    const { version, ...was } = last;
    const taken = await put('/lasts/ledger', { last: { ...was, outline: estimate.last.outline }, version });
    expect(taken.status).toBe(200);
    expect((await get('/lasts/ledger')).body.last.outline).toEqual(estimate.last.outline);
    // A table of lasts has no column for it.
    const csv = await (await fetch(`${process.env.CHIAVE_URL}/api/v1/export/stock?format=lasts`)).text();
    const brought = await post('/import/stock', { kind: 'lasts', text: csv, dryRun: true });
    expect(brought.body).toMatchObject({ problems: [], changed: { lasts: 0 } });
    const bad = { ...estimate.last.outline, points: estimate.last.outline.points.map(([x, y]: [number, number]) => [x, y + 60]) };
    const refused = await put('/lasts/ledger', { last: { ...was, outline: bad } });
    expect(refused.status).toBe(422);
    expect(refused.body.errors[0].path).toMatch(/outline/);
    for (const id of ids) await remove(`/readings/${id}`);
    // Without its readings the line stays, until the last is told without one.
    expect((await get('/lasts/ledger')).body.estimate.last.outline).toEqual(estimate.last.outline);
    expect((await put('/lasts/ledger', { last: was })).status).toBe(200);
    expect((await get('/lasts/ledger')).body.last.outline).toBeUndefined();
  });
});
