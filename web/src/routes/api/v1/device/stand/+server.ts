import { deviceStandAnswer, deviceStandSchema } from '$lib/api/heel-schema';
import { take } from '$lib/server/endpoint';
import { deviceFor } from '$lib/server/heel-api';

export const POST = take(
  { needs: 'look', summary: 'How a brace or prosthesis made for one drop leans in a shoe of another', body: deviceStandSchema, answer: deviceStandAnswer },
  deviceFor
);
