import { createCipheriv, createDecipheriv, createHash, hkdfSync, randomBytes, timingSafeEqual } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';

/** Passwords, PINs, tokens and sealed secrets. Nothing of them is kept as it was given. */
/** argon2id, which is this package’s own choice: 19 MiB, two passes, one lane (the cheat sheet of OWASP, from memory). */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;
/** Unicode is one spelling of a password, whatever keyboard wrote it. */
const spelled = (text: string): string => text.normalize('NFKC');
export const hashSecret = (text: string): Promise<string> => hash(spelled(text), ARGON);
export const isSecret = async (hashed: string, text: string): Promise<boolean> => {
  try {
    return await verify(hashed, spelled(text));
  } catch {
    return false;
  }
};
let nobody: Promise<string> | undefined;
/** Takes as long as looking at a real password, so that a clock does not tell which names exist. */
export const isNobodys = async (text: string): Promise<false> => {
  await isSecret(await (nobody ??= hashSecret(randomBytes(16).toString('hex'))), text);
  return false;
};

const TOKEN_BYTES = 32;
/** A token nobody guesses: 256 bits. */
export const newToken = (prefix = ''): string => `${prefix}${randomBytes(TOKEN_BYTES).toString('base64url')}`;
/** What is kept of a token. It has bits enough that a quick hash will do. */
export const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');
export const sameText = (a: string, b: string): boolean => timingSafeEqual(Buffer.from(tokenHash(a)), Buffer.from(tokenHash(b)));

/** The shop’s key, for what must be read again. Every process of a shop is given the same. */
const keyOf = (): Buffer => Buffer.from(hkdfSync('sha256', process.env.SHOP_SECRET ?? 'a key of tests and of development', 'chiave', 'second factor', 32));
const IV_BYTES = 12;
const TAG_BYTES = 16;
/** Seals a text (AES-256-GCM): the database alone does not tell it. */
export function seal(text: string): string {
  const iv = randomBytes(IV_BYTES);
  const cipher = createCipheriv('aes-256-gcm', keyOf(), iv);
  return Buffer.concat([iv, cipher.update(text, 'utf8'), cipher.final(), cipher.getAuthTag()]).toString('base64');
}
/** @throws Error where it was sealed with another key, or changed */
export function unseal(sealed: string): string {
  const bytes = Buffer.from(sealed, 'base64');
  const decipher = createDecipheriv('aes-256-gcm', keyOf(), bytes.subarray(0, IV_BYTES));
  decipher.setAuthTag(bytes.subarray(-TAG_BYTES));
  return Buffer.concat([decipher.update(bytes.subarray(IV_BYTES, -TAG_BYTES)), decipher.final()]).toString('utf8');
}
