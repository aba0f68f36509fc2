/**
 * A path of this application that an address asks to be led to; the first page for anything else. Browsers leave out tabs and
 * line ends and read backslashes as slashes, so what it leads to is judged, not how it is written.
 */
export function ownPath(to: string | null, origin: string): string {
  try {
    const url = new URL(to ?? '/', origin);
    return url.origin === origin ? `${url.pathname}${url.search}${url.hash}` : '/';
  } catch {
    return '/';
  }
}
