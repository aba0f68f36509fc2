import { forPage } from '$lib/server/page';
import { allStyles } from '$lib/server/shop/stockroom';

export const load = async () => {
  const styles = await forPage(allStyles());
  return { names: Object.fromEntries(styles.map((s) => [s.id, `${s.name}, ${s.maker.name}`])) };
};
