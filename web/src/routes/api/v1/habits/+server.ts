import { habitSchema } from '$lib/api/size-schema';
import { get, write } from '$lib/server/endpoint';
import { addHabit, allHabits } from '$lib/server/shop/habits';

export const GET = get(async () => ({ habits: await allHabits() }));
export const POST = write(habitSchema, async (body) => ({ habit: await addHabit(body) }), 201);
