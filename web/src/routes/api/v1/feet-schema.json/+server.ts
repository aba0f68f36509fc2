import { z } from 'zod';
import { feetFileSchema } from '$lib/api/feet-exchange';
import { get } from '$lib/server/endpoint';

/** JSON Schema of the file of a person's feet. */
export const GET = get({ needs: 'look', summary: 'JSON Schema of a file of feet' }, () => z.toJSONSchema(feetFileSchema, { io: 'input' }));
