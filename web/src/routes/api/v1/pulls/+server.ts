import { pullAnswer, pullsAnswer } from '$lib/api/answers';
import { pullSchema } from '$lib/api/use-schema';
import { fitterOf, get, write } from '$lib/server/endpoint';
import { addPull, allPulls } from '$lib/server/shop/pulls';

export const GET = get({ needs: 'people', summary: 'The shop’s own pull tests of soles and uppers', answer: pullsAnswer }, async () => ({
  pulls: await allPulls()
}));
export const POST = write(
  {
    needs: 'fit',
    summary: 'Keep a pull test: it takes the place of our estimate for its material and surface',
    body: pullSchema,
    status: 201,
    answer: pullAnswer
  },
  async (body, event) => ({ pull: await addPull(body, fitterOf(event)) })
);
