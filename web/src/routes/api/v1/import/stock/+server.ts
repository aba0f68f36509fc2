import { stockImportSchema } from '$lib/api/stock-exchange';
import { IMPORT_LIMIT, writePrepared } from '$lib/server/endpoint';
import { lookOver, takeIn } from '$lib/server/shop/stock-files';

export const POST = writePrepared(stockImportSchema, lookOver, takeIn, 200, IMPORT_LIMIT);
