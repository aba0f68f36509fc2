import { describe, expect, it } from 'vitest';
import { ask, get, newFitting, post, side } from './client';

const mark = `q${Date.now().toString(36)}`;

describe('people, a page at a time', () => {
  it('are found by the beginnings of words in name, work and story, all of them, whatever their marks and case', async () => {
    await post('/customers', { name: `Ágnes ${mark}one`, work: 'harp', story: 'came by boat' });
    await post('/customers', { name: `Bela ${mark}one`, work: 'harpsichord' });
    await post('/customers', { name: `王小明 ${mark}two`, work: 'harp' });
    const found = async (search: string) =>
      (await get(`/customers?search=${encodeURIComponent(search)}`)).body.customers.map((c: { name: string }) => c.name.split(' ')[0]);
    expect(await found(`${mark}one`)).toEqual(['Ágnes', 'Bela']);
    expect(await found(`AGN ${mark}`)).toEqual(['Ágnes']);
    expect(await found(`${mark} harps`)).toEqual(['Bela']);
    expect(await found(`boat ${mark}`)).toEqual(['Ágnes']);
    expect(await found(`小明 ${mark}`)).toEqual(['王小明']);
    expect(await found(`${mark} nobody`)).toEqual([]);
    for (const odd of ['%', '_', '\\', "'", '"', '%00', '   ']) expect((await get(`/customers?search=${encodeURIComponent(odd)}`)).status).toBe(200);
  });
  it('pages join without a gap or a double, and say how many there are', async () => {
    for (let i = 0; i < 7; i++) await post('/customers', { name: `Same name ${mark}page` });
    const seen: number[] = [];
    let after = '';
    for (let turn = 0; turn < 10; turn++) {
      const { body } = await get(`/customers?search=${mark}page&limit=3${after}`);
      expect(body.total).toBe(7);
      seen.push(...body.customers.map((c: { id: number }) => c.id));
      if (body.next === null) break;
      after = `&after=${body.next}`;
    }
    expect(seen).toHaveLength(7);
    expect(new Set(seen).size).toBe(7);
    expect((await get('/customers?limit=0')).status).toBe(422);
    expect((await get('/customers?limit=9999')).body.errors[0].message).toContain('at most 200');
  });
  it('a changed name is found by its new words, an erased person by none', async () => {
    const id = (await post('/customers', { name: `Old ${mark}was` })).body.id;
    await ask('PATCH', `/customers/${id}`, { name: `New ${mark}is` });
    expect((await get(`/customers?search=${mark}was`)).body.total).toBe(0);
    expect((await get(`/customers?search=${mark}is`)).body.customers[0].id).toBe(id);
    await ask('DELETE', `/customers/${id}`);
    expect((await get(`/customers?search=${mark}is`)).body.total).toBe(0);
  });
  it('only those of whom a foot was measured, where that is asked', async () => {
    const { customer, fitting } = await newFitting(`Measured ${mark}feet`);
    await newFitting(`Unmeasured ${mark}feet`);
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(251), right: side(252) });
    const { body } = await get(`/customers?search=${mark}feet&measured=true`);
    expect(body.customers).toMatchObject([{ id: customer, leftMm: 251, rightMm: 252, fittings: 1 }]);
  });
});

describe('visits, a page at a time', () => {
  it('newest first, each with its own measures, features and pairs', async () => {
    const { customer } = await newFitting('Comes often');
    for (let i = 1; i < 8; i++) {
      const { id } = (await post(`/customers/${customer}/fittings`)).body;
      await ask('PUT', `/fittings/${id}/feet`, { left: side(250 + i, { ballGirthMm: 230 + i }), right: side(250 + i) });
    }
    const whole = (await get(`/customers/${customer}/fittings?limit=100`)).body;
    expect(whole).toMatchObject({ next: null });
    const ids = whole.fittings.map((f: { id: number }) => f.id);
    expect(ids).toEqual([...ids].sort((a, b) => b - a));
    const first = (await get(`/customers/${customer}/fittings?limit=3`)).body;
    const second = (await get(`/customers/${customer}/fittings?limit=3&after=${first.next}`)).body;
    expect([...first.fittings, ...second.fittings].map((f: { id: number }) => f.id)).toEqual(ids.slice(0, 6));
    expect(first.fittings[0].feet.left).toMatchObject({ lengthMm: { mm: 257 }, ballGirthMm: { mm: 237 } });
    expect(first.fittings[0].feet.right.ballGirthMm).toBeUndefined();
  });
});
