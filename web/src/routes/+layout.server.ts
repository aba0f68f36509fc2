import { allMakerScales } from '$lib/server/shop/maker-scales';

/** The shop's own scales, for the quick box on every page. Before the door there are none; a database that is away is told by the page itself. */
export const load = async ({ route, untrack }) => ({
  makerScales: untrack(() => route.id) === '/enter' ? [] : await allMakerScales().catch(() => [])
});
