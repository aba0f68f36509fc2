import { proposalAnswerSchema } from '$lib/api/door-schema';
import { answerProposal } from '$lib/server/doors/proposals';
import { fitterOf, idOf, write } from '$lib/server/endpoint';

export const POST = write({ needs: 'shop', summary: 'Take a proposed change over, or leave it', body: proposalAnswerSchema }, async ({ accept }, event) => {
  const host = event.request.headers.get('host') ?? '';
  await answerProposal(idOf(event, 'id', 'proposal'), accept, fitterOf(event), (path, { headers, ...init }) =>
    event.fetch(path, { ...init, headers: { ...headers, host } })
  );
});
