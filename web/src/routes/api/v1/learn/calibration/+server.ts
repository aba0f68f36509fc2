import { calibrationAnswer } from '$lib/api/learn-schema';
import { get } from '$lib/server/endpoint';
import { truthOfShop } from '$lib/server/shop/calibration';

export const GET = get({ needs: 'look', summary: 'Whether the chances told in this shop came true, in all and by kind', answer: calibrationAnswer }, () =>
  truthOfShop()
);
