import { request, type OutgoingHttpHeaders } from 'node:http';
import { BASE } from '../api/client';

export interface Alone {
  status: number;
  type: string;
  text: string;
  /** The session as the answer leaves it; empty where it sets none. */
  cookie: string;
}
/**
 * A request on a connection of its own. One that is kept may be closed under it while this process is busy making up the next request,
 * which would be told as the application's fault.
 */
export const alone = (method: string, path: string, headers: OutgoingHttpHeaders = {}, body?: string): Promise<Alone> =>
  new Promise((resolve, reject) => {
    const length = body === undefined ? {} : { 'content-length': Buffer.byteLength(body) };
    const asked = request(`${BASE}/api/v1${path}`, { method, agent: false, headers: { ...headers, ...length } }, (response) => {
      let text = '';
      response.setEncoding('utf8');
      response.on('data', (chunk: string) => (text += chunk));
      response.on('error', reject);
      response.on('end', () => {
        const cookie = (response.headers['set-cookie'] ?? []).map((c) => c.split(';')[0]).filter((c) => !c.endsWith('=')).at(-1) ?? ''; // prettier-ignore
        resolve({ status: response.statusCode!, type: response.headers['content-type'] ?? '', text, cookie });
      });
    });
    asked.on('error', reject);
    asked.end(body);
  });
