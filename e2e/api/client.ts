/** A small client for the API tests. */
export const BASE = process.env.CHIAVE_URL ?? 'http://127.0.0.1:5150';

export interface Answer {
  status: number;
  type: string;
  // The shape is what each test asserts.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  body: any;
  headers: Headers;
}

export async function ask(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
  const response = await fetch(`${BASE}/api/v1${path}`, {
    method,
    headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
    body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body)
  });
  const text = await response.text();
  return { status: response.status, type: response.headers.get('content-type') ?? '', body: text ? JSON.parse(text) : null, headers: response.headers };
}

export const get = (path: string) => ask('GET', path);
export const post = (path: string, body?: unknown) => ask('POST', path, body);

/** A new person with an open fitting. */
export async function newFitting(name = 'Test Person'): Promise<{ customer: number; fitting: number }> {
  const customer = (await post('/customers', { name, born: 1980 })).body.id as number;
  return { customer, fitting: (await post(`/customers/${customer}/fittings`)).body.id as number };
}

export const side = (lengthMm: number, more: Record<string, number> = {}) => ({
  values: Object.fromEntries(Object.entries({ lengthMm, ...more }).map(([field, mm]) => [field, { mm, typed: `${mm} mm` }])),
  toeShape: 'egyptian',
  archType: 'medium'
});
