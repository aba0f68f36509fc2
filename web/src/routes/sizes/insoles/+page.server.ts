import { forPage } from '$lib/server/page';
import { allHabits } from '$lib/server/shop/habits';
import { allStyles } from '$lib/server/shop/stockroom';

export const load = async () => {
  const [styles, habits] = await forPage(Promise.all([allStyles(), allHabits()]));
  return { styles, habits };
};
