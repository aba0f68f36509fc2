import { removedAnswer } from '$lib/api/answers';
import { appointmentChangeSchema, pairKeptAnswer } from '$lib/api/keep-schema';
import { act, fitterOf, idOf, write } from '$lib/server/endpoint';
import { appointments } from '$lib/server/shop/person-rows';

export const PUT = write(
  { needs: 'fit', summary: 'Change a kept appointment; a version seen and outdated is a conflict', body: appointmentChangeSchema, answer: pairKeptAnswer },
  ({ version, ...body }, event) => appointments.change(idOf(event, 'id', 'appointment'), body, version, fitterOf(event))
);
export const DELETE = act({ needs: 'fit', summary: 'Take an appointment away', answer: removedAnswer }, async (event) => {
  await appointments.remove(idOf(event, 'id', 'appointment'), fitterOf(event));
  return { removed: true };
});
