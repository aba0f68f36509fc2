import { benchPeople } from '$lib/server/shop/bench-people';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const mm = (name: string, most: number): number | null => {
    const value = Number(url.searchParams.get(name) ?? NaN);
    return value >= 0 && value <= most ? Math.round(value) : null;
  };
  return { ...(await benchPeople(url)), heightMm: mm('height', 280), platformMm: mm('platform', 120) };
};
