import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';

/**
 * The shop passcode: asked for once when the application is opened to the shop's network.
 * A right one is answered with a signed HttpOnly cookie; wrong ones are counted by address.
 */
export const COOKIE = 'chiave_shop';
const COOKIE_DAYS = 30;
/** Wrong tries in a window: by one address, and by all together, since one who guesses may have many addresses. */
const TRIES = 5;
const TRIES_IN_ALL = 50;
const WINDOW_MS = 60_000;
/** Fewer letters than this are guessed in an afternoon. */
export const LEAST_PASSCODE = 8;

const secret = process.env.SHOP_SECRET ?? randomBytes(32).toString('hex');
interface Tries {
  count: number;
  since: number;
}
const tries = new Map<string, Tries>();
let inAll: Tries = { count: 0, since: -Infinity };

export const passcodeNeeded = (): boolean => Boolean(process.env.SHOP_PASSCODE);

/** Loopback only, unless a passcode guards the door. @throws when the door would stand open */
export function guardHost(): void {
  const host = process.env.HOST ?? '0.0.0.0';
  const loopback = ['127.0.0.1', 'localhost', '::1'].includes(host);
  if (!loopback && !passcodeNeeded()) {
    throw new Error(`HOST=${host} would open the shop's records to the network: set SHOP_PASSCODE as well, or HOST=127.0.0.1.`);
  }
  if (passcodeNeeded() && [...process.env.SHOP_PASSCODE!].length < LEAST_PASSCODE)
    throw new Error(`SHOP_PASSCODE is too short: take at least ${LEAST_PASSCODE} characters.`);
}

// The passcode is part of what is signed, so that changing it ends every old cookie.
const sign = (expires: number): string =>
  createHmac('sha256', secret)
    .update(`${expires}.${process.env.SHOP_PASSCODE ?? ''}`)
    .digest('base64url');
const same = (a: string, b: string): boolean => {
  const [x, y] = [a, b].map((s) => createHmac('sha256', secret).update(s).digest());
  return timingSafeEqual(x, y);
};

export const cookieValue = (now = Date.now()): string => {
  const expires = now + COOKIE_DAYS * 86_400_000;
  return `${expires}.${sign(expires)}`;
};

export function cookieIsGood(value: string | undefined, now = Date.now()): boolean {
  const [expires, signature] = (value ?? '').split('.');
  return Number(expires) > now && signature !== undefined && same(signature, sign(Number(expires)));
}

const within = (seen: Tries | undefined, now: number): Tries => (seen && now - seen.since < WINDOW_MS ? seen : { count: 0, since: now });

/**
 * Tries a passcode. `wait` when this address, or all together, have tried too often.
 * @param now milliseconds on a clock that only goes forward: one that is set back would lock people out
 */
export function tryPasscode(given: string, address: string, now = performance.now()): 'right' | 'wrong' | 'wait' {
  for (const [other, seen] of tries) if (now - seen.since >= WINDOW_MS) tries.delete(other);
  const own = within(tries.get(address), now);
  inAll = within(inAll, now);
  if (own.count >= TRIES || inAll.count >= TRIES_IN_ALL) return 'wait';
  if (same(given, process.env.SHOP_PASSCODE ?? '')) {
    tries.delete(address);
    return 'right';
  }
  tries.set(address, { ...own, count: own.count + 1 });
  inAll = { ...inAll, count: inAll.count + 1 };
  return 'wrong';
}

export const cookieSeconds = COOKIE_DAYS * 86_400;
