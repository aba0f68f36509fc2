import { habitAnswer, habitsAnswer } from '$lib/api/answers';
import { habitSchema } from '$lib/api/size-schema';
import { get, write } from '$lib/server/endpoint';
import { addHabit, allHabits } from '$lib/server/shop/habits';

export const GET = get({ needs: 'look', summary: 'What is known of how each last runs against its label', answer: habitsAnswer }, async () => ({
  habits: await allHabits()
}));
export const POST = write(
  { needs: 'fit', summary: 'Keep one report of how a last runs', body: habitSchema, status: 201, answer: habitAnswer },
  async (body) => ({
    habit: await addHabit(body)
  })
);
