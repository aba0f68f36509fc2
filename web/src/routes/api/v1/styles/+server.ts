import { beforeAnswer, nameAnswer, stylesAnswer } from '$lib/api/answers';
import { stylesPatchSchema, styleSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { addStyle, changeStyles } from '$lib/server/shop/stock-changes';
import { stockroomNow } from '$lib/server/shop/stockroom';

export const GET = get(
  {
    needs: 'look',
    summary: 'The stockroom: styles with their lasts, runs and shelf counts, and a stamp that changes whenever any of it does',
    answer: stylesAnswer
  },
  stockroomNow
);
export const POST = write({ needs: 'stock', summary: 'Keep a new style', body: styleSchema, status: 201, answer: nameAnswer }, (body) => addStyle(body));
export const PATCH = write(
  { needs: 'stock', summary: 'Change many styles at once, all or none; answers with what they had before', body: stylesPatchSchema, answer: beforeAnswer },
  ({ changes }) => changeStyles(changes)
);
