import { useJudgeAnswer, useJudgeSchema } from '$lib/api/use-schema';
import { take } from '$lib/server/endpoint';
import { judgeForApi } from '$lib/server/use-api';

export const POST = take({ needs: 'look', summary: 'How a style suits a use: class, what speaks for and against it, what to look at, whom to ask', body: useJudgeSchema, answer: useJudgeAnswer }, judgeForApi); // prettier-ignore
