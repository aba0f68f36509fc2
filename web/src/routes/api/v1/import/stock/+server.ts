import { stockImportSchema } from '$lib/api/stock-exchange';
import { IMPORT_LIMIT, take } from '$lib/server/endpoint';
import { importStock } from '$lib/server/shop/stock-files';

export const POST = take(stockImportSchema, importStock, 200, IMPORT_LIMIT);
