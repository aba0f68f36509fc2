import { fitCheckAnswer } from '$lib/api/answers';
import { fitCheckSchema } from '$lib/api/fit-schema';
import { take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';

export const POST = take({ needs: 'look', summary: 'One foot in one shoe whose inside is given', body: fitCheckSchema, answer: fitCheckAnswer }, (body) =>
  heavy('checkOne', body)
);
