import { z } from 'zod';
import { createDocument, type ZodOpenApiOperationObject, type ZodOpenApiPathsObject } from 'zod-openapi';
import { convertSchema } from '../api/convert-schema';
import { fitCheckSchema, fitSchema } from '../api/fit-schema';
import { importSchema } from '../api/feet-exchange';
import {
  customerPatchSchema,
  customerSchema,
  fittingsPageSchema,
  peoplePageSchema,
  feetSchema,
  fittingPatchSchema,
  measureOrderSchema,
  tracingSchema,
  tryPatchSchema,
  trySchema
} from '../api/shop-schema';
import { stockImportSchema } from '../api/stock-exchange';
import {
  compareLastsSchema,
  compareSizeSchema,
  countsSchema,
  duplicateSchema,
  joinSchema,
  lastChangeSchema,
  lastSchema,
  makerSchema,
  matrixSchema,
  photoSchema,
  readingSchema,
  styleSchema,
  stylesPatchSchema
} from '../api/stock-schema';
import { cardSchema, chartSchema, habitSchema, makerScaleSchema, stripsSchema } from '../api/size-schema';
import { targetsSchema } from '../api/targets-schema';
import { VERSION } from '../version';

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
const id = z.object({ id: z.string().describe('number of the record') });

interface Row {
  path: string;
  method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  summary: string;
  body?: z.ZodType;
  status?: 200 | 201;
  hasId?: boolean;
  query?: z.ZodObject;
  /** Computes and keeps nothing, although it takes a body. */
  computes?: boolean;
}

/** Every endpoint; a new one is a new row. */
const ROWS: readonly Row[] = [
  { path: '/health', method: 'get', summary: 'Whether the application and its database answer' },
  { path: '/scales', method: 'get', summary: 'Every length and width scale, with schools and sources' },
  { path: '/convert', method: 'post', summary: 'A label or a foot read in other scales, one reading a school', body: convertSchema, computes: true },
  { path: '/fit/check', method: 'post', summary: 'One foot in one shoe whose inside is given', body: fitCheckSchema, computes: true },
  { path: '/fit', method: 'post', summary: 'Both feet against the stockroom, best first', body: fitSchema, computes: true },
  {
    path: '/styles',
    method: 'get',
    summary: 'The stockroom: styles with their lasts, runs and shelf counts, and a stamp that changes whenever any of it does'
  },
  { path: '/styles', method: 'post', summary: 'Keep a new style', body: styleSchema, status: 201 },
  { path: '/styles', method: 'patch', summary: 'Change many styles at once, all or none; answers with what they had before', body: stylesPatchSchema },
  { path: '/styles/{id}', method: 'get', summary: 'One style', hasId: true },
  { path: '/styles/{id}', method: 'delete', summary: 'Take a style away that no visit speaks of', hasId: true },
  { path: '/styles/{id}/duplicate', method: 'post', summary: 'A variant of a style', body: duplicateSchema, status: 201, hasId: true },
  { path: '/styles/{id}/stock', method: 'patch', summary: 'Set counts of single sizes and widths; the others stay', body: countsSchema, hasId: true },
  { path: '/styles/{id}/photos', method: 'get', summary: 'Photographs kept with a style', hasId: true },
  { path: '/styles/{id}/photos', method: 'post', summary: 'Keep a photograph', body: photoSchema, status: 201, hasId: true },
  { path: '/photos/{id}', method: 'get', summary: 'One photograph', hasId: true },
  { path: '/photos/{id}', method: 'delete', summary: 'Take a photograph away', hasId: true },
  { path: '/makers', method: 'get', summary: 'Makers with their widths' },
  { path: '/makers', method: 'post', summary: 'Keep a new maker', body: makerSchema, status: 201 },
  { path: '/lasts', method: 'get', summary: 'Every last' },
  { path: '/lasts', method: 'post', summary: 'Keep a new last', body: lastSchema, status: 201 },
  { path: '/lasts/{id}', method: 'get', summary: 'One last, what was measured of it, and what that says together', hasId: true },
  { path: '/lasts/{id}', method: 'put', summary: 'Change a last; a version seen and outdated is a conflict', body: lastChangeSchema, hasId: true },
  { path: '/lasts/{id}/readings', method: 'post', summary: 'Keep a measured pair or insole', body: readingSchema, status: 201, hasId: true },
  { path: '/lasts/{id}/join', method: 'post', summary: 'Join a last that is the same under another name', body: joinSchema, hasId: true },
  { path: '/readings/{id}', method: 'delete', summary: 'Take a reading away', hasId: true },
  {
    path: '/compare/lasts',
    method: 'post',
    summary: 'Two to four insides laid over each other, in millimetres and words',
    body: compareLastsSchema,
    computes: true
  },
  { path: '/compare/size', method: 'post', summary: 'Which size of others feels like a size of one', body: compareSizeSchema, computes: true },
  { path: '/compare/matrix', method: 'post', summary: 'Sizes that feel alike for a set of lasts', body: matrixSchema, computes: true },
  { path: '/matrices', method: 'get', summary: 'Matrices the shop keeps' },
  { path: '/matrices', method: 'post', summary: 'Keep a matrix', body: matrixSchema, status: 201 },
  { path: '/matrices/{id}', method: 'delete', summary: 'Take a matrix away', hasId: true },
  { path: '/export/stock', method: 'get', summary: 'The stockroom as a file; ?format=json, lasts, styles or counts' },
  { path: '/import/stock', method: 'post', summary: 'Read a file or a pasted run into the stockroom; looked over first as a dry run', body: stockImportSchema },
  { path: '/stock-schema.json', method: 'get', summary: 'JSON Schema of a stockroom file' },
  { path: '/customers', method: 'get', summary: 'People by name, a page at a time, with the last measured lengths', query: peoplePageSchema },
  { path: '/customers', method: 'post', summary: 'Add a person', body: customerSchema, status: 201 },
  { path: '/customers/{id}', method: 'get', summary: 'One person', hasId: true },
  {
    path: '/customers/{id}',
    method: 'patch',
    summary: 'Change what is kept of a person; a version seen and outdated is a conflict',
    body: customerPatchSchema,
    hasId: true
  },
  { path: '/customers/{id}', method: 'delete', summary: 'Erase a person; what must stay is made anonymous', hasId: true },
  { path: '/customers/{id}/export', method: 'get', summary: 'Everything kept about a person, as one file', hasId: true },
  { path: '/customers/{id}/feet', method: 'get', summary: 'A person’s feet, every session; ?format=csv for one line a value', hasId: true },
  { path: '/customers/{id}/changes', method: 'get', summary: 'Who changed what and when', hasId: true },
  { path: '/import/feet', method: 'post', summary: 'Read a file of feet for a person; looked over first as a dry run', body: importSchema },
  { path: '/feet-schema.json', method: 'get', summary: 'JSON Schema of a file of feet' },
  { path: '/customers/{id}/fittings', method: 'get', summary: 'Fittings of a person, newest first, a page at a time', hasId: true, query: fittingsPageSchema },
  { path: '/customers/{id}/fittings', method: 'post', summary: 'Open a fitting', status: 201, hasId: true },
  { path: '/fittings/{id}', method: 'get', summary: 'One fitting: feet, answers, pairs tried', hasId: true },
  { path: '/fittings/{id}', method: 'patch', summary: 'Save what was asked and seen', body: fittingPatchSchema, hasId: true },
  { path: '/fittings/{id}/feet', method: 'put', summary: 'Save both feet as measured', body: feetSchema, hasId: true },
  { path: '/fittings/{id}/tracings', method: 'get', summary: 'Outlines traced at a visit', hasId: true },
  { path: '/fittings/{id}/tracings', method: 'post', summary: 'Keep a traced outline', body: tracingSchema, status: 201, hasId: true },
  {
    path: '/fittings/{id}/card',
    method: 'get',
    summary: 'The fit card of an opened pair, PDF; ?style, size, width, put=L.toe-filler.4,R.heel-grip.3, paper=a4 or letter',
    hasId: true
  },
  { path: '/fittings/{id}/tries', method: 'post', summary: 'Carry a pair to the chair', body: trySchema, status: 201, hasId: true },
  { path: '/tries/{id}', method: 'patch', summary: 'Note what was felt, what became of it and why', body: tryPatchSchema, hasId: true },
  { path: '/tries/{id}', method: 'delete', summary: 'Take a pair off the list', hasId: true },
  { path: '/settings/strips', method: 'get', summary: 'The strips along the rule, as the shop keeps them' },
  { path: '/settings/strips', method: 'put', summary: 'Keep the strips along the rule', body: stripsSchema },
  { path: '/gauge', method: 'get', summary: 'Readings of the digital gauge as server-sent events' },
  { path: '/settings/measures', method: 'get', summary: 'The order in which the shop takes its measures' },
  { path: '/settings/measures', method: 'put', summary: 'Keep the order of the measures', body: measureOrderSchema },
  { path: '/settings/targets', method: 'get', summary: 'Targets the shop has set for itself' },
  { path: '/settings/targets', method: 'put', summary: 'Keep the shop’s own targets; an empty set goes back to ours', body: targetsSchema },
  { path: '/habits', method: 'get', summary: 'What is known of how each last runs against its label' },
  { path: '/habits', method: 'post', summary: 'Keep one report of how a last runs', body: habitSchema, status: 201 },
  { path: '/habits/{id}', method: 'delete', summary: 'Take a report away', hasId: true },
  { path: '/maker-scales', method: 'get', summary: 'Scales that makers define for themselves' },
  { path: '/maker-scales', method: 'post', summary: 'Keep a maker’s own scale', body: makerScaleSchema, status: 201 },
  { path: '/maker-scales/{id}', method: 'delete', summary: 'Take a maker’s scale away', hasId: true },
  { path: '/sizes/card', method: 'post', summary: 'An answer card as PDF', body: cardSchema, computes: true },
  { path: '/sizes/chart', method: 'post', summary: 'A chart of scales over a range of feet, as JSON or PDF', body: chartSchema, computes: true },
  { path: '/sizes/gauge', method: 'get', summary: 'A foot gauge to print at true size, PDF; ?paper=a4 or letter' }
];

function operation({ summary, body, status = 200, hasId, query, computes = false, method, path }: Row): ZodOpenApiOperationObject {
  const writes = method !== 'get' && !computes;
  const params = { ...(hasId ? { path: id } : {}), ...(query ? { query } : {}), ...(writes ? { header: key } : {}) };
  return {
    operationId: `${method}${path.replace(/[{}]/g, '').replace(/[/-](\w)/g, (_, c: string) => c.toUpperCase())}`,
    summary,
    ...(Object.keys(params).length > 0 ? { requestParams: params } : {}),
    ...(body ? { requestBody: { required: true, content: { 'application/json': { schema: body } } } } : {}),
    responses: {
      [String(status)]: { description: 'done', ...anything },
      ...(body
        ? {
            '400': { description: 'JSON that does not parse', content: problemContent },
            '413': { description: 'a body over 1 MiB (10 MiB for files of the stockroom)', content: problemContent },
            '422': { description: 'values out of range or unknown names', content: problemContent }
          }
        : {}),
      ...(hasId ? { '404': { description: 'no such record', content: problemContent } } : {}),
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

function paths(): ZodOpenApiPathsObject {
  const out: ZodOpenApiPathsObject = {};
  for (const row of ROWS) out[`/api/v1${row.path}`] = { ...out[`/api/v1${row.path}`], [row.method]: operation(row) };
  return out;
}

/** The OpenAPI document, generated from the schemas that validate. */
export const openApiDocument = (): ReturnType<typeof createDocument> =>
  createDocument({
    openapi: '3.1.0',
    info: {
      title: 'Chiave API',
      version: VERSION,
      description: 'Millimetres, kilograms, degrees. Errors are problem details (RFC 9457). Advice, not diagnosis.'
    },
    paths: paths()
  });
