import { forPage } from '$lib/server/page';
import { agreementsOfShop } from '$lib/server/shop/instruments';

export const load = async () => forPage(agreementsOfShop());
