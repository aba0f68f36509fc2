import { error } from '@sveltejs/kit';
import { readStyleSize, shoeOf, sizeText, wornWith, type PairPutIn, type Shoe, type Wear } from '@chiave/core/fit';
import { wearOf } from '$lib/fit-feet';
import { readPut } from '$lib/put-text';
import { forPage } from '$lib/server/page';
import { stockroomNow } from '$lib/server/shop/stockroom';

/** What is put in, as the address says. @throws 422 for a help that is not for this shoe */
function readPutIn(shoe: Shoe, wear: Wear, text: string): PairPutIn {
  try {
    const put = readPut(text);
    for (const helps of Object.values(put)) wornWith(shoe, wear, helps);
    return put;
  } catch (cause) {
    if (cause instanceof RangeError) error(422, cause.message);
    throw cause;
  }
}

/** One style, opened at a size and width of its run; a size outside it says so and nothing is guessed. */
export const load = async ({ params, url, parent }) => {
  const { stamp, styles } = await forPage(stockroomNow());
  const style = styles.find((s) => s.id === params.style);
  if (!style) error(404, 'There is no such style in the stockroom.');
  const size = url.searchParams.get('size') ?? sizeText(style, style.from);
  const read = readStyleSize(style, size, url.searchParams.get('width') ?? style.widths[0]);
  if ('message' in read) error(422, read.message);
  const { fitting } = await parent();
  const put = readPutIn(shoeOf(style, read.size, read.width), wearOf(fitting), url.searchParams.get('put') ?? '');
  return { stamp, put, style, size: read.size, sizeLabel: sizeText(style, read.size), width: read.width };
};
