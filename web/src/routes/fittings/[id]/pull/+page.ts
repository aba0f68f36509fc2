import { unpackBriefs } from '$lib/style-brief';

export const load = ({ data: { stamp, briefs } }) => ({ stamp, styles: unpackBriefs(briefs) });
