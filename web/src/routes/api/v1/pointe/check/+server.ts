import { pointeCheckAnswer, pointeCheckSchema } from '$lib/api/pointe-schema';
import { take } from '$lib/server/endpoint';
import { checkPointe } from '$lib/server/pointe-api';

export const POST = take({ needs: 'look', summary: 'One foot in one pointe shoe: sink, toes, covers, over the box, shank, heel; it clears nobody for pointe', body: pointeCheckSchema, answer: pointeCheckAnswer }, checkPointe); // prettier-ignore
