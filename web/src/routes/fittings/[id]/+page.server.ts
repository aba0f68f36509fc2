import { redirect } from '@sveltejs/kit';

export const load = ({ params }) => redirect(307, `/fittings/${params.id}/ask`);
