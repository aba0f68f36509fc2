import { cardSchema } from '$lib/api/size-schema';
import { take } from '$lib/server/endpoint';
import { pdfResponse } from '$lib/server/pdf';
import { answerCardPdf } from '$lib/server/size-pdf';

export const POST = take(cardSchema, async (body, event) =>
  pdfResponse(await answerCardPdf(body, event.url.searchParams.get('paper') === 'letter' ? 'letter' : 'a4'), 'answer-card')
);
