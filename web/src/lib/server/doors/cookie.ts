import type { Cookies } from '@sveltejs/kit';

/** The cookie that names a session: nobody's script reads it, no other site sends it. */
const NAME = 'chiave_session';
const own = (url: URL) => ({ path: '/', httpOnly: true, sameSite: 'lax' as const, secure: url.protocol === 'https:' });
export const sessionToken = (cookies: Cookies): string | undefined => cookies.get(NAME);
export function keepToken(cookies: Cookies, url: URL, token: string, endsAt: Date): void {
  cookies.set(NAME, token, { ...own(url), expires: endsAt });
}
export function dropToken(cookies: Cookies, url: URL): void {
  cookies.delete(NAME, own(url));
}
