import { HEEL_SHAPE } from '@chiave/core/heel';

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Details as files had them before a heel was kept by attributes: the tip under its new name, a shape in free words in the note. */
function renewed({ heelTipMm, ...details }: Record<string, unknown>): Record<string, unknown> {
  const { heelShape, note } = details;
  const free = typeof heelShape === 'string' && heelShape !== '' && !(heelShape in HEEL_SHAPE);
  return {
    ...details,
    ...(heelTipMm === undefined || details.tipWidthMm !== undefined ? {} : { tipWidthMm: heelTipMm }),
    ...(free ? { heelShape: '', note: `${typeof note === 'string' ? note : ''} Heel: ${heelShape}.`.trim() } : {})
  };
}

/** A file of the stockroom with its styles' heels as they are kept now; whatever else it is stays as it is. */
export function withHeelsRenewed(file: unknown): unknown {
  if (!isRecord(file) || !Array.isArray(file.styles)) return file;
  const styles = file.styles.map((s: unknown) => (isRecord(s) && isRecord(s.details) ? { ...s, details: renewed(s.details) } : s));
  return { ...file, styles };
}
