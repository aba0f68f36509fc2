import { changesAnswer } from '$lib/api/answers';
import { get, idOf } from '$lib/server/endpoint';
import { historyOf } from '$lib/server/shop/customers';

export const GET = get({ needs: 'people', summary: 'Who changed what and when', answer: changesAnswer }, async (event) => ({
  changes: await historyOf(idOf(event, 'id', 'person'))
}));
