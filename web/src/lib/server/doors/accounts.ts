import { generateSecret, generateURI, verify } from 'otplib';
import type { z } from 'zod';
import type { accountPatchSchema, AccountRow, accountSchema } from '../../api/door-schema';
import { database, Op, tables, transacted, type AccountModel } from '../db';
import { conflict, invalid, notFound, Problem } from '../problems';
import { hashSecret, isNobodys, isSecret, newToken, seal, tokenHash, unseal } from './secrets';
import { beginSession, endSessions, handOver, type Began } from './sessions';
import type { Who } from './who';
import { countTry, wasRight, type Counted } from './tries';

/** Accounts of those who work here. */
const loginOf = (name: string): string => name.trim().normalize('NFKC').toLowerCase();
const rowOf = (a: AccountModel): AccountRow => ({ id: a.id, name: a.name, role: a.role, hasPin: a.pin !== null, second: a.secondOn, version: a.version, createdAt: a.createdAt.toISOString(), closedAt: a.closedAt?.toISOString() ?? null }); // prettier-ignore
const account = async (id: number): Promise<AccountModel> => {
  const found = await tables(database()).Account.findByPk(id);
  if (!found) throw notFound(`account ${id}`);
  return found;
};

/** Whether anybody has an account: from then on everybody signs in. Once true it stays so, since accounts are closed and never removed. */
let anybody = false;
export async function hasAccounts(): Promise<boolean> {
  if (anybody) return true;
  try {
    anybody = (await tables(database()).Account.count()) > 0;
    asked = true;
  } catch (error) {
    // The database is away: it is as it was known last, and nothing is read without it.
    if (!asked) throw error;
  }
  return anybody;
}
let asked = false;
export const allAccounts = async (): Promise<AccountRow[]> => (await tables(database()).Account.findAll({ order: [['closedAt', 'ASC'], ['name', 'ASC']] })).map(rowOf); // prettier-ignore
/** Whoever can take over by PIN. */
export const handsOfShop = async (): Promise<{ id: number; name: string }[]> =>
  (await tables(database()).Account.findAll({ where: { closedAt: null }, order: [['name', 'ASC']] })).filter((a) => a.pin !== null).map(({ id, name }) => ({ id, name })); // prettier-ignore

/** Adds an account. The first one is an owner's. @throws Problem 409 for a name that is taken, 422 for a first one that is no owner */
export async function addAccount({ name, role, password }: z.infer<typeof accountSchema>): Promise<number> {
  const hashed = await hashSecret(password);
  if (role !== 'owner' && !(await hasAccounts()))
    throw invalid([{ path: 'role', message: 'the first account is an owner’s: somebody must be able to add others' }]);
  return transacted(async () => {
    const { Account } = tables(database());
    const login = loginOf(name);
    if (await Account.findOne({ where: { login } }))
      throw new Problem(409, 'Taken', `There is an account “${name}” already.`, [{ path: 'name', message: 'taken already' }]);
    const made = await Account.create({ login, name, role, password: hashed, recovery: [], createdAt: new Date() });
    return Number(made.id);
  });
}
/** Changes somebody's account. Whatever closes or weakens it ends their sessions. @throws Problem 404, 409 where no owner would be left */
export async function changeAccount(id: number, { version, role, closed, password, withoutSecond }: z.infer<typeof accountPatchSchema>): Promise<number> {
  const hashed = password === undefined ? undefined : await hashSecret(password);
  return transacted(async (transaction) => {
    const { Account } = tables(database());
    // All owners are held: two who close each other at once would leave none.
    const owners = await Account.findAll({ where: { role: 'owner', closedAt: null }, lock: transaction.LOCK.UPDATE, transaction });
    const row = await account(id);
    if (version !== undefined && version !== row.version) throw conflict('this account', version, row.version);
    const leaves = owners.some((o) => o.id === id) && ((role !== undefined && role !== 'owner') || closed === true);
    if (leaves && owners.length === 1)
      throw new Problem(409, 'The last owner', 'One owner must stay: make somebody else an owner first.', [
        { path: closed ? 'closed' : 'role', message: 'the last owner' }
      ]);
    await row.update({
      ...(role === undefined ? {} : { role }),
      ...(closed === undefined ? {} : { closedAt: closed ? new Date() : null }),
      ...(hashed === undefined ? {} : { password: hashed }),
      ...(withoutSecond ? { second: null, secondOn: false, recovery: [] } : {}),
      version: row.version + 1
    });
    if (closed || hashed || withoutSecond) await endSessions({ accountId: id });
    if (closed) await tables(database()).ApiToken.destroy({ where: { accountId: id } });
    return row.version;
  });
}

const wrong = (): Problem => new Problem(401, 'Not signed in', 'Name and password do not go together.');
const codeNeeded = (): Problem =>
  new Problem(401, 'A code too', 'This account has a second factor: type its code, or a recovery code.', [{ path: 'code', message: 'the code of the second factor' }]); // prettier-ignore
/** Seconds a clock may be off either way. */
const CODE_TOLERANCE_S = 30;
/** @throws Problem 409 where it was sealed with another key of the shop */
function secretOf(row: AccountModel): string {
  try {
    return unseal(row.second!);
  } catch {
    throw new Problem(
      409,
      'Another key',
      'The second factor was sealed with another key of the shop (SHOP_SECRET). An owner takes it away; then set it up anew.'
    );
  }
}
/** True for a code of the second factor, which then counts no more, or for a recovery code, which is used up. */
async function takesCode(row: AccountModel, code: string): Promise<boolean> {
  const bare = code.replace(/[\s-]/g, '');
  if (/^\d{6}$/.test(bare)) {
    const result = await verify({ secret: secretOf(row), token: bare, epochTolerance: CODE_TOLERANCE_S });
    if (!result.valid) return false;
    const step = (result as { timeStep: number }).timeStep;
    const [taken] = await tables(database()).Account.update({ secondStep: step }, { where: { id: row.id, secondStep: { [Op.lt]: step } } });
    return taken === 1;
  }
  const hash = tokenHash(bare.toLowerCase());
  return transacted(async (transaction) => {
    const held = await tables(database()).Account.findByPk(row.id, { lock: transaction.LOCK.UPDATE, transaction, rejectOnEmpty: true });
    if (!held.recovery.includes(hash)) return false;
    await held.update({ recovery: held.recovery.filter((r) => r !== hash) }, { transaction });
    return true;
  });
}

export interface SignIn {
  name: string;
  password: string;
  code: string;
  shopDay: boolean;
  device: string;
  address: string;
}
/**
 * Signs somebody in: a session of its own each time, whatever was there before.
 * @throws Problem 401 in the same words and after the same time whether a name exists or not, 429 after too many tries
 */
export async function signIn({ name, password, code, ...session }: SignIn): Promise<Began & { who: Who }> {
  const login = loginOf(name);
  const counted: Counted = [['all', 'shop'], ['address', session.address], ['name', login]]; // prettier-ignore
  await countTry(counted);
  const row = await tables(database()).Account.findOne({ where: { login } });
  const right = row && !row.closedAt ? await isSecret(row.password, password) : await isNobodys(password);
  if (!row || !right) throw wrong();
  if (row.secondOn && !code.trim()) {
    // The password was right: no guess. The code is asked for next.
    await wasRight(counted.slice(0, 2));
    throw codeNeeded();
  }
  if (row.secondOn && !(await takesCode(row, code))) throw new Problem(401, 'Not the code', 'This code does not count. Each counts once, for half a minute.', [{ path: 'code', message: 'not the code of now' }]); // prettier-ignore
  await wasRight(counted);
  const began = await beginSession(row.id, { way: 'password', ...session });
  return { ...began, who: { accountId: row.id, name: row.name, role: row.role, way: 'password', sessionId: null, scopes: null } };
}
/** Gives a device that stays for the shop day into other hands. A PIN that is wrong too often has to wait. @throws Problem 401, 429 */
export async function takeOver(sessionId: number, accountId: number, pin: string): Promise<string> {
  const counted: Counted = [['pin', String(sessionId)], ['name', `pin ${accountId}`]]; // prettier-ignore
  await countTry(counted);
  const row = await tables(database()).Account.findByPk(accountId);
  const right = row?.pin && !row.closedAt ? await isSecret(row.pin, pin) : await isNobodys(pin);
  if (!right) throw new Problem(401, 'Not the PIN', 'Name and PIN do not go together.', [{ path: 'pin', message: 'not the PIN' }]);
  await wasRight(counted);
  return handOver(sessionId, accountId, 'pin');
}

/** Whoever changes how they come in says the password once more. @throws Problem 401, 429 */
export async function confirmed(id: number, now: string): Promise<AccountModel> {
  const row = await account(id);
  const counted: Counted = [['name', row.login]];
  await countTry(counted);
  if (!(await isSecret(row.password, now))) throw new Problem(422, 'Not the password', 'This is not the password as it is.', [{ path: 'now', message: 'not the password as it is' }]); // prettier-ignore
  await wasRight(counted);
  return row;
}
/** Changes one's own password or PIN. With the password all other sessions end. */
export async function changeOwn(row: AccountModel, sessionId: number | null, { password, pin }: { password?: string; pin?: string | null }): Promise<void> {
  await row.update({
    ...(password === undefined ? {} : { password: await hashSecret(password) }),
    ...(pin === undefined ? {} : { pin: pin === null ? null : await hashSecret(pin) }),
    version: row.version + 1
  });
  if (password !== undefined) await endSessions({ accountId: row.id, but: sessionId });
}

const ISSUER = 'Chiave';
const RECOVERY_CODES = 10;
/** Characters of a recovery code: some 50 bits. */
const RECOVERY_LENGTH = 10;
/** A new secret for a second factor, told to its owner once; it is not in use before a code of it was typed. */
export async function offerSecond(row: AccountModel): Promise<{ secret: string; uri: string }> {
  if (row.secondOn) throw new Problem(409, 'There is one', 'Take the second factor away first; then a new one can be made.');
  const secret = generateSecret();
  await row.update({ second: seal(secret), secondStep: 0 });
  return { secret, uri: generateURI({ issuer: ISSUER, label: row.name, secret }) };
}
/** Switches the second factor on. @returns recovery codes, shown once @throws Problem 422 for a code that is none */
export async function acceptSecond(row: AccountModel, code: string): Promise<string[]> {
  if (!row.second || row.secondOn || !(await takesCode(row, code)))
    throw invalid([{ path: 'code', message: 'not the code of now: look again, and type the newest' }]);
  const codes = Array.from({ length: RECOVERY_CODES }, () => newToken().replace(/[-_]/g, '').slice(0, RECOVERY_LENGTH).toLowerCase());
  await row.update({ secondOn: true, recovery: codes.map(tokenHash), version: row.version + 1 });
  return codes;
}
export const dropSecond = async (row: AccountModel): Promise<void> => void (await row.update({ second: null, secondOn: false, recovery: [], version: row.version + 1 })); // prettier-ignore
export const ownRow = async (id: number): Promise<AccountRow> => rowOf(await account(id));
