import { HEEL_TOLD_MM, heelMadeOf, shoeOf } from '@chiave/core/fit';
import { alikeFirst, effectiveDrop, heelsApart } from '@chiave/core/heel';
import type { z } from 'zod';
import type { heelAlikeAnswer, heelAlikeSchema } from '../api/heel-schema';
import { heelOut } from '../api/heel-wire';
import { madeOf } from './heel-api';
import { allStyles } from './shop/stockroom';

/** `POST /heel/alike`: the heels of the stockroom that feel most like one. Apart from the rest, which runs where no database is. */
export async function alikeInStock({ shoe, lengthMm, most }: z.infer<typeof heelAlikeSchema>): Promise<z.infer<typeof heelAlikeAnswer>> {
  const to = madeOf(shoe, lengthMm, 'shoe');
  const heels = (await allStyles())
    .filter((s) => effectiveDrop(s.heelHeightMm, s.platformMm) > HEEL_TOLD_MM)
    .map((style) => ({ style, made: heelMadeOf(shoeOf(style, style.last.base.size, style.last.base.width)) }));
  return {
    heels: alikeFirst(to, heels, lengthMm)
      .slice(0, most)
      .map(({ style, made }) => ({
        styleId: style.id,
        name: style.name,
        maker: style.maker.name,
        shoe: heelOut(made),
        apart: Math.round(100 * heelsApart(to, made, lengthMm)) / 100
      }))
  };
}
