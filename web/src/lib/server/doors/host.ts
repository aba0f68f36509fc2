const LOOPBACK = ['127.0.0.1', 'localhost', '::1'];
/** A proxy on this machine brings the network to an application that itself listens on loopback. */
const behindProxy = (): boolean => !['', 'no'].includes(process.env.BEHIND_PROXY ?? '');
/** Whether only this machine reaches the application. */
export const isLoopback = (): boolean =>
  !behindProxy() && LOOPBACK.includes(process.env.HOST ?? (process.env.NODE_ENV === 'production' ? '0.0.0.0' : '127.0.0.1'));
/** Fewest letters of what seals secrets. */
const LEAST_SECRET = 32;
/** Opened to the network, secrets are sealed with a key of the shop's own. @throws where there is none */
export function guardHost(): void {
  if (!isLoopback() && (process.env.SHOP_SECRET ?? '').length < LEAST_SECRET)
    throw new Error(`${behindProxy() ? 'BEHIND_PROXY' : `HOST=${process.env.HOST ?? '0.0.0.0'}`} opens the shop's records to the network: set SHOP_SECRET to at least ${LEAST_SECRET} characters, the same for every process, or HOST=127.0.0.1 with no proxy.`); // prettier-ignore
}
/**
 * True where a proxy before us ends TLS. The application itself speaks plain HTTP and cannot tell by its own address; whoever claims it
 * falsely only loses their own cookie.
 */
export const isSecure = (request: Request): boolean => request.headers.get('x-forwarded-proto') === 'https';
/** Where the application is reached, as whoever asks reaches it. */
export const originOf = (request: Request): string => `${isSecure(request) ? 'https' : 'http'}://${request.headers.get('host') ?? ''}`;
/** From where somebody asks; empty where the proxy that should say so did not. */
export function addressOf(event: { getClientAddress: () => string }): string {
  try {
    return event.getClientAddress();
  } catch {
    return '';
  }
}
