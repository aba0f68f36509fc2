import { error } from '@sveltejs/kit';
import { readStyleSize, sizeText } from '@chiave/core/fit';
import { forPage } from '$lib/server/page';
import { stockroomNow } from '$lib/server/shop/stockroom';

/** One style, opened at a size and width of its run; a size outside it says so and nothing is guessed. */
export const load = async ({ params, url }) => {
  const { stamp, styles } = await forPage(stockroomNow());
  const style = styles.find((s) => s.id === params.style);
  if (!style) error(404, 'There is no such style in the stockroom.');
  const size = url.searchParams.get('size') ?? sizeText(style, style.from);
  const read = readStyleSize(style, size, url.searchParams.get('width') ?? style.widths[0]);
  if ('message' in read) error(422, read.message);
  return { stamp, style, size: read.size, sizeLabel: sizeText(style, read.size), width: read.width };
};
