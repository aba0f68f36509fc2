import { appointmentSchema, appointmentsAnswer, pairKeptAnswer } from '$lib/api/keep-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { appointments } from '$lib/server/shop/person-rows';

export const GET = get({ needs: 'people', summary: 'When a person comes, the latest day first', answer: appointmentsAnswer }, async (event) => ({
  appointments: await appointments.list(idOf(event, 'id', 'person'))
}));
export const POST = write({ needs: 'fit', summary: 'Note when a person comes', body: appointmentSchema, status: 201, answer: pairKeptAnswer }, (body, event) =>
  appointments.add(idOf(event, 'id', 'person'), body, fitterOf(event))
);
