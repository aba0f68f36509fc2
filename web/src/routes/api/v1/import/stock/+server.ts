import { stockImportSchema } from '$lib/api/stock-exchange';
import { IMPORT_LIMIT, write } from '$lib/server/endpoint';
import { importStock } from '$lib/server/shop/stock-files';

export const POST = write(stockImportSchema, importStock, 200, IMPORT_LIMIT);
