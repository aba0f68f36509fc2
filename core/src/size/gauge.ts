/** A printed gauge's check rulers are this long on paper that kept its scale, mm. */
export const CHECK_RULER_MM = 100;
/** Reading a printed gauge by eye [estimate]. */
const READING_SD_MM = 1;
/** A print further off than this is not corrected but printed again. */
const MOST_OFF = 0.1;
/** Paper that stretched one way only is crooked. */
const MOST_SKEW = 0.015;

export interface GaugeReading {
  mm: number;
  sdMm: number;
  /** Why the reading cannot be used, or ''. */
  refused: string;
  note: string;
}

/**
 * The foot behind a reading of a printed gauge, by what its check rulers really measure.
 * @param readingMm what the gauge says
 * @param acrossMm,downMm what the printed check rulers measure, mm
 */
export function correctGauge(readingMm: number, acrossMm: number, downMm: number): GaugeReading {
  const refuse = (refused: string): GaugeReading => ({ mm: NaN, sdMm: NaN, refused, note: '' });
  if (!(readingMm > 60 && readingMm < 400)) return refuse('The reading is not a foot length: type what stands at the longest toe, as 248.');
  for (const [name, mm] of [
    ['across', acrossMm],
    ['down', downMm]
  ] as const) {
    if (!(mm > 0)) return refuse(`Measure the check ruler ${name} and type it in millimetres.`);
    if (Math.abs(mm / CHECK_RULER_MM - 1) > MOST_OFF)
      return refuse(`The check ruler ${name} measures ${mm} instead of ${CHECK_RULER_MM}: the printer scaled the page. Print again at 100 %.`);
  }
  if (Math.abs(acrossMm / downMm - 1) > MOST_SKEW)
    return refuse('The two check rulers differ: the page was stretched one way. Print again, or on another printer.');
  const mm = (readingMm * downMm) / CHECK_RULER_MM;
  const off = Math.abs(downMm - CHECK_RULER_MM) >= 0.25;
  return {
    mm,
    // The check ruler itself is read to about half a millimetre.
    sdMm: Math.hypot(READING_SD_MM, (0.3 / CHECK_RULER_MM) * readingMm),
    refused: '',
    note: off ? `Corrected: the page was printed at ${((downMm / CHECK_RULER_MM) * 100).toFixed(1)} %, so ${readingMm} on it is ${mm.toFixed(1)} mm.` : ''
  };
}
