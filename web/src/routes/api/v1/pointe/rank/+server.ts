import { pointeRankAnswer, pointeRankSchema } from '$lib/api/pointe-schema';
import { take } from '$lib/server/endpoint';
import { rankForPointe } from '$lib/server/pointe-api';

export const POST = take({ needs: 'look', summary: 'The best pair of every pointe model for two feet, best first, split pairs marked', body: pointeRankSchema, answer: pointeRankAnswer }, rankForPointe); // prettier-ignore
