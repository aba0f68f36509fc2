import { get, idOf } from '$lib/server/endpoint';
import { historyOf } from '$lib/server/shop/customers';

export const GET = get(async (event) => ({ changes: await historyOf(idOf(event, 'id', 'person')) }));
