import { z } from 'zod';
import { createDocument, type ZodOpenApiOperationObject, type ZodOpenApiPathsObject } from 'zod-openapi';
import { NEED } from '../roles';
import { VERSION } from '../version';
import type { Route } from './endpoint';

const problem = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.number().int(),
    detail: z.string(),
    errors: z.array(z.object({ path: z.string(), message: z.string() }))
  })
  .meta({ id: 'Problem', description: 'Problem details, RFC 9457' });

const problemContent = { 'application/problem+json': { schema: problem } };
const anything = { content: { 'application/json': { schema: z.looseObject({}) } } };
const key = z.object({
  'idempotency-key': z
    .string()
    .regex(/^[\w-]{8,64}$/)
    .optional()
    .describe('one key for one wish to write: asked again with it, it is done once and answered the same')
});

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;
type Method = (typeof METHODS)[number];

/** A route at its place. */
export interface Placed {
  /** As the document writes it: `/api/v1/fittings/{id}`. */
  path: string;
  method: Method;
  route: Route;
}

/** Every file of the API, read when it is first asked for. */
const FILES = import.meta.glob<Partial<Record<Method, { route?: Route }>>>('/src/routes/api/v1/**/+server.ts');
const pathOf = (file: string): string =>
  file
    .replace('/src/routes', '')
    .replace('/+server.ts', '')
    .replace(/\[(\w+)\]/g, '{$1}');

/**
 * Every route of the API as it registered itself.
 * @throws Error for a method that did not
 */
export async function allRoutes(): Promise<Placed[]> {
  const placed: Placed[] = [];
  for (const [file, load] of Object.entries(FILES).sort(([a], [b]) => (a < b ? -1 : 1))) {
    const module = await load();
    for (const method of METHODS) {
      const handler = module[method];
      if (!handler) continue;
      if (!handler.route) throw new Error(`${method} of ${file} is not registered: make it with get, take, write, act or asIs of endpoint.ts`);
      placed.push({ path: pathOf(file), method, route: handler.route });
    }
  }
  return placed;
}

/** What an answer consists of, as the document writes it. */
const contentOf = ({ answer, media }: Route) =>
  media ? { content: { [media]: { schema: z.string() } } } : answer ? { content: { 'application/json': { schema: answer } } } : anything;

const PARAMETER = /\{(\w+)\}/g;
const named = (path: string): z.ZodObject | null => {
  const names = [...path.matchAll(PARAMETER)].map((m) => m[1]);
  return names.length > 0 ? z.object(Object.fromEntries(names.map((name) => [name, z.string().describe('number or name of the record')]))) : null;
};

function operation({ path, method, route }: Placed): ZodOpenApiOperationObject {
  const { summary, body, status = 200, query, does, needs, once = true } = route;
  const parameters = named(path);
  const writes = does === 'writes';
  const params = { ...(parameters ? { path: parameters } : {}), ...(query ? { query } : {}), ...(writes && once ? { header: key } : {}) };
  return {
    operationId: `${method.toLowerCase()}${path
      .replace('/api/v1', '')
      .replace(/[{}]/g, '')
      .replace(/[/.-](\w)/g, (_, c: string) => c.toUpperCase())}`,
    summary,
    description:
      NEED[needs].least === null
        ? 'Anyone may ask.'
        : `Needs to ${NEED[needs].name}: ${NEED[needs].least} and up${NEED[needs].token ? `, or a token with “${needs}”` : ''}.`,
    ...(NEED[needs].least === null ? { security: [] } : {}),
    'x-needs': needs,
    ...(Object.keys(params).length > 0 ? { requestParams: params } : {}),
    ...(body ? { requestBody: { required: true, content: { 'application/json': { schema: body } } } } : {}),
    responses: {
      [String(status)]: { description: 'done', ...contentOf(route) },
      ...(writes && needs === 'lasts' ? { '202': { description: 'an apprentice’s change, kept as a proposal: an owner decides', ...anything } } : {}),
      ...(body
        ? {
            '400': { description: 'JSON that does not parse', content: problemContent },
            '413': { description: 'a body over 1 MiB (10 MiB for files of the stockroom)', content: problemContent },
            '422': { description: 'values out of range or unknown names', content: problemContent }
          }
        : {}),
      ...(NEED[needs].least === null
        ? {}
        : {
            '401': { description: 'not signed in', content: problemContent },
            '403': { description: `whoever is signed in may not: it needs to ${NEED[needs].name}`, content: problemContent }
          }),
      ...(parameters ? { '404': { description: 'no such record', content: problemContent } } : {}),
      ...(writes
        ? {
            '409': { description: 'changed, taken or in use meanwhile', content: problemContent },
            '410': { description: 'what it belongs to was erased on request', content: problemContent },
            '507': { description: 'the disk is full', content: problemContent }
          }
        : { '429': { description: 'too many heavy requests wait already', content: problemContent } }),
      '503': { description: 'the database does not answer; of a write it may say that it is not known whether it was saved', content: problemContent }
    }
  } as ZodOpenApiOperationObject;
}

function pathsOf(routes: readonly Placed[]): ZodOpenApiPathsObject {
  const out: ZodOpenApiPathsObject = {};
  for (const placed of routes) out[placed.path] = { ...out[placed.path], [placed.method.toLowerCase()]: operation(placed) };
  return out;
}

/** The OpenAPI document, made of what the routes say of themselves and the schemas that validate. */
export const openApiDocument = async (): Promise<ReturnType<typeof createDocument>> =>
  createDocument({
    openapi: '3.1.0',
    info: {
      title: 'Chiave API',
      version: VERSION,
      description: 'Millimetres, kilograms, degrees. Errors are problem details (RFC 9457). Advice, not diagnosis.'
    },
    security: [{ session: [] }, { token: [] }],
    components: {
      securitySchemes: {
        session: { type: 'apiKey', in: 'cookie', name: 'chiave_session' },
        token: { type: 'http', scheme: 'bearer', description: 'A token from one’s own account page: it names what it may and ends on a day.' }
      }
    },
    paths: pathsOf(await allRoutes())
  });
