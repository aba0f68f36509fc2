import { pointeImportAnswer, pointeImportSchema } from '$lib/api/pointe-schema';
import { IMPORT_LIMIT, write } from '$lib/server/endpoint';
import { importPointe } from '$lib/server/shop/pointe';

export const POST = write({ needs: 'stock', summary: 'Read makers and models of pointe shoes, or rows of models; all or nothing', body: pointeImportSchema, limit: IMPORT_LIMIT, answer: pointeImportAnswer }, (body) => importPointe(body)); // prettier-ignore
