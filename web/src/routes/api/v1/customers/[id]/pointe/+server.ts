import { dancerAnswer, dancerChangeSchema, versionAnswer } from '$lib/api/pointe-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { dancerOf, keepDancer } from '$lib/server/shop/pointe';

export const GET = get({ needs: 'people', summary: 'What was asked of a dancer, pairs worn, answers at the barre', answer: dancerAnswer }, (event) =>
  dancerOf(idOf(event, 'id', 'person'))
);
export const PUT = write(
  { needs: 'fit', summary: 'Keep what was asked of a dancer; a version seen and outdated is a conflict', body: dancerChangeSchema, answer: versionAnswer },
  (body, event) => keepDancer(idOf(event, 'id', 'person'), body, fitterOf(event))
);
