import { describe, expect, it } from 'vitest';
import { ask, BASE, get, newFitting, post } from './client';

const example = {
  foot: { side: 'left', lengthMm: 250, ballWidthMm: 92, ballGirthMm: 230, toeShape: 'egyptian' },
  shoe: { kind: 'sneaker', insoleLengthMm: 262, toeShape: 'round', ballGirthMm: 232 },
  wear: { sockMm: 1, preference: 'regular', measuredAt: '09:30', wornAt: 'evening' }
};

describe('the contract', () => {
  it('GET /health really asks the database', async () => {
    expect(await get('/health')).toMatchObject({ status: 200, body: { status: 'ok', database: 'ok', version: expect.any(String) } });
  });
  it('GET /scales has every scale and school with its source', async () => {
    const { body } = await get('/scales');
    expect(body.length.map((s: { id: string }) => s.id)).toEqual(
      expect.arrayContaining(['us-m', 'us-w', 'us-youth', 'us-child', 'uk', 'uk-child', 'eu', 'mondo', 'jp', 'kr', 'cn', 'cn-old', 'au-boot'])
    );
    for (const scale of body.length)
      for (const school of scale.schools) expect(school).toMatchObject({ unitMm: expect.any(Number), zeroMm: expect.any(Number), source: expect.any(String) });
    expect(body.width.length).toBeGreaterThan(3);
  });
  it('POST /convert: a women’s 7.5 label read by three schools', async () => {
    const { status, body } = await post('/convert', { from: { scale: 'us-w', size: '7.5', school: 'label' }, to: ['us-m'] });
    expect(status).toBe(200);
    expect(body.footLength).toEqual({ mm: 237.07, lowMm: 234.95, highMm: 239.18 });
    expect(body.readings.map((r: { school: string; footMm: number; size: string }) => [r.school, r.footMm, r.size])).toEqual([
      ['label', 237.07, '6'],
      ['device', 241.3, '6.5'],
      ['stamped', 245, '6.5']
    ]);
    expect(body.disagreements).toMatchObject([{ scale: 'us-m', spreadMm: 7.93, spreadSizes: 0.5 }]);
  });
  it('POST /convert: a foot, with its deviation, in every scale', async () => {
    const { body } = await post('/convert', { foot: { lengthMm: 254, sdMm: 1.5 }, to: ['us-m', 'us-w', 'au-boot'] });
    expect(body.footLength).toEqual({ mm: 254, lowMm: 252.5, highMm: 255.5 });
    expect(body.readings.find((r: { scale: string; school: string }) => r.scale === 'us-m' && r.school === 'device').size).toBe('8');
    expect(body.readings.find((r: { scale: string }) => r.scale === 'au-boot')).toMatchObject({ wider: false });
  });
  it('POST /fit/check: the worked example, and what was assumed', async () => {
    const { status, body } = await post('/fit/check', example);
    expect(status).toBe(200);
    expect(body.zones[0]).toMatchObject({
      zone: 'toe-room',
      basis: 'inside',
      clearanceMm: 10.7,
      state: 'right',
      target: { a: 6, b: 9, c: 15, d: 20 },
      because: '262 - 250 = 12; sock 0.8; evening 0.5'
    });
    expect(body).toMatchObject({ verdict: 'fits', probability: expect.any(Number), decidedBy: expect.any(String) });
    expect(body.assumed).toContain('foot.ballLengthMm');
    expect(body.zones.map((z: { zone: string }) => z.zone)).toEqual(
      expect.arrayContaining(['toe-box-width', 'ball-girth', 'instep', 'heel-slip', 'flex-point'])
    );
  });
  it('POST /fit/check says which fields it does not read, and takes none that it does not know', async () => {
    const foot = { ...example.foot, shinLengthMm: 430, bigToeLengthMm: 48, toeTipsMm: [0, 4, 11, 20, 31] };
    const { body } = await post('/fit/check', { ...example, foot, shoe: { ...example.shoe, waistWidthMm: 66 } });
    expect(body.notRead).toEqual(['foot.bigToeLengthMm', 'foot.shinLengthMm', 'shoe.waistWidthMm']);
    const strange = await post('/fit/check', { ...example, foot: { ...example.foot, hatSize: 57 } });
    expect(strange).toMatchObject({ status: 422, body: { detail: expect.stringContaining('hatSize') } });
  });
  it('a deviation out of range is refused under its own name, whatever else is wrong with the foot', async () => {
    const foot = { side: 'left', lengthMm: -500, ballWidthMm: 90, sd: { ballWidthMm: 1e308 } };
    const answer = await ask('POST', '/fit/check', { foot, shoe: { kind: 'sneaker', insoleLengthMm: 260 } });
    expect(answer.status).toBe(422);
    expect(answer.body.errors.map((e: { path: string }) => e.path)).toContain('foot.sd.ballWidthMm');
  });
  it('a foot is sent the same to the fit and to a fitting', async () => {
    const { fitting } = await newFitting('One foot, two doors');
    const foot = { lengthMm: { mm: 251, typed: '25.1 cm', how: 'device' }, ballGirthMm: 232, toeShape: 'greek', bunionMm: 4 };
    expect((await ask('PUT', `/fittings/${fitting}/feet`, { left: foot, right: foot })).status).toBe(200);
    const { left } = (await get(`/fittings/${fitting}`)).body.feet;
    const sent = await post('/fit/check', { ...example, foot });
    const kept = await post('/fit/check', { ...example, foot: left });
    expect(kept.body).toEqual(sent.body);
  });
  it('what is told of the wearer reaches the fit: swelling widens the feet, and its caution is said', async () => {
    const asked = { feet: { left: { lengthMm: 264 }, right: { lengthMm: 265 } }, kinds: ['oxford'], limit: 1 };
    const girth = (body: { candidates: { left: { zones: { zone: string; clearanceMm: number }[] } }[] }) =>
      body.candidates[0].left.zones.find((z) => z.zone === 'ball-girth')!.clearanceMm;
    const [plain, swollen] = await Promise.all([post('/fit', { ...asked, limit: 200 }), post('/fit', { ...asked, limit: 200, flags: ['swollen'] })]);
    expect(plain.body.cautions).toEqual([]);
    expect(swollen.body.cautions.join(' ')).toContain('late in the day');
    const same = ({ style, size, width }: { style: { id: string }; size: string; width: string }) => `${style.id} ${size} ${width}`;
    const first = plain.body.candidates.find((c: never) => swollen.body.candidates.some((s: never) => same(s) === same(c)));
    const again = swollen.body.candidates.find((s: never) => same(s) === same(first));
    expect(girth({ candidates: [again] })).toBeLessThan(girth({ candidates: [first] }) - 1);
    const shoe = { kind: 'oxford', insoleLengthMm: 280, ballGirthMm: 245 };
    const [one, other] = await Promise.all([
      post('/fit/check', { foot: { lengthMm: 264 }, shoe }),
      post('/fit/check', { foot: { lengthMm: 264 }, shoe, flags: ['swollen'] })
    ]);
    const zone = (body: { zones: { zone: string; clearanceMm: number }[] }) => body.zones.find((z) => z.zone === 'ball-girth')!.clearanceMm;
    expect(zone(other.body)).toBeLessThan(zone(one.body) - 1);
  });
  it('POST /fit: both feet against the stockroom, best first', async () => {
    const { body } = await post('/fit', { feet: { left: { lengthMm: 264 }, right: { lengthMm: 265 } }, kinds: ['lace-boot', 'oxford'], limit: 4 });
    expect(body.candidates).toHaveLength(4);
    expect(body.considered).toBeGreaterThan(50);
    for (const c of body.candidates) {
      expect(['lace-boot', 'oxford']).toContain(c.style.kind);
      expect(c.left.zones.length).toBeGreaterThan(6);
    }
    const p = body.candidates.filter((c: { verdict: string }) => c.verdict === 'fits').map((c: { probability: number }) => c.probability);
    p.slice(1).forEach((v: number, i: number) => expect(v).toBeLessThanOrEqual(p[i] + 0.011));
  });
  it('GET /openapi.json and the page that shows it', async () => {
    expect((await get('/openapi.json')).body).toMatchObject({ openapi: '3.1.0' });
    const page = await fetch(`${BASE}/api/v1/docs`);
    expect(page.status).toBe(200);
    expect(await page.text()).toContain('/api/v1/fit/check');
  });
});

describe('bad input is answered with what and where', () => {
  const refused = async (path: string, body: unknown, status: number, where: string, words: RegExp) => {
    const answer = await post(path, body);
    expect(answer.status).toBe(status);
    expect(answer.type).toContain('application/problem+json');
    expect(answer.body).toMatchObject({ type: expect.any(String), title: expect.any(String), status, detail: expect.any(String) });
    if (where) expect(answer.body.errors.map((e: { path: string }) => e.path)).toContain(where);
    expect(JSON.stringify(answer.body)).toMatch(words);
  };
  it('a body of nonsense', () => refused('/convert', '{"from": ', 400, '', /does not parse/));
  it('an unknown scale, naming those there are', () => refused('/convert', { from: { scale: 'elf', size: '7' }, to: ['eu'] }, 422, 'from.scale', /us-m/));
  it('an unknown target scale', () => refused('/convert', { from: { scale: 'eu', size: '42' }, to: ['nope'] }, 422, 'to.0', /mondo/));
  it('letters in a size', () => refused('/convert', { from: { scale: 'eu', size: 'large' }, to: ['uk'] }, 422, 'from.size', /is not a size/));
  it('a size no foot could wear', () => refused('/convert', { from: { scale: 'us-m', size: '90' }, to: ['uk'] }, 422, 'from.size', /runs from 1 to 20/));
  it('neither a label nor a foot', () => refused('/convert', { to: ['uk'] }, 422, 'from', /either/));
  it('letters in a length', () => refused('/fit/check', { ...example, foot: { lengthMm: 'long' } }, 422, 'foot.lengthMm', /number/));
  it('inches sent as millimetres', () => refused('/fit/check', { ...example, foot: { lengthMm: 9.75 } }, 422, 'foot.lengthMm', /feet from 80 to 400 mm/));
  it('a width typed as a girth', () =>
    refused('/fit/check', { ...example, foot: { lengthMm: 250, ballGirthMm: 92 } }, 422, 'foot.ballGirthMm', /150 mm to 350 mm/));
  it('a shoe with no length', () => refused('/fit/check', { ...example, shoe: { kind: 'sneaker' } }, 422, 'shoe.insoleLengthMm', /number/));
  it('an unknown kind', () => refused('/fit/check', { ...example, shoe: { kind: 'clog', insoleLengthMm: 262 } }, 422, 'shoe.kind', /oxford/));
  it('a time that is none', () => refused('/fit/check', { ...example, wear: { wornAt: 'late' } }, 422, 'wear.wornAt', /HH:MM/));
  it('a body over 1 MiB', () => refused('/fit', `{"x":"${'y'.repeat(1_100_000)}"}`, 413, '', /1 MiB/));
  it('numbers that are none, arrays, nulls: never a 500', async () => {
    for (const body of ['null', '[]', '7', '"x"', '{}', '{"foot":null,"shoe":[]}', '{"feet":{"left":{"lengthMm":1e999}}}']) {
      for (const path of ['/convert', '/fit/check', '/fit', '/customers']) expect((await post(path, body)).status).toBeLessThan(500);
    }
  });
  it('a path or method that is not part of it', async () => {
    expect(await get('/nothing')).toMatchObject({ status: 404, body: { status: 404 } });
    expect(await ask('DELETE', '/convert')).toMatchObject({ status: 405 });
  });
});

describe('the door', () => {
  it('sets the security headers and a content policy without foreign sources', async () => {
    const page = await fetch(`${BASE}/`);
    const policy = page.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toMatch(/https?:|script-src[^;]*unsafe/);
    expect(page.headers.get('x-content-type-options')).toBe('nosniff');
    expect(page.headers.get('referrer-policy')).toBe('same-origin');
  });
  it('a page from elsewhere may not write', async () => {
    expect(await ask('POST', '/customers', { name: 'X' }, { origin: 'http://elsewhere.example' })).toMatchObject({ status: 403 });
  });
});
