import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { ask, BASE, get, post } from './client';

const DPI = 300;
const px = (mm: number) => Math.round((mm / 25.4) * DPI);

/** A PDF page as grey pixels, by Debian's pdftoppm. */
async function rasterised(response: Response): Promise<{ width: number; height: number; dark: (x: number, y: number) => boolean }> {
  expect(response.status).toBe(200);
  expect(response.headers.get('content-type')).toBe('application/pdf');
  const folder = mkdtempSync(join(tmpdir(), 'chiave-pdf-'));
  writeFileSync(join(folder, 'page.pdf'), new Uint8Array(await response.arrayBuffer()));
  const made = spawnSync('pdftoppm', ['-r', String(DPI), '-gray', '-singlefile', join(folder, 'page.pdf'), join(folder, 'page')]);
  expect(made.status).toBe(0);
  const data = readFileSync(join(folder, 'page.pgm'));
  rmSync(folder, { recursive: true });
  const header = /^P5\s+(\d+)\s+(\d+)\s+(\d+)\s/.exec(data.subarray(0, 40).toString('latin1'))!;
  const [width, height] = [Number(header[1]), Number(header[2])];
  const start = header[0].length;
  return { width, height, dark: (x, y) => data[start + y * width + x] < 140 };
}
/** Length of the dark run through a place, mm. */
function run(page: Awaited<ReturnType<typeof rasterised>>, xMm: number, yMm: number, way: 'across' | 'down'): number {
  const [x0, y0] = [px(xMm), px(yMm)];
  const at = (n: number) => (way === 'across' ? page.dark(x0 + n, y0) : page.dark(x0, y0 + n));
  expect(at(0)).toBe(true);
  let [low, high] = [0, 0];
  while (at(low - 1)) low--;
  while (at(high + 1)) high++;
  return ((high - low + 1) / DPI) * 25.4;
}

describe('what is printed is as long as it says', () => {
  it.each(['a4', 'letter'])('the gauge on %s: both check rulers are 100.0 mm, give or take 0.3', async (paper) => {
    const page = await rasterised(await fetch(`${BASE}/api/v1/sizes/gauge?paper=${paper}`));
    expect(Math.abs(page.width - (paper === 'a4' ? 2480 : 2550))).toBeLessThanOrEqual(1);
    // The rulers' own lines are 0.3 mm wide and their ends add a line's width.
    expect(Math.abs(run(page, 60, 34, 'across') - 100 - 0.15)).toBeLessThanOrEqual(0.3);
    expect(Math.abs(run(page, 12, 100, 'down') - 100 - 0.15)).toBeLessThanOrEqual(0.3);
    expect(Math.abs(run(page, 50, 112, 'across') - 50 - 0.3)).toBeLessThanOrEqual(0.3);
  });
  it('the gauge’s ticks stand where their millimetres are: 250 lies 250 mm over the heel line', async () => {
    const page = await rasterised(await fetch(`${BASE}/api/v1/sizes/gauge?paper=a4`));
    const heel = 297 - 14;
    let line = px(heel - 3);
    while (!page.dark(px(100), line)) line++;
    let tick = px(heel - 250.4);
    while (!page.dark(px(120 + 8), tick)) tick++;
    expect(Math.abs(((line - tick) / DPI) * 25.4 - 250)).toBeLessThanOrEqual(0.4);
  });
  it('the chart carries a check ruler of 100.0 mm', async () => {
    const response = await fetch(`${BASE}/api/v1/sizes/chart`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ columns: [{ scale: 'us-w' }, { scale: 'eu' }], fromMm: 220, toMm: 280, by: { stepMm: 5 }, format: 'pdf' })
    });
    const page = await rasterised(response);
    expect(Math.abs(run(page, 60, 297 - 15, 'across') - 100 - 0.15)).toBeLessThanOrEqual(0.3);
  });
  it('the answer card is a page, ruled at its top', async () => {
    const card = {
      title: 'US women 7.5 in continental',
      question: 'What size?',
      answer: '38',
      under: 'continental',
      parts: [{ heading: 'How it adds up', lines: [{ text: 'as a foot', figure: '237.1 mm', source: 'practice' }] }],
      reservations: ['Try it on.']
    };
    const response = await fetch(`${BASE}/api/v1/answers/card`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(card)
    });
    const page = await rasterised(response);
    // From margin to margin: 210 mm less 22 at either side.
    expect(Math.abs(run(page, 60, 16, 'across') - 166)).toBeLessThanOrEqual(1);
  });
});

describe('charts, strips and habits', () => {
  it('a chart as JSON, and its faults in words', async () => {
    const { body } = await post('/sizes/chart', { columns: [{ scale: 'uk' }], fromMm: 240, toMm: 260 });
    expect(body.rows).toHaveLength(5);
    expect(await post('/sizes/chart', { columns: [{ scale: 'uk' }], fromMm: 260, toMm: 240 })).toMatchObject({
      status: 422,
      body: { detail: expect.stringContaining('shorter to a longer') }
    });
    expect(await post('/sizes/chart', { columns: [], fromMm: 240, toMm: 260 })).toMatchObject({ status: 422, body: { errors: [{ path: 'columns' }] } });
    expect(await get('/sizes/gauge?paper=a0')).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'paper', message: expect.stringContaining('a4 and letter') }] }
    });
  });
  it('the shop’s strips are kept in their order', async () => {
    const before = (await get('/settings/strips')).body.strips;
    expect(before.length).toBeGreaterThan(5);
    expect((await ask('PUT', '/settings/strips', { strips: ['eu', 'us-w', 'jp'] })).status).toBe(200);
    expect((await get('/settings/strips')).body.strips).toEqual(['eu', 'us-w', 'jp']);
    expect(await ask('PUT', '/settings/strips', { strips: ['eu', 'eu'] })).toMatchObject({ status: 422, body: { errors: [{ message: 'each scale once' }] } });
    await ask('PUT', '/settings/strips', { strips: before });
  });
  it('reports of how a last runs stay by themselves, and go when taken away', async () => {
    const made = await post('/habits', { lastId: 'heron', evidence: 'fitters', offsetSizes: -0.5, variant: 'wide', madeYear: 2024, note: 'three fitters' });
    expect(made).toMatchObject({ status: 201, body: { habit: { lastId: 'heron', offsetSizes: -0.5, variant: 'wide', madeYear: 2024 } } });
    const { id } = made.body.habit;
    expect((await get('/habits')).body.habits.map((h: { id: number }) => h.id)).toContain(id);
    expect((await ask('DELETE', `/habits/${id}`)).status).toBe(200);
    expect((await ask('DELETE', `/habits/${id}`)).status).toBe(404);
    expect(await post('/habits', { lastId: 'nothing', evidence: 'fitters', offsetSizes: 0 })).toMatchObject({ status: 404 });
    expect(await post('/habits', { lastId: 'heron', evidence: 'fitters', offsetSizes: 'half' })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'offsetSizes', message: expect.stringContaining('0.5 for half a size long') }] }
    });
  });
  it('a maker’s own scale is kept, laid along the rule, and taken away; one that could hold no foot is refused', async () => {
    const scale = {
      makerId: 'ottavina',
      name: 'pointe, own',
      unitMm: 5,
      knownSize: 5,
      knownFootMm: 235,
      cut: 'half',
      from: 1,
      to: 9,
      forWhom: 'women',
      widths: { names: ['1x', '2x', '3x'], firstMm: 76, stepMm: 3 }
    };
    const { status, body } = await post('/maker-scales', scale);
    expect(status).toBe(201);
    const kept = (await get('/maker-scales')).body.scales.find((m: { id: number }) => m.id === body.id);
    expect(kept).toMatchObject({ maker: 'Ottavina', definition: { unitMm: 5, widths: { stepMm: 3 } } });
    expect((await ask('PUT', '/settings/strips', { strips: ['eu', `maker-${body.id}`] })).status).toBe(200);
    expect(await post('/maker-scales', { ...scale, knownFootMm: 390 })).toMatchObject({
      status: 422,
      body: { detail: expect.stringContaining('check the unit') }
    });
    expect(await post('/maker-scales', { ...scale, unitMm: 'long' })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'unitMm', message: 'one size in mm' }] }
    });
    expect(await post('/maker-scales', { ...scale, makerId: 'nobody' })).toMatchObject({ status: 404 });
    // It converts, both ways, and stands in charts; one that nobody kept is named.
    const there = await post('/convert', { from: { scale: 'mondo', size: '240' }, to: [`maker-${body.id}`] });
    expect(there.body.readings).toMatchObject([{ scale: `maker-${body.id}`, size: '6', remainderMm: 0 }]);
    const back = await post('/convert', { from: { scale: `maker-${body.id}`, size: '6' }, to: ['mondo', 'eu-third'] });
    expect(back.body.footLength).toEqual({ mm: 240, lowMm: 238.75, highMm: 241.25 });
    const chart = await post('/sizes/chart', { columns: [{ scale: `maker-${body.id}` }, { scale: 'eu-half' }], fromMm: 235, toMm: 240 });
    expect(chart.body.rows.map((r: { cells: { label: string }[] }) => r.cells.map((c) => c.label))).toEqual([
      ['5', '38'],
      ['6', '38.5']
    ]);
    expect(await post('/convert', { foot: { lengthMm: 240 }, to: ['maker-999'] })).toMatchObject({
      status: 422,
      body: { errors: [{ path: 'scale', message: expect.stringContaining(`a maker’s own are maker-`) }] }
    });
    expect((await ask('DELETE', `/maker-scales/${body.id}`)).status).toBe(200);
    // The strip of a scale that is gone does no harm.
    expect((await fetch(`${BASE}/sizes`)).status).toBe(200);
    await ask('PUT', '/settings/strips', { strips: ['us-w', 'us-m', 'us-youth', 'us-child', 'uk', 'uk-child', 'eu', 'mondo', 'jp', 'kr', 'cn', 'au-boot'] });
  });
});
