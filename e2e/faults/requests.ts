import fc from 'fast-check';
import { alone, type Alone } from './alone';
import { hostile, hostileText, nearly, valid, type Schema, type Schemas } from './made-up';
import { often } from './short';

/** Whole requests made up from the API document: allowed, nearly allowed, and what nobody should send. */
export interface Operation {
  method: string;
  path: string;
  body?: Schema;
}
interface Document {
  paths: Record<string, Record<string, { requestBody?: { content: Record<string, { schema: Schema }> } }>>;
}
/** An answer that takes longer hangs, ms; beside other work on a slow machine it is given more. */
export const HANGS_MS = often(5000, 30_000);

/** Every operation of the document but the one that answers for ever. */
export const operationsOf = ({ paths }: Document): Operation[] =>
  Object.entries(paths)
    .flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, { requestBody }]) => ({
        method: method.toUpperCase(),
        path: path.replace('/api/v1', ''),
        body: requestBody?.content['application/json']?.schema
      }))
    )
    .filter((o) => o.path !== '/gauge' && o.path !== '/scanner');

const QUERIES = [
  '',
  '?format=csv',
  '?search=%00&limit=-1',
  '?limit=1e9&after=x',
  '?style=bassoon&size=8&width=F',
  '?style=%F0%9F%98%80&size=%00&paper=%ff',
  '?put=L.x.1,,R',
  '?paper=letter'
];
const ids = () =>
  fc.oneof(
    fc.integer({ min: 1, max: 40 }).map(String),
    fc.constantFrom('plover', 'alderman', 'bassoon', '0', '-1', '1e9', '99999999999999999999', 'NaN', '%00', '..%2f..', '%E0%A4%A'),
    hostileText().map((t) => encodeURIComponent(t.toWellFormed()).slice(0, 300))
  );
export interface MadeUp {
  operation: Operation;
  id: string;
  query: string;
  body: string | undefined;
  fitter: string;
}
export const requestsOf = (operations: readonly Operation[], schemas: Schemas): fc.Arbitrary<MadeUp> =>
  fc.nat().chain((n) => {
    const operation = operations[n % operations.length];
    const body = operation.body
      ? fc.oneof(
          { weight: 4, arbitrary: valid(operation.body, schemas).map((v) => JSON.stringify(v)) },
          { weight: 4, arbitrary: nearly(operation.body, schemas).map((v) => JSON.stringify(v)) },
          { weight: 2, arbitrary: hostile().map((v) => JSON.stringify(v)) },
          { weight: 1, arbitrary: hostileText() }
        )
      : fc.constant(undefined);
    return fc.record({ operation: fc.constant(operation), id: ids(), query: fc.constantFrom(...QUERIES), body, fitter: hostileText() });
  });

const pathOf = ({ operation, id, query }: MadeUp): string => `${operation.path.replace('{id}', id)}${query}`;
export const told = (made: MadeUp): string => `${made.operation.method} ${pathOf(made)} ${made.body}`;
export const sendMadeUp = (made: MadeUp, headers: Record<string, string> = {}): Promise<Alone> =>
  alone(
    made.operation.method,
    pathOf(made),
    { 'content-type': 'application/json', 'x-fitter': encodeURIComponent(made.fitter.toWellFormed()).slice(0, 500), ...headers },
    made.operation.method === 'GET' ? undefined : made.body
  );
