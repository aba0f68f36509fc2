import { RateLimiterMySQL, RateLimiterRes } from 'rate-limiter-flexible';
import { z } from 'zod';
import { apart, change, select } from '../db';
import { Problem } from '../problems';
import { tokenHash } from './secrets';

const row = z.object({ points: z.coerce.number(), expire: z.coerce.number().nullable() });
/**
 * Counts tries in MariaDB through the application's own pool, so that the count holds for every process and machine of the shop. The
 * package asks its driver by callbacks, which ours has none of: its three statements are asked here, each by itself and in no transaction.
 */
class TriesOfShop extends RateLimiterMySQL {
  constructor(points: number, seconds: number, keyPrefix: string) {
    super({ storeClient: {}, storeType: 'connection', dbName: '', tableName: 'door_tries', tableCreated: true, clearExpiredByTimeout: false, points, duration: seconds, keyPrefix }); // prettier-ignore
  }
  _upsert(key: string, points: number, ms: number, force = false): Promise<z.infer<typeof row>[]> {
    const now = Date.now();
    const kept = force
      ? 'points = :points, expire = :until'
      : 'points = IF(expire <= :now, :points, points + :points), expire = IF(expire <= :now, :until, expire)';
    return apart(async () => {
      await change(`INSERT INTO door_tries (\`key\`, points, expire) VALUES (:key, :points, :until) ON DUPLICATE KEY UPDATE ${kept}`, { key, points, until: ms > 0 ? now + ms : null, now }); // prettier-ignore
      return select(row, 'SELECT points, expire FROM door_tries WHERE `key` = :key', { key });
    });
  }
  _get(key: string): Promise<z.infer<typeof row>[] | null> {
    return apart(async () => {
      const found = await select(row, 'SELECT points, expire FROM door_tries WHERE `key` = :key AND (expire > :now OR expire IS NULL)', {
        key,
        now: Date.now()
      });
      return found.length > 0 ? found : null;
    });
  }
  _delete(key: string): Promise<boolean> {
    return apart(async () => {
      await change('DELETE FROM door_tries WHERE `key` = :key', { key });
      return true;
    });
  }
}

const MINUTE_S = 60;
/** Wrong tries before one has to wait: of one name, from one address, of everybody together, and of a PIN on one device. */
const LIMITS = {
  name: { of: new TriesOfShop(8, 15 * MINUTE_S, 'name'), hashed: true },
  address: { of: new TriesOfShop(20, 15 * MINUTE_S, 'address'), hashed: false },
  all: { of: new TriesOfShop(200, 15 * MINUTE_S, 'all'), hashed: false },
  pin: { of: new TriesOfShop(5, 15 * MINUTE_S, 'pin'), hashed: false }
} as const;
export type Limited = keyof typeof LIMITS;
export type Counted = readonly (readonly [Limited, string])[];
/** What somebody typed as a name is kept as a hash: people type their passwords there. */
const keyOf = ([limit, key]: Counted[number]): string => (LIMITS[limit].hashed ? tokenHash(key) : key).slice(0, 80);

const wait = (ms: number): Problem => {
  const minutes = Math.max(1, Math.ceil(ms / (MINUTE_S * 1000)));
  return new Problem(429, 'Too many tries', `Too many wrong tries. Wait ${minutes === 1 ? 'a minute' : `${minutes} minutes`}, then try again.`);
};
/**
 * Counts a try before it is judged: whoever tries many at once is counted many times.
 * @throws Problem 429 where one has to wait, whether a name exists or not
 */
export async function countTry(counted: Counted): Promise<void> {
  for (const one of counted) {
    try {
      await LIMITS[one[0]].of.consume(keyOf(one));
    } catch (refused) {
      if (refused instanceof RateLimiterRes) throw wait(refused.msBeforeNext);
      throw refused;
    }
  }
}
/** Takes back what a right try counted: of the name and the device all, of others its own one. */
export async function wasRight(counted: Counted): Promise<void> {
  for (const one of counted) {
    const { of } = LIMITS[one[0]];
    if (one[0] === 'name' || one[0] === 'pin') await of.delete(keyOf(one));
    else await of.reward(keyOf(one));
  }
}
/** Lets go of counts that have run out. */
export const forgetTries = (): Promise<unknown> => change('DELETE FROM door_tries WHERE expire < :now', { now: Date.now() });
