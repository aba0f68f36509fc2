import { convertAnswer } from '$lib/api/answers';
import { convertFoot, convertLabel, parseSize, type Conversion } from '@chiave/core/size';
import { convertSchema } from '$lib/api/convert-schema';
import { take } from '$lib/server/endpoint';
import { bookFor } from '$lib/server/shop/maker-scales';
import { invalid } from '$lib/server/problems';

const round = (value: number): number => Math.round(value * 100) / 100;

const rounded = (c: Conversion, width?: string) => ({
  ...c,
  ...(width ? { width } : {}),
  footLength: { mm: round(c.footLength.mm), lowMm: round(c.footLength.lowMm), highMm: round(c.footLength.highMm) },
  readings: c.readings.map((r) => ({ ...r, footMm: round(r.footMm), exact: r.exact === null ? null : round(r.exact), remainderMm: round(r.remainderMm) })),
  disagreements: c.disagreements.map((d) => ({ ...d, spreadMm: round(d.spreadMm), spreadSizes: round(d.spreadSizes) }))
});

export const POST = take(
  { needs: 'look', summary: 'A label or a foot read in other scales, one reading a school', body: convertSchema, answer: convertAnswer },
  async ({ from, foot, to }) => {
    const book = await bookFor(from ? [from.scale, ...to] : to);
    if (foot) return rounded(convertFoot(foot, to, book));
    try {
      return rounded(convertLabel({ scale: from!.scale, size: parseSize(from!.size)!, school: from!.school }, to, book), from!.width);
    } catch (error) {
      if (error instanceof RangeError) throw invalid([{ path: 'from.size', message: error.message }]);
      throw error;
    }
  }
);
