import { z } from 'zod';
import { stockFileSchema } from '$lib/api/stock-exchange';
import { get } from '$lib/server/endpoint';

export const GET = get({ needs: 'look', summary: 'JSON Schema of a stockroom file' }, () => z.toJSONSchema(stockFileSchema, { io: 'input' }));
