import { beforeAll, describe, expect, it } from 'vitest';
import { as, ask, haveHands, page, sql } from './hands';

/** What people agree to, take back, and may see of what is kept. */
describe('privacy', () => {
  let fitter = '';
  let owner = '';
  beforeAll(async () => {
    await haveHands();
    [fitter, owner] = [await as('fitter'), await as('owner')];
  });
  const person = async (name: string, more: object = {}) => (await ask('POST', '/customers', { cookie: fitter, body: { name, ...more } })).body.id as number;
  const consent = (id: number, purpose: string, agreed: boolean) => ask('PUT', `/customers/${id}/consents`, { cookie: fitter, body: { purpose, agreed } });

  it('each purpose is agreed to by itself, with its day, and taken back as easily', async () => {
    const id = await person('By Purpose', { born: 2019, guardian: 'Mother of By' });
    for (const purpose of ['fitting', 'health', 'photos', 'reminders']) expect((await consent(id, purpose, true)).status).toBe(200);
    const { consents, guardian, consentAt } = (await ask('GET', `/customers/${id}`, { cookie: fitter })).body;
    expect(Object.values(consents as Record<string, { agreed: boolean }>).map((c) => c.agreed)).toEqual([true, true, true, true]);
    expect([guardian, consentAt]).toEqual(['Mother of By', consents.fitting.at]);
    expect((await consent(id, 'fitting', false)).status).toBe(200);
    expect((await ask('GET', `/customers/${id}`, { cookie: fitter })).body).toMatchObject({ consentAt: null, consents: { fitting: { agreed: false }, health: { agreed: true } } }); // prettier-ignore
    expect(await consent(id, 'advertising', true)).toMatchObject({ status: 422, body: { errors: [{ path: 'purpose' }] } });
  });
  it('health notes taken back are erased at once, also from the record of changes, which stays whole', async () => {
    const id = await person('Takes Back', { story: 'a plate in the ankle', flags: ['device'] });
    const fitting = (await ask('POST', `/customers/${id}/fittings`, { cookie: fitter })).body.id;
    await ask('PATCH', `/fittings/${fitting}`, { cookie: fitter, body: { trouble: 'the plate aches in rain' } });
    await ask('POST', `/customers/${id}/troubles`, { cookie: fitter, body: { on: '2026-02-03', symptom: 'heel-rub', side: 'left', note: 'over the plate' } });
    await consent(id, 'health', true);
    await consent(id, 'health', false);
    const whole = JSON.stringify((await ask('GET', `/customers/${id}/export`, { cookie: fitter })).body);
    for (const word of ['plate', 'device"', 'heel-rub']) expect(whole.includes(word), word).toBe(false);
    expect(JSON.stringify(await sql('SELECT * FROM change_log WHERE customer_id = ?', [id]))).not.toContain('plate');
    expect(await sql("SELECT 1 FROM customer_words WHERE customer_id = ? AND word LIKE 'plate%'", [id])).toHaveLength(0);
  });
  it('photographs taken back are erased at once', async () => {
    const id = await person('Pictured');
    const photo = 'data:image/jpeg;base64,/9j/4AAQSkZJRgABAQ==';
    await ask('POST', `/customers/${id}/pairs`, { cookie: fitter, body: { name: 'pictured pair', kind: 'sneaker', photo } });
    await consent(id, 'photos', true);
    expect((await ask('GET', `/customers/${id}/pairs`, { cookie: fitter })).body.pairs[0].body.photo).toBe(photo);
    await consent(id, 'photos', false);
    expect((await ask('GET', `/customers/${id}/pairs`, { cookie: fitter })).body.pairs[0].body.photo).toBe('');
  });
  it('who wants no reminders is offered none; what is due is still told to the shop', async () => {
    const id = await person('Unreminded');
    await ask('POST', `/customers/${id}/pairs`, { cookie: fitter, body: { name: 'near its day', kind: 'sneaker', returnBy: new Date(Date.now() + 2 * 86_400_000).toISOString().slice(0, 10) } }); // prettier-ignore
    const due = async () => (await ask('GET', `/due?customer=${id}`, { cookie: fitter })).body.items.find((i: { rule: string; person: { id: number } }) => i.rule === 'return-day' && i.person.id === id); // prettier-ignore
    expect((await due()).remind).toMatch(/last day to send back/);
    await consent(id, 'reminders', false);
    expect(await due()).toMatchObject({ rule: 'return-day', remind: null });
  });
  it('somebody not seen for the shop’s years is proposed for erasing, and nobody else; nobody is erased by itself', async () => {
    const [gone, here] = [await person('Long Gone'), await person('Still Here')];
    await sql('UPDATE customers SET created_at = NOW(3) - INTERVAL 4 YEAR WHERE id IN (?, ?)', [gone, here]);
    await ask('POST', `/customers/${here}/fittings`, { cookie: fitter });
    const unseen = async () => ((await ask('GET', '/customers/unseen', { cookie: fitter })).body.people as { id: number }[]).map((p) => p.id);
    expect(await unseen()).not.toContain(gone);
    expect((await ask('PUT', '/settings/retention', { cookie: fitter, body: { years: 3 } })).status).toBe(403);
    expect((await ask('PUT', '/settings/retention', { cookie: owner, body: { years: 0 } })).body.errors[0].path).toBe('years');
    expect((await ask('PUT', '/settings/retention', { cookie: owner, body: { years: 3 } })).status).toBe(200);
    const found = await unseen();
    expect([found.includes(gone), found.includes(here)]).toEqual([true, false]);
    expect((await page('/people/unseen', fitter)).body).toContain('Long Gone');
    await ask('DELETE', `/customers/${gone}`, { cookie: fitter });
    expect(await unseen()).not.toContain(gone);
  });
  it('a page for the person tells what is kept of them', async () => {
    const id = await person('Shown What', { story: 'dances on Tuesdays' });
    await ask('POST', `/customers/${id}/fittings`, { cookie: fitter });
    const { status, body } = await page(`/people/${id}/kept`, fitter);
    expect(status).toBe(200);
    for (const word of ['What we keep of Shown What', 'You were not asked yet', 'dances on Tuesdays', 'visits', 'lines of who changed what'])
      expect(body.includes(word), word).toBe(true);
    expect((await page(`/people/${id}/kept`, await as('apprentice'))).status).toBe(403);
  });
});
