import { useGaitAnswer, useGaitSchema } from '$lib/api/use-schema';
import { take } from '$lib/server/endpoint';
import { gaitForApi } from '$lib/server/use-api';

export const POST = take({ needs: 'look', summary: 'Roll, strike and arch of both feet from what was seen, with how sure', body: useGaitSchema, answer: useGaitAnswer }, gaitForApi); // prettier-ignore
