import { z } from 'zod';

/** A small client for the API tests. Every answer is held against what the API document says of it. */
export const BASE = process.env.CHIAVE_URL ?? 'http://127.0.0.1:5150';

export interface Answer {
  status: number;
  type: string;
  // The shape is what each test asserts.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  body: any;
  headers: Headers;
}

interface Operation {
  responses: Record<string, { content?: Record<string, { schema: object }> }>;
}
interface Document {
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, object> };
}
let document: Promise<Document> | undefined;
const schemas = new Map<string, z.ZodType | null>();

/** What the document says a request answers; null where it is no JSON. @throws Error for a request that the document does not know */
async function answerSchema(method: string, path: string, status: number): Promise<z.ZodType | null> {
  const { paths, components } = await (document ??= fetch(`${BASE}/api/v1/openapi.json`).then((r) => r.json() as Promise<Document>));
  const bare = `/api/v1${path.split('?')[0]}`;
  const known = Object.keys(paths)
    .filter((p) => new RegExp(`^${p.replaceAll('.', '\\.').replace(/\{\w+\}/g, '[^/]+')}$`).test(bare))
    .sort((a, b) => a.split('{').length - b.split('{').length)[0];
  const operation = known && paths[known][method.toLowerCase()];
  if (!operation) throw new Error(`${method} ${path} answered ${status} and is not in the API document`);
  const key = `${method} ${known} ${status}`;
  if (!schemas.has(key)) {
    const response = operation.responses[status];
    if (!response) throw new Error(`${key} is not in the API document`);
    const schema = response.content?.['application/json']?.schema ?? response.content?.['application/problem+json']?.schema;
    const whole = schema && JSON.parse(JSON.stringify({ ...schema, $defs: components.schemas }).replaceAll('#/components/schemas/', '#/$defs/'));
    schemas.set(key, whole ? z.fromJSONSchema(whole) : null);
  }
  return schemas.get(key)!;
}

/** @throws Error naming where an answer differs from the document */
async function holdAgainstDocument(method: string, path: string, { status, type, body }: Answer): Promise<void> {
  // What no route is asked for is a problem by itself: unknown paths and methods, hosts and origins.
  if (status >= 400 || !type.includes('json')) return;
  const parsed = (await answerSchema(method, path, status))?.safeParse(body);
  if (parsed && !parsed.success) throw new Error(`${method} ${path} answers otherwise than the API document says:\n${z.prettifyError(parsed.error)}`);
}

export async function ask(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
  const response = await fetch(`${BASE}/api/v1${path}`, {
    method,
    headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
    body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body)
  });
  const text = await response.text();
  const answer = { status: response.status, type: response.headers.get('content-type') ?? '', body: text ? JSON.parse(text) : null, headers: response.headers };
  await holdAgainstDocument(method, path, answer);
  return answer;
}

export const get = (path: string) => ask('GET', path);
export const post = (path: string, body?: unknown) => ask('POST', path, body);

/** A new person with an open fitting. */
export async function newFitting(name = 'Test Person'): Promise<{ customer: number; fitting: number }> {
  const customer = (await post('/customers', { name, born: 1980 })).body.id as number;
  return { customer, fitting: (await post(`/customers/${customer}/fittings`)).body.id as number };
}

export const side = (lengthMm: number, more: Record<string, number> = {}) => ({
  ...Object.fromEntries(Object.entries({ lengthMm, ...more }).map(([field, mm]) => [field, { mm, typed: `${mm} mm` }])),
  toeShape: 'egyptian',
  archType: 'medium'
});
