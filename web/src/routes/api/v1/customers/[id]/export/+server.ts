import { personFileAnswer } from '$lib/api/answers';
import { get, idOf } from '$lib/server/endpoint';
import { everythingOf } from '$lib/server/shop/people-files';

export const GET = get({ needs: 'health', summary: 'Everything kept about a person, as one file', answer: personFileAnswer }, async (event) => {
  const id = idOf(event, 'id', 'person');
  return new Response(JSON.stringify(await everythingOf(id), null, 2), {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="person-${id}.json"`, 'cache-control': 'no-store' }
  });
});
