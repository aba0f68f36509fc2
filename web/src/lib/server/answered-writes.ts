import { createHash } from 'node:crypto';
import { database, Op, tables, transacted } from './db';
import { Problem } from './problems';

/** The header that names one wish to write: asking again with the same key does it once and answers the same. */
export const KEY_HEADER = 'idempotency-key';
const KEY = /^[\w-]{8,64}$/;
/** How long an answer is kept, ms: longer than any device goes on asking. */
const KEPT_MS = 48 * 3_600_000;

export interface Answered {
  status: number;
  /** JSON text. */
  answer: string;
}

interface WriteRequest {
  method: string;
  url: string;
  headers: Headers;
}

/**
 * Does a write once for its key: the answer is kept in the same transaction as what was written, so either both are there
 * or neither. Without a key it is simply done.
 * @throws Problem 400 for a key of another form, 422 for one that was used for another request
 */
export async function writeOnce(request: WriteRequest, body: string, status: number, work: () => Promise<unknown>): Promise<Answered> {
  const key = request.headers.get(KEY_HEADER);
  if (key === null) return transacted(async () => ({ status, answer: JSON.stringify((await work()) ?? null) }));
  if (!KEY.test(key)) throw new Problem(400, 'Not a key', `${KEY_HEADER} takes 8 to 64 letters, digits, dashes or underscores.`);
  const { pathname, search } = new URL(request.url);
  const asked = createHash('sha256').update(`${request.method} ${pathname}${search}\n${body}`).digest('hex');
  const { AnsweredWrite } = tables(database());
  return transacted(async () => {
    // Waits for another request with the same key that is still under way.
    const [, claimed] = await database().query('INSERT IGNORE INTO answered_writes (write_key, request, at) VALUES (:key, :asked, :at)', {
      replacements: { key, asked, at: new Date() },
      type: 'INSERT' as never
    });
    if (!claimed) {
      const there = (await AnsweredWrite.findByPk(key))?.get({ plain: true }) as { request: string; status: number; answer: string } | undefined;
      if (there?.request !== asked)
        throw new Problem(422, 'Key used before', `This ${KEY_HEADER} was used for another request: take a new one for each.`, [
          { path: KEY_HEADER, message: 'used for another request' }
        ]);
      return { status: there.status, answer: there.answer };
    }
    const answer = JSON.stringify((await work()) ?? null);
    await AnsweredWrite.update({ status, answer }, { where: { writeKey: key } });
    return { status, answer };
  });
}

/** Lets go of answers nobody asks for any more. */
export async function forgetAnswers(now = Date.now()): Promise<void> {
  await tables(database()).AnsweredWrite.destroy({ where: { at: { [Op.lt]: new Date(now - KEPT_MS) } } });
}
