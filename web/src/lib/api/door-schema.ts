import { z } from 'zod';
import { ROLE_IDS, SCOPE_IDS, type RoleId } from '../roles';

/** What is asked of whoever comes in, and what is told of those who do. */
const LEAST_PASSWORD = 10;
const MOST_PASSWORD = 200;
/** Passwords that everybody tries first. */
const COMMON = ['password', 'passwort', '1234567890', 'qwertyuiop', 'letmein', 'welcome', 'chiave', 'ballerina', 'shoeshop'];
const login = z
  .string()
  .trim()
  .min(2, 'a name of at least two letters')
  .max(60, 'at most 60 letters')
  .refine((v) => !/[\p{C}\p{Zl}\p{Zp}]/u.test(v), 'letters, digits and signs that can be seen');
const password = z
  .string()
  .min(LEAST_PASSWORD, `at least ${LEAST_PASSWORD} characters: a few words will do`)
  .max(MOST_PASSWORD, `at most ${MOST_PASSWORD} characters`)
  .refine((v) => !COMMON.some((c) => v.toLowerCase().startsWith(c) && v.length < c.length + 4), 'this is among the first that are guessed')
  .refine((v) => new Set(v).size > 3, 'more than three different characters');
const pin = z.string().regex(/^\d{4,8}$/, 'four to eight digits').refine((v) => new Set(v).size > 1 && !'0123456789876543210'.includes(v), 'not one digit again and again, nor in a row'); // prettier-ignore
const typed = z.string().max(MOST_PASSWORD);
const role = z.enum(ROLE_IDS as [RoleId, ...RoleId[]]);

export const enterSchema = z.strictObject({
  name: z.string().max(60),
  password: typed,
  code: z.string().max(20).default('').describe('code of the second factor, or a recovery code, where the account has one'),
  shopDay: z.boolean().default(false).describe('this device stays signed in for the shop day')
});
export const handSchema = z.strictObject({ accountId: z.number().int(), pin: z.string().max(8) });
export const accountSchema = z.strictObject({ name: login, role, password }).meta({ id: 'Account' });
export const accountPatchSchema = z.strictObject({
  role: role.optional(),
  closed: z.boolean().optional(),
  password: password.optional().describe('a new one, told to them by hand; all their sessions end'),
  withoutSecond: z.literal(true).optional().describe('takes the second factor away, for one who lost it'),
  version: z.number().int().optional()
});
export const ownSchema = z.strictObject({ now: typed.describe('the password as it is'), password: password.optional(), pin: pin.nullable().optional() });
export const secondSchema = z.strictObject({
  now: typed,
  code: z.string().max(20).optional().describe('a code, to switch it on; left out, a new secret is made')
});
export const withoutSecondSchema = z.strictObject({ now: typed });
export const tokenSchema = z.strictObject({
  now: typed,
  name: z.string().trim().min(1, 'what it is for').max(80),
  scopes: z.array(z.enum(SCOPE_IDS as [(typeof SCOPE_IDS)[number], ...typeof SCOPE_IDS])).min(1, 'what it may'),
  days: z.number().int().min(1).max(366, 'at most a year').default(90)
});

export interface TokenRow {
  id: number;
  name: string;
  scopes: string[];
  createdAt: string;
  expiresAt: string;
  usedAt: string | null;
}
const moment = z.string();
export const tokenRow = z.object({
  id: z.number(),
  name: z.string(),
  scopes: z.array(z.string()),
  createdAt: moment,
  expiresAt: moment,
  usedAt: moment.nullable()
});
export const accountRow = z.object({
  id: z.number(),
  name: z.string(),
  role,
  hasPin: z.boolean(),
  second: z.boolean().describe('has a second factor'),
  version: z.number(),
  createdAt: moment,
  closedAt: moment.nullable()
});
export type AccountRow = z.infer<typeof accountRow>;
export const sessionRow = z.object({ id: z.number(), account: z.string(), device: z.string(), address: z.string(), way: z.string(), shopDay: z.boolean(), beganAt: moment, seenAt: moment, own: z.boolean() }); // prettier-ignore
export const proposalAnswerSchema = z.strictObject({ accept: z.boolean() });
export const proposalRow = z.object({ id: z.number(), what: z.string(), method: z.string(), path: z.string(), by: z.string(), why: z.string(), body: z.unknown(), createdAt: moment, answer: z.string(), answeredBy: z.string(), answeredAt: moment.nullable() }); // prettier-ignore
export type ProposalRow = z.infer<typeof proposalRow>;
/** Who is signed in here. */
export const meAnswer = z.object({ name: z.string(), role, way: z.string(), accountId: z.number().nullable(), shopDay: z.boolean(), hands: z.array(z.object({ id: z.number(), name: z.string() })) }); // prettier-ignore
export type Me = z.infer<typeof meAnswer>;
export type SessionRow = z.infer<typeof sessionRow>;
