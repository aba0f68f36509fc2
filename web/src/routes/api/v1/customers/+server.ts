import { customersAnswer, idAnswer } from '$lib/api/answers';
import { customerSchema, peoplePageSchema } from '$lib/api/shop-schema';
import { fitterOf, get, queryOf, write } from '$lib/server/endpoint';
import { addCustomer, peoplePage } from '$lib/server/shop/customers';

export const GET = get(
  { needs: 'people', summary: 'People by name, a page at a time, with the last measured lengths', query: peoplePageSchema, answer: customersAnswer },
  (event) => peoplePage(queryOf(event, peoplePageSchema))
);
export const POST = write({ needs: 'fit', summary: 'Add a person', body: customerSchema, status: 201, answer: idAnswer }, async (body, event) => ({
  id: await addCustomer(body, fitterOf(event))
}));
