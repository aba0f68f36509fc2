import type { Cookies } from '@sveltejs/kit';
import { isSecure } from './host';

/** The cookie that names a session: nobody's script reads it, no other site sends it. */
const NAME = 'chiave_session';
const own = (request: Request) => ({ path: '/', httpOnly: true, sameSite: 'lax' as const, secure: isSecure(request) });
export const sessionToken = (cookies: Cookies): string | undefined => cookies.get(NAME);
export function keepToken(cookies: Cookies, request: Request, token: string, endsAt: Date): void {
  cookies.set(NAME, token, { ...own(request), expires: endsAt });
}
export function dropToken(cookies: Cookies, request: Request): void {
  cookies.delete(NAME, own(request));
}
