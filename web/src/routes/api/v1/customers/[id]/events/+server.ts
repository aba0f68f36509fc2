import { pairKeptAnswer, eventsAnswer, eventSchema } from '$lib/api/keep-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { events } from '$lib/server/shop/person-rows';
import { shopToday } from '$lib/server/shop/settings';
import { seasonsOf } from '$lib/server/shop/turns';

export const GET = get({ needs: 'people', summary: 'What comes for a person, and which of their pairs live until then', answer: eventsAnswer }, async (event) =>
  seasonsOf(idOf(event, 'id', 'person'), await shopToday())
);
export const POST = write({ needs: 'fit', summary: 'Keep an event with a person', body: eventSchema, status: 201, answer: pairKeptAnswer }, (body, event) =>
  events.add(idOf(event, 'id', 'person'), body, fitterOf(event))
);
