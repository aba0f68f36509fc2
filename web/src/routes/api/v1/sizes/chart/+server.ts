import { chartOf } from '@chiave/core/size';
import { chartSchema } from '$lib/api/size-schema';
import { take } from '$lib/server/endpoint';
import { bookFor } from '$lib/server/shop/maker-scales';
import { heavy } from '$lib/server/heavy/pool';
import { pdfResponse } from '$lib/server/pdf-response';
import { invalid } from '$lib/server/problems';

export const POST = take(
  { needs: 'look', summary: 'A chart of scales over a range of feet, as JSON or PDF', body: chartSchema },
  async ({ columns, fromMm, toMm, by, paper, title, format }) => {
    const book = await bookFor([...columns, ...('scale' in by ? [by] : [])].map((c) => c.scale));
    try {
      const chart = chartOf(columns, fromMm, toMm, by, book);
      return format === 'pdf' ? pdfResponse(await heavy('sizeChart', { chart, paper, title }), 'size-chart') : chart;
    } catch (error) {
      if (error instanceof RangeError) throw invalid([{ path: 'fromMm', message: error.message }]);
      throw error;
    }
  }
);
