import { saidCardSchema } from '$lib/api/said-schema';
import { paperOf, take } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';
import { pdfResponse } from '$lib/server/pdf-response';

export const POST = take({ needs: 'look', summary: 'A card to send as PDF', body: saidCardSchema, media: 'application/pdf' }, async (card, event) =>
  pdfResponse(await heavy('saidCard', { card, paper: paperOf(event) }), 'answer')
);
