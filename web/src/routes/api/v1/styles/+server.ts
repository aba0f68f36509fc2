import { stylesPatchSchema, styleSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { addStyle, changeStyles } from '$lib/server/shop/stock-changes';
import { stockroomNow } from '$lib/server/shop/stockroom';

export const GET = get(stockroomNow);
export const POST = write(styleSchema, (body) => addStyle(body), 201);
export const PATCH = write(stylesPatchSchema, ({ changes }) => changeStyles(changes));
