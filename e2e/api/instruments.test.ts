import { describe, expect, it } from 'vitest';
import { ask, get, newFitting, post } from './client';

const put = (path: string, body: unknown) => ask('PUT', path, body);
const now = () => new Date().toISOString();
type How = 'tape' | 'scan' | 'device' | 'stated';
/** A foot as it is sent, one of its measures taken in a way. */
const value = (mm: number, how: How, more: object = {}) => ({ mm, typed: `${mm} mm`, how, at: now(), by: 'Pia L.', ...more });
const foot = (values: object) => ({ ...values, toeShape: null, archType: null, bunionMm: null, hammerToeMm: null, hammerToe: null, ankleReachDeg: null });
interface Row {
  measure: string;
  how: string;
  against: string;
  pairs: { person: number; d: number; by: string }[];
  agreement: { says: string; biasMm: number; sdMm: number };
  drift: { foundAt: number | null; way: string | null };
  correction: { biasMm: number; by: string } | null;
}
const rows = async (measure: string, how: string, against = 'tape'): Promise<Row | undefined> =>
  ((await get('/agreement')).body.agreements as Row[]).find((a) => a.measure === measure && a.how === how && a.against === against);
/** A person whose left foot a tape read, and then another instrument. @param first what the tape says */
async function readTwice(measure: string, first: number, second: number, how: How = 'scan'): Promise<{ fitting: number; customer: number }> {
  const visit = await newFitting('Read twice');
  const length = measure === 'lengthMm' ? {} : { lengthMm: value(250, 'tape') };
  await put(`/fittings/${visit.fitting}/feet`, { left: foot({ ...length, [measure]: value(first, 'tape') }), right: foot({}) });
  await put(`/fittings/${visit.fitting}/feet`, { left: foot({ ...length, [measure]: value(second, how) }), right: foot({}) });
  return visit;
}

describe('instruments held against each other', () => {
  it('a value that another instrument writes over is kept to be held against it; the foot has the last one', async () => {
    const { customer, fitting } = await readTwice('heelWidthMm', 62, 63.5);
    const own = (await rows('heelWidthMm', 'scan'))!.pairs.find((p) => p.person === customer)!;
    expect(own).toMatchObject({ d: 1.5, by: 'Pia L.' });
    expect((await get(`/fittings/${fitting}`)).body.feet.left.heelWidthMm).toMatchObject({ mm: 63.5, how: 'scan' });
    const { instrumentReadings } = (await get(`/customers/${customer}/export`)).body;
    expect(
      instrumentReadings
        .filter((r: { field: string }) => r.field === 'heelWidthMm')
        .map((r: { how: string }) => r.how)
        .sort()
    ).toEqual(['scan', 'tape']);
    expect((await ask('DELETE', `/customers/${customer}`)).status).toBe(200);
    expect((await rows('heelWidthMm', 'scan'))?.pairs.some((p) => p.person === customer) ?? false).toBe(false);
  });
  it('what was mistyped and mended, was told, or came with feet of an earlier visit, is held against nothing', async () => {
    const { customer, fitting } = await readTwice('toeHeightMm', 92, 24, 'tape');
    await put(`/fittings/${fitting}/feet`, { left: foot({ lengthMm: value(250, 'tape'), toeHeightMm: value(25, 'stated') }), right: foot({}) });
    const old = new Date(Date.now() - 40 * 86_400_000).toISOString();
    await put(`/fittings/${fitting}/feet`, { left: foot({ lengthMm: value(250, 'tape'), toeHeightMm: value(21, 'scan', { at: old }) }), right: foot({}) });
    for (const how of ['scan', 'device'] as const) expect((await rows('toeHeightMm', how))?.pairs.some((p) => p.person === customer) ?? false).toBe(false);
  });
  it('a value that was cleared was no reading; one whose state is told otherwise is held against others in that state', async () => {
    const { customer, fitting } = await readTwice('instepGirthMm', 240, 246);
    const seated = { under: 'seated' };
    await put(`/fittings/${fitting}/feet`, { left: foot({ lengthMm: value(250, 'tape'), instepGirthMm: value(246, 'scan', seated) }), right: foot({}) });
    const own = async () => (await rows('instepGirthMm', 'scan'))?.pairs.some((p) => p.person === customer) ?? false;
    expect(await own()).toBe(false);
    await put(`/fittings/${fitting}/feet`, { left: foot({ lengthMm: value(250, 'tape'), instepGirthMm: value(246, 'scan') }), right: foot({}) });
    expect(await own()).toBe(true);
    await put(`/fittings/${fitting}/feet`, { left: foot({ lengthMm: value(250, 'tape') }), right: foot({}) });
    expect(await own()).toBe(false);
  });
  it('the demo’s gauge was bent on the way, and is called out', async () => {
    const gauge = (await rows('lengthMm', 'device'))!;
    expect(gauge.drift).toMatchObject({ way: 'more' });
    expect(gauge.agreement.says).toBe('limits');
    expect((await rows('lengthMm', 'scan'))!.drift.foundAt).toBeNull();
    // Nothing is accepted of it until it was checked; then it begins afresh, and can be counted whole again.
    const accepted = await post('/settings/instruments', { measure: 'lengthMm', how: 'device', against: 'tape', accepted: true });
    expect(accepted).toMatchObject({ status: 422, body: { errors: [{ path: 'accepted', message: expect.stringContaining('drifted apart') }] } });
    expect((await post('/settings/instruments/checked', { how: 'device', checked: true })).body.checks).toMatchObject([{ how: 'device' }]);
    expect(await rows('lengthMm', 'device')).toBeUndefined();
    expect(await rows('lengthMm', 'scan')).toBeDefined();
    expect((await post('/settings/instruments/checked', { how: 'device', checked: false })).body.checks).toEqual([]);
    expect((await rows('lengthMm', 'device'))!.drift).toMatchObject({ way: 'more' });
  });
  it('accepted, its lean goes off what it reads from then on, in the fit only; left again it is back', async () => {
    const asked = { measure: 'waistGirthMm', how: 'scan', against: 'tape' };
    expect((await post('/settings/instruments', { ...asked, accepted: true })).status).toBe(404);
    for (let i = 0; i < 3; i++) await readTwice('waistGirthMm', 220 + i, 224 + i);
    const few = await post('/settings/instruments', { ...asked, accepted: true });
    expect(few).toMatchObject({ status: 422, body: { errors: [{ path: 'accepted', message: expect.stringContaining('read 4 persons') }] } });
    const { fitting } = await readTwice('waistGirthMm', 223, 227.4);
    expect((await rows('waistGirthMm', 'scan'))!.agreement).toMatchObject({ says: 'few', biasMm: expect.closeTo(4.1, 6) });
    expect((await post('/settings/instruments', { ...asked, accepted: true })).status).toBe(200);
    const { shopInstruments } = (await get(`/fittings/${fitting}`)).body;
    expect(shopInstruments).toMatchObject([{ ...asked, biasMm: expect.closeTo(4.1, 6) }]);
    expect((await rows('waistGirthMm', 'scan'))!.correction).toMatchObject({ biasMm: expect.closeTo(4.1, 6) });
    expect((await post('/settings/instruments', { ...asked, accepted: false })).body.corrections).toEqual([]);
    expect((await get(`/fittings/${fitting}`)).body.shopInstruments).toEqual([]);
  });
  it('what lies far apart is no lean but a mix-up, and is refused in words; so is an instrument against itself', async () => {
    for (let i = 0; i < 4; i++) await readTwice('calfGirthMm', 340 + i, 355 + i);
    const { status, body } = await post('/settings/instruments', { measure: 'calfGirthMm', how: 'scan', against: 'tape', accepted: true });
    expect(status).toBe(422);
    expect(body.errors[0].message).toMatch(/15\.0 mm apart: look for a unit/);
    expect((await post('/settings/instruments', { measure: 'calfGirthMm', how: 'scan', against: 'scan', accepted: true })).status).toBe(422);
  });
});
