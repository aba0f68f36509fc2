import { cardSchema } from '$lib/api/size-schema';
import { paperOf, take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';
import { pdfResponse } from '$lib/server/pdf-response';

export const POST = take({ summary: 'An answer card as PDF', body: cardSchema, media: 'application/pdf' }, async (card, event) =>
  pdfResponse(await heavy('answerCard', { card, paper: paperOf(event) }), 'answer-card')
);
