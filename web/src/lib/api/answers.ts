import { FLEX_STATES, HELP_IDS, KIND_IDS, VERDICTS, ZONE_IDS } from '@chiave/core/fit';
import { REACHES } from '@chiave/core/heel';
import { SIDES } from '@chiave/core/measure';
import { CONFIDENCES, SCALE_IDS } from '@chiave/core/size';
import { z } from 'zod';
import { instrumentReadingRow } from './instrument-schema';
import { footAnswer } from './foot-schema';
import { appointmentRow, eventRow, lookedRow, pairRow, troubleRow, wishRow } from './keep-schema';
import { knownShoeSchema } from './known-schema';
import { postRow } from './post-schema';
import {
  changeRow,
  customerLine,
  customerRow,
  fittingAnswer,
  habitRow,
  lastRow,
  makerScaleRow,
  matrixRow,
  photoRow,
  readingRow,
  styleRow,
  tracingRow,
  tryRow
} from './rows';
import { saidRow } from './said-schema';
import { lastShape, makerSchema, stylesPatchSchema, styleSchema } from './stock-schema';
import { targetsSchema } from './targets-schema';
import { pullRow } from './use-schema';

/** What the API answers, beside the bodies it takes: routes are typed by these, the document shows them, and the tests hold every answer against them. */
const text = z.string();
const number = z.number();
const side = z.enum(SIDES);
const problem = z.object({ row: number, message: text });

export const savedAnswer = z.object({ saved: z.boolean() });
export const savedVersionAnswer = z.object({ saved: z.boolean(), version: number });
export const removedAnswer = z.object({ removed: z.boolean() });
export const erasedAnswer = z.object({ erased: z.boolean() });
/** Records are known by a number, those of the stockroom by a word. */
export const idAnswer = z.object({ id: number });
export const nameAnswer = z.object({ id: text });
export const beganAnswer = z.object({ began: z.boolean().describe('false where one is under way already') });
export const doneAnswer = z.object({ done: z.boolean() });
export const enteredAnswer = z.object({ entered: z.boolean() });

export const healthAnswer = z.object({ status: z.enum(['ok', 'down']), database: text, disk: text, version: text });

const school = z.object({
  id: text,
  name: text,
  short: text.optional(),
  unitMm: number,
  zeroMm: number,
  basis: z.enum(['foot', 'last']),
  allowanceMm: number,
  source: text
});
const confidence = z.enum(CONFIDENCES);
const anchor = z.object({ letter: text, lengthMm: number, mm: number });
export const scalesAnswer = z.object({
  length: z.array(
    z.looseObject({
      id: text,
      name: text,
      short: text,
      step: number,
      range: z.tuple([number, number]).readonly(),
      schools: z.array(school).readonly(),
      source: text,
      confidence
    })
  ),
  width: z
    .array(
      z.object({
        id: text,
        name: text,
        measures: z.enum(['ball girth', 'ball width']),
        basis: z.enum(['foot', 'last']),
        letters: z.array(text).readonly(),
        anchors: z.object({ men: anchor, women: anchor }),
        stepMm: number,
        perLengthMm: number,
        source: text,
        confidence
      })
    )
    .readonly()
});
const sizeReading = z.object({
  scale: text,
  school: text,
  footMm: number,
  exact: number.nullable().describe('null where a rule, not a length, gives the size'),
  size: text,
  remainderMm: number,
  source: text,
  wider: z.boolean().optional(),
  byLength: z.object({ exact: number, size: text }).optional(),
  outsideRange: text.optional()
});
export const convertAnswer = z.object({
  school: text.nullable(),
  width: text.optional(),
  footLength: z.object({ mm: number, lowMm: number, highMm: number }),
  readings: z.array(sizeReading),
  disagreements: z.array(z.object({ scale: text, schools: z.array(text), spreadMm: number, spreadSizes: number, why: text }))
});
export const chartAnswer = z.object({
  columns: z.array(z.object({ scale: text, name: text, school: text, source: text })),
  rows: z.array(z.object({ footMm: number, cells: z.array(z.object({ label: text, remainderMm: number })) }))
});

const zone = z.enum(ZONE_IDS);
const state = z.enum(FLEX_STATES);
const cuts = z.object({ a: number, b: number, c: number, d: number });
const range = z.object({ lowMm: number, centreMm: number, highMm: number });
const help = z.object({ kind: z.enum([...HELP_IDS, 'other-last', 'sister-size']), zone, effectMm: number, limits: text });
const notRead = z.array(text).describe('fields that were sent and are kept for other benches: the fit does not read them');
export const fitCheckAnswer = z.object({
  usableLengthMm: number,
  zones: z.array(z.object({ zone, basis: z.enum(['inside', 'usable']).optional(), clearanceMm: number, sdMm: number, target: cuts, state, because: text })),
  verdict: z.enum(VERDICTS),
  probability: number,
  score: number,
  decidedBy: zone,
  words: text,
  heel: z
    .object({
      pitch: z.object({ dropMm: number, lowDeg: number, centralDeg: number, wedgeDeg: number, tooSteep: z.boolean() }),
      poseDeg: number,
      ankleDemandDeg: number,
      reach: z.enum(REACHES),
      slide: range,
      toeRoomAfter: range,
      heelGap: range.describe('opens behind the heel as the foot runs forward')
    })
    .nullable(),
  remedies: z.array(help.extend({ name: text, afterMm: number, makesFit: z.boolean(), costs: text })),
  putIn: z.array(text),
  assumed: z.array(text),
  notRead,
  measureNext: z.array(
    z.object({ what: z.enum(['foot', 'shoe']), id: text, name: text, fromSdMm: number, toSdMm: number, chanceThen: number, settles: number })
  ),
  cautions: z.array(text)
});
const sideOfCandidate = z.object({ zones: z.array(z.object({ zone, clearanceMm: number, state, n: number.optional() }).loose()) });
export const fitAnswer = z.object({
  candidates: z.array(
    z.object({
      style: z.object({ id: text, name: text, kind: z.enum(KIND_IDS), maker: text }),
      last: z.object({ id: text, name: text }),
      scale: z.enum(SCALE_IDS),
      size: text,
      width: text,
      verdict: z.enum(VERDICTS),
      probability: number,
      score: number,
      decidedBy: z.object({ side, zone }),
      words: text,
      onShelf: number,
      left: sideOfCandidate,
      right: sideOfCandidate,
      remedies: z.array(help)
    })
  ),
  cautions: z.array(text).describe('of the wearer; those of a shoe are told by /fit/check'),
  notRead,
  considered: number,
  tookMs: number
});

export const customersAnswer = z.object({ customers: z.array(customerLine), next: number.nullable(), total: number });
export const customerAnswer = customerRow;
export { fittingAnswer, fittingsAnswer } from './rows';
export const changesAnswer = z.object({ changes: z.array(changeRow) });
export const tracingsAnswer = z.object({ tracings: z.array(tracingRow) });
export const personFileAnswer = z.object({
  format: text,
  version: number,
  writtenAt: text,
  customer: customerRow,
  fittings: z.array(fittingAnswer.omit({ customer: true, shopTargets: true, shopInstruments: true, shopPulls: true })),
  tracings: z.array(tracingRow.extend({ fittingId: number, packed: text.nullable().describe('the scan itself: gzip, as base64') })),
  instrumentReadings: z.array(instrumentReadingRow),
  knownShoes: z.array(knownShoeSchema),
  parcels: z.array(postRow),
  pairs: z.array(pairRow),
  appointments: z.array(appointmentRow),
  events: z.array(eventRow),
  wishes: z.array(wishRow.omit({ inStock: true })),
  troubles: z.array(troubleRow),
  looksAtFeet: z.array(lookedRow),
  answers: z.array(saidRow),
  changes: z.array(changeRow)
});
export const feetFileAnswer = z.object({
  format: text,
  version: number,
  sessions: z.array(z.object({ openedAt: text, measuredAt: text, feet: z.object({ left: footAnswer, right: footAnswer }) }))
});
export const feetImportAnswer = z.object({ dryRun: z.boolean(), sessions: number, values: number, problems: z.array(problem), added: number });
export const triedAnswer = z.object({ id: number, tried: tryRow });

export const makersAnswer = z.object({ makers: z.array(makerSchema) });
export const lastsAnswer = z.object({ lasts: z.array(lastRow) });
export const styleAnswer = styleRow;
export const stylesAnswer = z.object({ styles: z.array(styleRow), stamp: text });
const styleChange = stylesPatchSchema.shape.changes.element;
export const beforeAnswer = z.object({ before: z.array(styleChange), versions: z.record(text, number) });
const countsOf = z.record(text, number);
export const countsAnswer = z.object({ before: z.object({ counts: countsOf, expects: countsOf.optional() }) });
export const removedStyleAnswer = z.object({ removed: styleSchema });
const insideMeasure = z.enum(['lengthMm', 'ballMm', 'heelMm', 'ballGirthMm']);
export const lastAnswer = z.object({
  last: lastRow,
  readings: z.array(readingRow),
  estimate: z
    .object({
      last: lastShape,
      outliers: z.array(
        z.object({
          reading: z.object({
            size: number,
            widthSteps: number,
            side,
            who: text,
            lengthMm: number.optional(),
            ballMm: number.optional(),
            heelMm: number.optional(),
            ballGirthMm: number.optional()
          }),
          what: insideMeasure,
          offMm: number
        })
      ),
      leftLessRight: z.array(z.object({ what: insideMeasure, mm: number, sdMm: number })),
      filled: z.array(text),
      hands: z.array(z.object({ who: text, readings: number }))
    })
    .nullable()
});
export const changedLastAnswer = z.object({
  version: number,
  before: z.object({ last: lastShape, expects: lastShape.optional(), version: number.optional() })
});
export const joinedAnswer = z.object({ moved: number });
export const photosAnswer = z.object({ photos: z.array(photoRow) });
const written = z.object({ makers: number, lasts: number, styles: number });
export const stockImportAnswer = z.object({
  dryRun: z.boolean(),
  added: written,
  changed: written.extend({ counts: number }),
  same: number,
  problems: z.array(z.object({ where: text.describe('line of the file, or place in the JSON'), message: text })),
  stopped: z.boolean().describe('there were so many problems that reading stopped: there may be more behind them'),
  names: z.array(text).describe('the first names of what is added and changed')
});
export type StockReport = z.infer<typeof stockImportAnswer>;

const difference = z.object({ id: text, name: text, unit: text, by: number.nullable(), words: text });
export const compareLastsAnswer = z.object({
  by: z.enum(['foot', 'label', 'sizes']),
  at: z.enum(['heel', 'ball']),
  shoes: z.array(z.object({ last: text, name: text, measures: z.record(text, number.nullable()) })),
  against: z.array(z.object({ name: text, distanceMm: number.nullable(), alike: z.array(difference), differ: z.array(difference), words: z.array(text) }))
});
export const compareSizeAnswer = z.object({
  from: z.object({ last: text, name: text, size: number, width: text }),
  to: z.array(
    z.object({
      last: text,
      name: text,
      scale: text,
      size: text,
      width: text,
      exact: number.nullable(),
      roundedBySizes: number.nullable(),
      footMm: number.nullable(),
      offMm: number.nullable(),
      residual: z.array(z.object({ id: text, mm: number.nullable(), words: text }))
    })
  )
});
const cell = z.object({ label: text, width: text, offMm: number, words: text });
export const matrixAnswer = z.object({
  name: text,
  footMm: number,
  lasts: z.array(z.object({ id: text, name: text, size: text, scale: text })),
  cells: z.array(z.array(cell.nullable())).describe('row feels like column; null on the diagonal or where none comes near')
});
export type Matrix = z.infer<typeof matrixAnswer>;
export const matricesAnswer = z.object({ matrices: z.array(matrixRow) });
export const makerScalesAnswer = z.object({ scales: z.array(makerScaleRow) });
export const habitsAnswer = z.object({ habits: z.array(habitRow) });
export const habitAnswer = z.object({ habit: habitRow });
export const stripsAnswer = z.object({ strips: z.array(text) });
export const orderAnswer = z.object({ order: z.array(text) });
export const pullsAnswer = z.object({ pulls: z.array(pullRow) });
export const pullAnswer = z.object({ pull: pullRow });
export const targetsAnswer = z.object({ targets: targetsSchema.nullable() });
