import { onSameLast } from '@chiave/core/fit';
import { forPage } from '$lib/server/page';
import { estimateOf, readingsOf } from '$lib/server/shop/last-evidence';
import { learningNow } from '$lib/server/shop/learning';
import { allLasts, allMakers, allStyles, lastById } from '$lib/server/shop/stockroom';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
  const last = await forPage(lastById(params.id));
  const [lasts, makers, styles, readings, now] = await forPage(Promise.all([allLasts(), allMakers(), allStyles(), readingsOf(last.id), learningNow()]));
  const own = styles.filter((s) => s.last.id === last.id);
  return {
    last,
    readings,
    estimate: await estimateOf(last, readings),
    maker: makers.find((m) => m.id === last.maker)!,
    styles:
      own.length > 0
        ? [{ style: own[0], otherwise: [] as string[] }, ...onSameLast(own[0], styles)].map(({ style, otherwise }) => ({
            id: style.id,
            name: style.name,
            otherwise
          }))
        : [],
    says: now.learned?.lasts.filter((l) => l.last === last.id) ?? [],
    answers: now.answers.filter((a) => a.subject === 'last' && a.id === last.id && a.answer === 'accepted'),
    likes: styles.map(({ id, name }) => ({ id, name })),
    others: lasts.filter((l) => l.id !== last.id && l.maker === last.maker).map(({ id, name }) => ({ id, name }))
  };
};
