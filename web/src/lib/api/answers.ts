import { z } from 'zod';

/** What the API answers, beside the bodies it takes: the document shows these, and the tests hold every answer against them. */
const record = z.looseObject({});
const list = z.array(record);
const text = z.string();
const number = z.number();
const counts = z.object({ makers: number, lasts: number, styles: number });

export const savedAnswer = z.object({ saved: z.boolean() });
export const savedVersionAnswer = z.object({ saved: z.boolean(), version: number });
export const removedAnswer = z.object({ removed: z.boolean() });
export const erasedAnswer = z.object({ erased: z.boolean() });
/** Records are known by a number, those of the stockroom by a word. */
export const idAnswer = z.object({ id: number });
export const nameAnswer = z.object({ id: text });
export const listOf = <N extends string>(name: N) => z.object({ [name]: list } as Record<N, typeof list>);

export const healthAnswer = z.object({ status: z.enum(['ok', 'down']), database: text, disk: text, version: text });
export const scalesAnswer = z.object({ length: list, width: list });
export const convertAnswer = z.object({
  school: text.nullable(),
  footLength: z.object({ mm: number, lowMm: number, highMm: number }),
  readings: list,
  disagreements: list
});
export const fitCheckAnswer = z.object({
  usableLengthMm: number,
  zones: list,
  verdict: z.enum(['fits', 'fits-with-help', 'does-not-fit']),
  probability: number,
  score: number,
  decidedBy: text,
  words: text,
  heel: record.nullable(),
  remedies: list,
  putIn: z.array(text),
  assumed: z.array(text),
  measureNext: list,
  cautions: z.array(text)
});
export const fitAnswer = z.object({ candidates: list, considered: number, tookMs: number });

export const customerAnswer = z.object({
  id: number,
  name: text,
  born: number.nullable(),
  bornMonth: number.nullable(),
  work: text,
  story: text.nullable(),
  fitsAs: text,
  flags: z.array(text),
  version: number,
  consentAt: text.nullable(),
  consentNote: text,
  erasedAt: text.nullable()
});
export const customersAnswer = z.object({ customers: list, next: number.nullable(), total: number });
export const personFileAnswer = z.object({
  format: text,
  version: number,
  writtenAt: text,
  customer: customerAnswer,
  fittings: list,
  tracings: list,
  changes: list
});
export const fittingsAnswer = z.object({ fittings: list, next: number.nullable() });
export const feetImportAnswer = z.object({ dryRun: z.boolean(), sessions: number, values: number, problems: list, added: number });
export const triedAnswer = z.object({
  id: number,
  tried: z.object({
    id: number,
    fittingId: number,
    styleId: text,
    size: text,
    width: text,
    put: record,
    felt: record,
    outcome: text,
    why: text,
    verdict: text,
    probability: number,
    said: text,
    engine: text,
    version: number,
    createdAt: text
  })
});

export const stylesAnswer = z.looseObject({ styles: list, stamp: text });
export const beforeAnswer = z.object({ before: list, versions: z.record(text, number) });
export const countsAnswer = z.object({ before: z.object({ counts: record, expects: record }) });
export const removedStyleAnswer = z.object({ removed: record });
export const lastAnswer = z.object({
  last: record,
  readings: list,
  estimate: z
    .object({ last: record, outliers: z.array(z.unknown()), leftLessRight: z.array(z.unknown()), filled: z.array(z.unknown()), hands: z.array(z.unknown()) })
    .nullable()
});
export const changedLastAnswer = z.object({ version: number, before: z.object({ last: record, expects: record }) });
export const joinedAnswer = z.object({ moved: number });
export const stockImportAnswer = z.object({
  dryRun: z.boolean(),
  added: counts,
  changed: counts.extend({ counts: number }),
  same: number,
  problems: list,
  stopped: z.boolean(),
  names: z.array(text)
});
export const compareLastsAnswer = z.object({ by: text, at: text, shoes: list, against: list });
export const compareSizeAnswer = z.object({ from: z.object({ last: text, name: text, size: number, width: text }), to: list });
export const matrixAnswer = z.object({ name: text, footMm: number, lasts: list, cells: z.array(z.array(z.unknown())) });
export const chartAnswer = z.object({ columns: list, rows: list });
export const habitAnswer = z.object({ habit: record });
export const stripsAnswer = z.object({ strips: z.array(text) });
export const orderAnswer = z.object({ order: z.array(text) });
export const targetsAnswer = z.object({ targets: z.object({ kinds: record, shared: record }).nullable() });
export const enteredAnswer = z.object({ entered: z.boolean() });
