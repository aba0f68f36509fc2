import fc from 'fast-check';

/** Bodies made up from a JSON Schema: what it allows, what it nearly allows, and what nobody should send. */
export interface Schema {
  $ref?: string;
  type?: string | string[];
  enum?: unknown[];
  const?: unknown;
  properties?: Record<string, Schema>;
  required?: string[];
  additionalProperties?: Schema | boolean;
  propertyNames?: Schema;
  items?: Schema;
  prefixItems?: Schema[];
  anyOf?: Schema[];
  oneOf?: Schema[];
  allOf?: Schema[];
  minimum?: number;
  maximum?: number;
  exclusiveMinimum?: number;
  exclusiveMaximum?: number;
  minLength?: number;
  maxLength?: number;
  minItems?: number;
  maxItems?: number;
  pattern?: string;
  format?: string;
}
export type Schemas = Record<string, Schema>;

/** Ids that are there and ids that are not: what a body may point at. */
const WORDS = [
  'plover',
  'tern',
  'alderman',
  'bassoon',
  'usher',
  'us-w',
  'eu',
  'mondo',
  'label',
  'standard',
  'medium',
  'F',
  '8',
  '38',
  'nobody',
  'maker-1',
  'maker-99'
];

/** Text that has broken programs before. */
export const HOSTILE = [
  '',
  ' ',
  '\u0000',
  '\ud800',
  'x\udfff',
  '\u202Egnp.exe',
  '\u200B\u200D\uFEFF',
  "'; DROP TABLE customers; --",
  '<script>alert(1)</script>',
  '{{7*7}}',
  '../../etc/passwd',
  '%00%0a',
  '=cmd|/c calc',
  '__proto__',
  'constructor',
  'Ω≈ç√∫ 王小明 김서연 😀',
  'ﷺ'.repeat(40),
  'a'.repeat(3000),
  '1e308',
  '-0',
  'NaN',
  '2026-02-31',
  '0000-00-00',
  '9'.repeat(400)
];
export const hostileText = (): fc.Arbitrary<string> => fc.oneof(fc.constantFrom(...HOSTILE), fc.string({ unit: 'binary', maxLength: 40 }));
const hostileNumber = (): fc.Arbitrary<number> => fc.constantFrom(0, -0, -1, 1e308, -1e308, 5e-324, 1e21, 2 ** 53, 2 ** 31, 2 ** 32, 0.1 + 0.2, -1e9);
export const hostile = (): fc.Arbitrary<unknown> =>
  fc.oneof(
    hostileText(),
    hostileNumber(),
    fc.constantFrom(null, true, [], {}, [[]], [null], { __proto__: 1 }),
    fc.jsonValue({ maxDepth: 3 }),
    fc.array(hostileText(), { maxLength: 6 }),
    fc.dictionary(hostileText(), hostileNumber(), { maxKeys: 4 })
  );

/** What a schema allows. */
export function valid(schema: Schema, all: Schemas, depth = 0): fc.Arbitrary<unknown> {
  if (schema.$ref) return valid(all[schema.$ref.split('/').at(-1)!], all, depth);
  const either = schema.anyOf ?? schema.oneOf;
  if (either) return fc.oneof(...either.map((s) => valid(s, all, depth)));
  if (schema.allOf) return valid(Object.assign({}, ...schema.allOf.map((s) => (s.$ref ? all[s.$ref.split('/').at(-1)!] : s))), all, depth);
  if (schema.const !== undefined) return fc.constant(schema.const);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  const type = Array.isArray(schema.type) ? schema.type[0] : schema.type;
  if (type === 'null') return fc.constant(null);
  if (type === 'boolean') return fc.boolean();
  if (type === 'number' || type === 'integer') return numberOf(schema, type);
  if (type === 'string') return textOf(schema);
  if (type === 'array') return listOf(schema, all, depth);
  if (type === 'object' || schema.properties) return recordOf(schema, all, depth);
  return fc.jsonValue({ maxDepth: 1 });
}

function numberOf({ minimum, maximum, exclusiveMinimum, exclusiveMaximum }: Schema, type: string): fc.Arbitrary<number> {
  const low = Math.max(minimum ?? exclusiveMinimum ?? -500, -1e6);
  const high = Math.max(low, Math.min(maximum ?? exclusiveMaximum ?? 500, 1e6));
  if (type === 'integer') return fc.oneof(fc.integer({ min: Math.ceil(low), max: Math.floor(high) }), fc.constantFrom(Math.ceil(low), Math.floor(high)));
  return fc.oneof(
    fc.double({ min: low, max: high, noNaN: true, noDefaultInfinity: true }).map((n) => Math.round(n * 10) / 10),
    fc.constantFrom(low, high)
  );
}

function textOf({ minLength = 0, maxLength = 40, pattern, format }: Schema): fc.Arbitrary<string> {
  if (format === 'date') return fc.constantFrom('2026-03-01', '2024-02-29', '2025-12-31');
  if (format === 'date-time') return fc.constantFrom('2026-03-01T09:30:00Z', '2025-12-31T23:59:59.999Z');
  if (pattern?.includes('a-z0-9')) return fc.oneof(fc.constantFrom(...WORDS.filter((w) => /^[a-z0-9-]+$/.test(w))), fc.stringMatching(/^[a-z][a-z0-9]{2,12}$/));
  if (pattern) return fc.constantFrom(...WORDS);
  return fc
    .oneof(fc.constantFrom(...WORDS), fc.string({ minLength, maxLength: Math.min(maxLength, 60) }))
    .filter((t) => t.length >= minLength && t.length <= maxLength);
}

const listOf = (schema: Schema, all: Schemas, depth: number): fc.Arbitrary<unknown> =>
  schema.prefixItems
    ? fc.tuple(...schema.prefixItems.map((s) => valid(s, all, depth + 1)))
    : fc.array(valid(schema.items ?? {}, all, depth + 1), {
        minLength: Math.min(schema.minItems ?? 0, 12),
        maxLength: Math.min(schema.maxItems ?? 4, Math.max(4, schema.minItems ?? 0), 12)
      });

function recordOf(schema: Schema, all: Schemas, depth: number): fc.Arbitrary<unknown> {
  const needed = new Set(schema.required ?? []);
  const properties = Object.entries(schema.properties ?? {}).map(([name, s]) => {
    const value = valid(s, all, depth + 1);
    return [name, needed.has(name) ? value : fc.option(value, { nil: undefined, freq: depth > 2 ? 1 : 2 })] as const;
  });
  const fixed = fc.record(Object.fromEntries(properties)).map((r) => Object.fromEntries(Object.entries(r).filter(([, v]) => v !== undefined)));
  if (typeof schema.additionalProperties !== 'object') return fixed;
  const names = schema.propertyNames ? valid(schema.propertyNames, all, depth + 1).map(String) : fc.constantFrom(...WORDS, '8|F', '38|medium');
  return fc.tuple(fixed, fc.dictionary(names, valid(schema.additionalProperties, all, depth + 1), { maxKeys: 4 })).map(([a, b]) => ({ ...b, ...a }));
}

/** What is valid but for one place: gone, of another type, out of range, or one too many. */
export const nearly = (schema: Schema, all: Schemas): fc.Arbitrary<unknown> =>
  fc.tuple(valid(schema, all), fc.nat(), hostile(), fc.constantFrom('replace', 'drop', 'add', 'repeat')).map(([body, at, odd, how]) => {
    const copy = structuredClone(body);
    const places: { holder: Record<string | number, unknown>; key: string | number }[] = [];
    const walk = (value: unknown): void => {
      if (typeof value !== 'object' || value === null) return;
      for (const key of Object.keys(value)) {
        places.push({ holder: value as Record<string, unknown>, key });
        walk((value as Record<string, unknown>)[key]);
      }
    };
    walk(copy);
    if (places.length === 0) return odd;
    const { holder, key } = places[at % places.length];
    if (how === 'drop') delete holder[key];
    else if (how === 'add') holder[Array.isArray(holder) ? holder.length : `${key}x`] = odd;
    else if (how === 'repeat' && Array.isArray(holder[key])) holder[key] = [...holder[key], ...holder[key], ...holder[key]];
    else holder[key] = odd;
    return copy;
  });
