import { execFile } from 'node:child_process';
import { beforeAll, describe, expect, it } from 'vitest';
import { as, ask, haveHands, sql } from './hands';

/** Who did what, and what becomes of a record that somebody altered. */
const WEB = new URL('../../web/', import.meta.url).pathname;
/** Looks through the record as `npm run audit` does; beside this process, whose connections would be closed under it if it waited for it. */
const audit = (end = ''): Promise<{ ok: boolean; said: string }> =>
  new Promise((resolve) => {
    execFile('../node_modules/.bin/tsx', ['src/lib/server/db/cli.ts', 'audit', end], { cwd: WEB }, (error, stdout, stderr) =>
      resolve({ ok: error === null, said: stdout + stderr })
    );
  });
const endOf = (said: string): string => /ends with ([0-9a-f]{64})/.exec(said)?.[1] ?? '';

describe('the record', () => {
  let fitter = '';
  beforeAll(async () => {
    await haveHands();
    fitter = await as('fitter');
  });
  it('names the account, whatever a device says of itself, for people, stock, accounts and signing in alike', async () => {
    const { id } = (await ask('POST', '/customers', { cookie: fitter, headers: { 'x-fitter': 'somebody else' }, body: { name: 'Record Keeper' } })).body;
    const { changes } = (await ask('GET', `/customers/${id}/changes`, { cookie: fitter })).body;
    expect(changes[0]).toMatchObject({ by: 'Fabrice Welt', what: 'added' });
    await ask('PATCH', '/styles', { cookie: fitter, body: { changes: [{ id: 'bassoon', set: { name: 'Bassoon' } }] } });
    const owner = await as('owner');
    await ask('POST', '/accounts', { cookie: owner, body: { name: 'Recorded', role: 'reader', password: 'one worn welt here' } });
    const deeds = (await sql('SELECT by_whom AS `by`, what, subject FROM deeds ORDER BY id DESC LIMIT 8')) as { by: string; what: string; subject: string }[];
    expect(deeds).toContainEqual({ by: 'Fabrice Welt', what: expect.stringMatching(/Change many styles/), subject: '/styles' });
    expect(deeds).toContainEqual({ by: 'Ondina Salt', what: expect.stringMatching(/Add an account/), subject: '/accounts' });
    expect(deeds).toContainEqual({ by: 'Ondina Salt', what: expect.stringMatching(/^Sign in/), subject: '/enter' });
    expect(JSON.stringify(deeds)).not.toContain('worn welt');
  });
  it('is as it was written, also after many wrote at once, and after a person was erased', async () => {
    const ids = await Promise.all(Array.from({ length: 25 }, (_, i) => ask('POST', '/customers', { cookie: fitter, body: { name: `At Once ${i}` } }).then((r) => r.body.id as number))); // prettier-ignore
    await Promise.all(ids.map((id) => ask('PATCH', `/customers/${id}`, { cookie: fitter, body: { story: 'a story to be forgotten' } })));
    const before = await audit();
    expect(before).toMatchObject({ ok: true });
    expect((await ask('DELETE', `/customers/${ids[0]}`, { cookie: fitter })).status).toBe(200);
    const after = await audit(endOf(before.said));
    expect(after, after.said).toMatchObject({ ok: true });
    expect(await sql('SELECT 1 FROM change_log WHERE customer_id = ?', [ids[0]])).toHaveLength(0);
    expect(endOf(after.said)).not.toBe(endOf(before.said));
  });
  const whole = async (alter: string, mend: string, values: unknown[] = []) => {
    await sql(alter, values);
    const found = await audit();
    await sql(mend, values);
    expect((await audit()).ok).toBe(true);
    return found;
  };
  it('an entry that was altered, one that was taken out, a change that was rewritten or removed, and an end that was cut off are found', async () => {
    const [{ id }] = await sql('SELECT id FROM deeds WHERE content IS NOT NULL AND customer_id IN (SELECT id FROM customers WHERE erased_at IS NULL) ORDER BY id DESC LIMIT 1 OFFSET 3'); // prettier-ignore
    const altered = await whole("UPDATE deeds SET by_whom = CONCAT(by_whom, ' jr') WHERE id = ?", "UPDATE deeds SET by_whom = REPLACE(by_whom, ' jr', '') WHERE id = ?", [id]); // prettier-ignore
    expect(altered.said).toContain(`entry ${id},`);
    const rewritten = await whole("UPDATE change_log SET changed = JSON_SET(changed, '$.x', 1) WHERE deed_id = ?", "UPDATE change_log SET changed = JSON_REMOVE(changed, '$.x') WHERE deed_id = ?", [id]); // prettier-ignore
    expect(rewritten).toMatchObject({ ok: false, said: expect.stringContaining('what it says was changed') });
    await sql('CREATE TABLE kept_aside AS SELECT * FROM change_log WHERE deed_id = ?', [id]);
    const removed = await whole('DELETE FROM change_log WHERE deed_id = ?', 'INSERT INTO change_log SELECT * FROM kept_aside WHERE deed_id = ?', [id]);
    expect(removed.said).toContain('the person was not erased');
    await sql('DROP TABLE kept_aside');
    await sql('CREATE TABLE kept_aside AS SELECT * FROM deeds WHERE id >= ?', [id]);
    const taken = await whole('DELETE FROM deeds WHERE id = ?', 'INSERT INTO deeds SELECT * FROM kept_aside WHERE id = ?', [id]);
    expect(taken.said).toContain('was removed or changed');
    const cut = await whole('DELETE FROM deeds WHERE id >= ?', 'INSERT INTO deeds SELECT * FROM kept_aside WHERE id >= ?', [id]);
    expect(cut.said).toContain('ends otherwise than it was left');
    await sql('DROP TABLE kept_aside');
    expect((await audit('0'.repeat(64))).said).toContain('cut off or written anew');
  });
});
