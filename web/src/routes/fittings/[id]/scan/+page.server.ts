import { forPage } from '$lib/server/page';
import { tracingsOf } from '$lib/server/shop/tracings';

export const load = async ({ params }) => ({ tracings: await forPage(tracingsOf(Number(params.id))) });
