import mariadb from 'mariadb';
import { BASE } from '../api/client';

/** People of the shop who sign in, for tests of the doors: one of each role. */
export type Role = 'reader' | 'apprentice' | 'fitter' | 'owner';
export const HANDS: Readonly<Record<Role, { name: string; password: string }>> = {
  owner: { name: 'Ondina Salt', password: 'nine brass buckles' },
  fitter: { name: 'Fabrice Welt', password: 'three cork insoles' },
  apprentice: { name: 'Avelina Tack', password: 'seven waxed threads' },
  reader: { name: 'Remo Shelf', password: 'four beech trees' }
};
export interface Reply {
  status: number;
  // The shape is what each test asserts.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  body: any;
  cookie: string;
  headers: Headers;
}
/** Asks with a cookie or another header; answers with the cookie as it is afterwards. */
export async function ask(
  method: string,
  path: string,
  { body, cookie = '', headers = {} }: { body?: unknown; cookie?: string; headers?: Record<string, string> } = {}
): Promise<Reply> {
  const response = await fetch(path.startsWith('http') ? path : `${BASE}${path.startsWith('/api') || path.startsWith('/_') ? '' : '/api/v1'}${path}`, {
    method,
    redirect: 'manual',
    headers: { ...(cookie ? { cookie } : {}), ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
    body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body)
  });
  const text = await response.text();
  const set = response.headers.getSetCookie().map((c) => c.split(';')[0]).filter((c) => !c.endsWith('=')); // prettier-ignore
  let parsed: unknown = text;
  if (response.headers.get('content-type')?.includes('json')) parsed = JSON.parse(text);
  return { status: response.status, body: parsed, cookie: set.at(-1) ?? cookie, headers: response.headers };
}
export const page = (path: string, cookie = '') => ask('GET', `${BASE}${path}`, { cookie });
export const signIn = (who: { name: string; password: string }, more: object = {}, cookie = '') => ask('POST', '/enter', { body: { ...who, ...more }, cookie });

/** Makes the four accounts where they are not there yet. */
let made: Promise<void> | undefined;
export const haveHands = (): Promise<void> => (made ??= makeHands());
async function makeHands(): Promise<void> {
  await ask('POST', '/accounts', { body: { ...HANDS.owner, role: 'owner' } });
  const { cookie } = await signIn(HANDS.owner);
  for (const role of ['fitter', 'apprentice', 'reader'] as const) await ask('POST', '/accounts', { cookie, body: { ...HANDS[role], role } });
}
/** A session of somebody, begun now. */
export async function as(role: Role): Promise<string> {
  await haveHands();
  await forgetTries();
  const { status, cookie, body } = await signIn(HANDS[role]);
  if (status !== 200) throw new Error(`${role} is not let in: ${JSON.stringify(body)}`);
  return cookie;
}

let pool: mariadb.Pool | undefined;
/** Asks the database itself, as nobody in the shop could. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export function sql(text: string, values: unknown[] = []): Promise<any> {
  const { hostname, port, username, password, pathname } = new URL(process.env.DATABASE_URL!);
  pool ??= mariadb.createPool({ host: hostname, port: Number(port), user: username, password, database: pathname.slice(1), connectionLimit: 2, timezone: 'Z' });
  return pool.query(text, values);
}
export const forgetTries = () => sql('DELETE FROM door_tries');
export const closePool = async () => {
  await pool?.end();
  pool = undefined;
};
