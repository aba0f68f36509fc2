/** Requests that were sent and not answered, with the key each was sent under: sent again, they are done once. */
const unanswered = new Map<string, string>();

/** Random enough to be nobody else's; a page that is not served over TLS has no `randomUUID`. */
const newKey = (): string => Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');

/** The key of a request: the same again as long as no answer came. @param request method, address and body */
export function keyOf(request: string): string {
  const key = unanswered.get(request) ?? newKey();
  unanswered.set(request, key);
  return key;
}

/** An answer came: the same asked again is another wish. */
export const answered = (request: string): void => void unanswered.delete(request);
