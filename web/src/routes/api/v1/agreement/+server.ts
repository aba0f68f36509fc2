import { agreementsAnswer } from '$lib/api/instrument-schema';
import { get } from '$lib/server/endpoint';
import { agreementsOfShop } from '$lib/server/shop/instruments';

export const GET = get({ needs: 'people', summary: 'How the shop’s instruments agree on the same feet', answer: agreementsAnswer }, () => agreementsOfShop());
