import { meOf } from '$lib/server/doors/own';
import { allMakerScales } from '$lib/server/shop/maker-scales';

/** Who is signed in, and the shop's own scales for the quick box on every page. Before the door there is neither; a database that is away is told by the page itself. */
export const load = async ({ locals }) => {
  const [me, makerScales] = await Promise.all([meOf(locals.who).catch(() => null), locals.who === null ? [] : allMakerScales().catch(() => [])]);
  return { me, makerScales };
};
