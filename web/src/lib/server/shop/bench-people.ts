import { forPage } from '../page';
import { customerOf, peoplePage } from './customers';

/** Who may stand on a bench: people with measured feet, and the one named in the address; somebody who is not there any more is nobody. */
export async function benchPeople(url: URL) {
  const asked = Number(url.searchParams.get('person'));
  const named = Number.isInteger(asked) && asked > 0 ? customerOf(asked).catch(() => null) : null;
  const [people, who] = await forPage(Promise.all([peoplePage({ measured: true }), named]));
  return { people, person: who && !who.erasedAt ? { id: who.id, name: who.name } : null };
}
