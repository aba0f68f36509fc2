import { z } from 'zod';
import type { PostRow, postSchema } from '../../api/post-schema';
import { KEPT, RETURNED, UNDECIDED } from '../../api/outcomes';
import { database, select, tables, transacted, type PostModel, type TryOnModel } from '../db';
import { heavy } from '../heavy/pool';
import { logChange } from './changes';
import { heldOf } from './customers';
import { fittingOf, heldFitting } from './fittings';
import { createTry, type SaidOfTry } from './tries';
import { wholly } from '../watch/asking';

/** Pairs sent by post: each is a pair tried at home, with its parcel's last day to send back. */

function rowOf(post: PostModel, person: string, tries: readonly TryOnModel[]): PostRow {
  const { id, customerId, fittingId, sentOn, dueOn, chance, costs, checkWords: check, closedOn, version } = post;
  return {
    id, customerId, person, fittingId, sentOn, dueOn, chance, costs, check, closedOn: closedOn ?? null, version: version ?? 0,
    pairs: tries.map((t) => ({ tryId: t.id, styleId: t.styleId, size: t.size, width: t.width, outcome: t.outcome, reason: t.reason, chance: t.probability, version: t.version ?? 0 }))
  }; // prettier-ignore
}
/** Parcels: of one person or of all, the newest first; `open` only those of which something is undecided. */
export async function postsOf(where: { customerId?: number; open?: boolean; limit?: number } = {}): Promise<PostRow[]> {
  const t = tables(database());
  const posts = await t.Post.findAll({
    where: { ...(where.customerId === undefined ? {} : { customerId: where.customerId }), ...(where.open ? { closedOn: null } : {}) },
    order: [['sentOn', 'DESC'], ['id', 'DESC']],
    limit: where.limit ?? 200
  }); // prettier-ignore
  if (posts.length === 0) return [];
  const [tries, people] = await Promise.all([
    t.TryOn.findAll({ where: { postId: posts.map((p) => p.id) }, order: [['id', 'ASC']] }),
    t.Customer.findAll({ where: { id: [...new Set(posts.map((p) => p.customerId))] }, attributes: ['id', 'name'] })
  ]);
  const nameOf = new Map(people.map((p) => [p.id, p.name]));
  return posts.map((p) => rowOf(p, nameOf.get(p.customerId) ?? '', tries.filter((x) => x.postId === p.id))); // prettier-ignore
}
/** Of all pairs ever sent: how many went out, stayed, came back, are still out. */
export async function sentAndKept(): Promise<{ parcels: number; sent: number; kept: number; back: number; out: number; oneKept: number; promised: number }> {
  const count = z.coerce.number();
  const [row] = await select(
    z.object({ parcels: count, sent: count, kept: count, back: count, out: count, oneKept: count, promised: count }),
    `SELECT COUNT(DISTINCT p.id) AS parcels, COUNT(t.id) AS sent, COALESCE(SUM(t.outcome = :kept), 0) AS kept, COALESCE(SUM(t.outcome = :back), 0) AS back,
       COALESCE(SUM(t.outcome = :open), 0) AS \`out\`,
       COUNT(DISTINCT CASE WHEN t.outcome = :kept AND p.closed_on IS NOT NULL THEN p.id END) AS oneKept,
       (SELECT COALESCE(SUM(chance), 0) FROM posts WHERE closed_on IS NOT NULL) AS promised
     FROM posts p LEFT JOIN try_ons t ON t.post_id = p.id`,
    { kept: KEPT, back: RETURNED, open: UNDECIDED }
  );
  return row;
}
/** What the engine says of each pair before it goes out. @throws Problem 404, 410, 422 at the place of the pair */
export async function sayOfPost(fittingId: number, { pairs }: z.infer<typeof postSchema>): Promise<SaidOfTry[]> {
  const { tries: _tries, ...fitting } = await wholly(() => fittingOf(fittingId));
  const said: SaidOfTry[] = [];
  for (const pair of pairs) said.push(await heavy('sayOfTry', { pair: { ...pair, put: {} }, fitting }));
  return said;
}
/** Writes a parcel and its pairs. @throws Problem 404, 410 */
export async function addPost(
  fittingId: number,
  { sentOn, dueOn, chance, costs, check }: z.infer<typeof postSchema>,
  said: readonly SaidOfTry[],
  by: string
): Promise<number> {
  return transacted(async (transaction) => {
    const { row: fitting, customerId } = await heldFitting(fittingId, transaction);
    const post = await tables(database()).Post.create({ customerId, fittingId, sentOn, dueOn, chance, costs, checkWords: check, byWhom: by, version: 0, createdAt: new Date() }, { transaction }); // prettier-ignore
    for (const one of said) await createTry(fitting, one, by, transaction, post.id);
    await logChange({ by, customerId, what: 'sent by post', changed: { pairs: said.length, dueOn } }, transaction);
    return Number(post.id);
  });
}
/** Changes a parcel's last day to send back. @throws Problem 404, 409, 410 */
export async function changePost(id: number, { dueOn, version }: { dueOn: string | null; version?: number }): Promise<number> {
  return transacted(async (transaction) => {
    const row = await heldOf(tables(database()).Post, id, 'parcel', transaction, version);
    const next = (row.version ?? 0) + 1;
    await row.update({ dueOn, version: next }, { transaction });
    return next;
  });
}
/** Takes a parcel back that never went out; what was decided of its pairs goes with it. @throws Problem 404, 410 */
export async function removePost(id: number): Promise<void> {
  await transacted(async (transaction) => {
    const row = await heldOf(tables(database()).Post, id, 'parcel', transaction);
    await tables(database()).TryOn.destroy({ where: { postId: id }, transaction });
    await row.destroy({ transaction });
  });
}
