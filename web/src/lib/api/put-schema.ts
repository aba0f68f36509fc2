import { MOST_PUT_IN, HELP_IDS } from '@chiave/core/fit';
import { z } from 'zod';

const helps = z.array(z.object({ kind: z.enum(HELP_IDS), mm: z.number().min(-20).max(20) }));

/** What is put into one shoe. Whether it may go into this shoe, and in that strength, the engine says. */
export const putInSchema = helps.max(MOST_PUT_IN);

/** What is put into either shoe of a pair. */
export const pairPutSchema = z.object({ left: putInSchema.optional(), right: putInSchema.optional() }).meta({ id: 'PutIn' });
