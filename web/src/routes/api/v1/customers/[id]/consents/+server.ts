import { savedVersionAnswer } from '$lib/api/answers';
import { consentSchema } from '$lib/api/consent';
import { fitterOf, idOf, write } from '$lib/server/endpoint';
import { answerConsent } from '$lib/server/shop/customers';

export const PUT = write(
  {
    needs: 'fit',
    summary: 'Note what somebody agrees to or takes back; health notes and photographs are erased at once when theirs is taken back',
    body: consentSchema,
    answer: savedVersionAnswer
  },
  async (body, event) => ({ saved: true, version: await answerConsent(idOf(event, 'id', 'person'), body, fitterOf(event)) })
);
