import { describe, expect, it } from 'vitest';
import { ask, get, post } from './client';

const put = (path: string, body: unknown) => ask('PUT', path, body);
const patch = (path: string, body: unknown) => ask('PATCH', path, body);
const del = (path: string) => ask('DELETE', path);

const plan = (more: object = {}) => ({
  segments: [{ name: 'vows', minutes: 35, doing: 'standing', ground: 'lawn-clay-moist' }],
  pairs: [
    { name: 'Block 52', heelHeightMm: 52, platformMm: 0, heel: 'block', hold: 'strap', capMm: null, sole: 'leather', formality: 3, hoursWorn: 12, ballRoomMm: 0, toeRoomMm: 9, owned: true } // prettier-ignore
  ],
  fromStock: false,
  longSkirt: true,
  hem: true,
  comfort: 1,
  risk: 1,
  look: 1,
  statureMm: 1640,
  withPartner: false,
  partnerMm: 1750,
  partnerHeelMm: 20,
  leastTallerMm: 30,
  mostTallerMm: 80,
  event: '2027-06-12',
  deliveryDays: 10,
  returnDays: 14,
  ...more
});
const person = async (): Promise<number> => (await post('/customers', { name: 'Occasional', born: 1990 })).body.id;

describe('occasions kept with a person', () => {
  it('are kept, listed newest first, changed with the version that was seen, and taken away', async () => {
    const id = await person();
    const first = await post(`/customers/${id}/occasions`, { name: 'gala', plan: plan() });
    expect(first).toMatchObject({ status: 201, body: { version: 0 } });
    await post(`/customers/${id}/occasions`, { name: 'premiere', plan: plan({ event: '' }) });
    const listed = (await get(`/customers/${id}/occasions`)).body.occasions as { name: string; plan: object }[];
    expect(listed.map((o) => o.name)).toEqual(['premiere', 'gala']);
    expect(listed[1].plan).toMatchObject({ event: '2027-06-12', segments: [{ name: 'vows', ground: 'lawn-clay-moist' }] });
    const changed = await put(`/occasions/${first.body.id}`, { name: 'gala, indoors', plan: plan({ look: 2 }), version: 0 });
    expect(changed).toMatchObject({ status: 200, body: { version: 1 } });
    expect(await put(`/occasions/${first.body.id}`, { name: 'too late', plan: plan(), version: 0 })).toMatchObject({ status: 409 });
    expect((await del(`/occasions/${first.body.id}`)).status).toBe(200);
    expect((await del(`/occasions/${first.body.id}`)).status).toBe(404);
    expect((await get(`/customers/${id}/occasions`)).body.occasions).toHaveLength(1);
  });
  it('name the field that is wrong', async () => {
    const id = await person();
    const bad = async (body: object) => (await post(`/customers/${id}/occasions`, body)).body.errors?.[0]?.path;
    expect(await bad({ name: '', plan: plan() })).toBe('name');
    expect(await bad({ name: 'x', plan: plan({ event: 'in June' }) })).toBe('plan.event');
    expect(await bad({ name: 'x', plan: plan({ segments: [{ minutes: 5, doing: 'flying', ground: 'oak' }] }) })).toBe('plan.segments.0.doing');
    expect(await bad({ name: 'x', plan: plan({ pairs: [{ ...plan().pairs[0], heelHeightMm: 500 }] }) })).toBe('plan.pairs.0.heelHeightMm');
    expect((await post('/customers/999999/occasions', { name: 'x', plan: plan() })).status).toBe(404);
  });
  it('go when the person is erased, and nothing more is kept with them', async () => {
    const id = await person();
    const kept = await post(`/customers/${id}/occasions`, { name: 'gala', plan: plan() });
    await del(`/customers/${id}`);
    expect((await put(`/occasions/${kept.body.id}`, { name: 'gala', plan: plan() })).status).toBe(404);
    expect((await post(`/customers/${id}/occasions`, { name: 'gala', plan: plan() })).status).toBe(410);
  });
});

describe('how a heel is made', () => {
  it('is kept with a style by attribute; a height quoted in two units that cannot both be is told', async () => {
    const was = (await get('/styles/lakeside-85')).body;
    const change = (details: object) => patch('/styles', { changes: [{ id: 'lakeside-85', set: { details } }] });
    expect(await change({ tipWidthMm: 11.5, archLine: 'curved' })).toMatchObject({ status: 200 });
    expect((await get('/styles/lakeside-85')).body.details).toMatchObject({ tipWidthMm: 11.5, archLine: 'curved', heelShape: was.details.heelShape });
    const slip = await change({ throatLineMm: '190 mm, 6.5 in' });
    expect(slip.status).toBe(422);
    expect(slip.body.errors[0]).toMatchObject({ path: 'changes.0.set.details.throatLineMm', message: expect.stringMatching(/24\.9 mm apart/) });
    expect((await change({ heelShape: 'curly' })).body.errors[0].path).toBe('changes.0.set.details.heelShape');
    await change({ tipWidthMm: was.details.tipWidthMm, archLine: was.details.archLine });
  });
});

describe('tips and caps in the drawer', () => {
  it('are kept for the shop, and a width that cannot be names its place', async () => {
    const was = (await get('/settings/tips')).body;
    const kept = { tips: [{ diameterMm: 8 }, { diameterMm: 9, pinBoreMm: 2.5 }], caps: [7.5] };
    expect(await put('/settings/tips', kept)).toMatchObject({ status: 200, body: { saved: true } });
    expect((await get('/settings/tips')).body).toEqual(kept);
    expect((await put('/settings/tips', { tips: [{ diameterMm: 900 }], caps: [] })).body.errors[0].path).toBe('tips.0.diameterMm');
    await put('/settings/tips', was);
  });
});

describe('heels alike in the stockroom', () => {
  it('are told the most alike first, each with its style and how far apart it is', async () => {
    const { status, body } = await post('/heel/alike', { shoe: { heelHeightMm: 72, heelShape: 'block', hold: 'strap' }, lengthMm: 238, most: 5 });
    expect(status).toBe(200);
    expect(body.heels).toHaveLength(5);
    const apart = body.heels.map((h: { apart: number }) => h.apart);
    expect(apart).toEqual([...apart].sort((a: number, b: number) => a - b));
    // The nearest is asked about by its own figures: it is no step from itself.
    const [nearest] = body.heels;
    const again = await post('/heel/alike', { shoe: nearest.shoe, lengthMm: 238, most: 1 });
    expect(again.body.heels[0].apart).toBe(0);
    expect((await post('/heel/alike', { shoe: { heelHeightMm: 40, platformMm: 60 } })).body.errors[0].path).toBe('shoe.platformMm');
  });
});
