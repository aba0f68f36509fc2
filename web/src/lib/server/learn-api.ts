import { completeShoe, FLAG, ORDINARY_WEAR, readStyleSize, stateOfFlags, type FlagId, type Style, type Wear } from '@chiave/core/fit';
import { knownStyle, labelShoe, labelSays, learnFeet, questionsOf, sendPlan, wearOfKnown, worthSending, type KnownPair, type LabelSays, type LearnAsk } from '@chiave/core/learn'; // prettier-ignore
import { MEASURE_IDS, readingSd, type MeasureId, type Side } from '@chiave/core/measure';
import { parseSize, type ScaleBook } from '@chiave/core/size';
import type { z } from 'zod';
import type { learnFootSchema, learnSendSchema } from '../api/learn-schema';
import { toShoeInput } from '../api/shoe-schema';
import { invalid, notFound, refusing } from './problems';

type Body = z.infer<typeof learnFootSchema>;
/** What is asked, with its labels read: scales of makers stand in the database. */
export interface LearnAsked {
  body: Body;
  labels: (LabelSays | null)[];
}
const round = (value: number): number => Math.round(value * 100) / 100;
/** Reads the labels of a question. @throws Problem 422 for a size a scale does not have */
export function labelsOf({ shoes }: Body, book: ScaleBook): LearnAsked['labels'] {
  return shoes.map(({ label }, i) =>
    label ? refusing(`shoes.${i}.label.size`, () => labelSays(book, label.scale, parseSize(label.size)!, label.school)) : null
  );
}
function pairOf(shoe: Body['shoes'][number], i: number, says: LabelSays | null, styles: readonly Style[], wear: Wear): KnownPair {
  const { zones, whole, worn, hours, sockMm } = shoe;
  const said = { id: shoe.id ?? String(i + 1), zones, whole, worn };
  const own = { ...wear, sockMm };
  if (says) {
    const made = labelShoe(shoe.kind ?? 'oxford', says.footMm);
    return { ...said, shoe: made, lastId: null, mark: 'not-seen', labelStepMm: says.stepMm, wear: wearOfKnown(made, own, hours) };
  }
  if (shoe.styleId === undefined) {
    const made = refusing(`shoes.${i}.style.insoleLengthMm`, () => completeShoe(toShoeInput(shoe.style!)));
    return { ...said, shoe: made, lastId: `own ${said.id}`, mark: 'measured', wear: wearOfKnown(made, own, hours) };
  }
  const style = styles.find((s) => s.id === shoe.styleId);
  if (!style) throw notFound(`style “${shoe.styleId}”`);
  const read = readStyleSize(style, shoe.size!, shoe.width!);
  if ('message' in read) throw invalid([{ path: `shoes.${i}.${read.field}`, message: read.message }]);
  const made = knownStyle(style, read.size, read.width);
  return { ...said, ...made, wear: wearOfKnown(made.shoe, own, hours) };
}
const tapeOf = (taped: Body['tape'][Side] = {}): LearnAsk['tape'][Side] =>
  Object.fromEntries(
    (Object.entries(taped) as [MeasureId, number | { mm: number; sdMm: number }][]).map(([id, v]) => [id, typeof v === 'number' ? { mm: v, sdMm: readingSd(id, 'tape') } : v]) // prettier-ignore
  );
/** What is asked of feet, with what is no evidence left out. */
function askOf({ body, labels }: LearnAsked, styles: readonly Style[]): { ask: LearnAsk; pairs: KnownPair[]; numb: FlagId[]; wear: Wear } {
  const wear = { ...ORDINARY_WEAR, ...stateOfFlags(body.flags) };
  const numb = body.flags.filter((f) => FLAG[f].numb);
  const pairs = body.shoes.map((shoe, i) => pairOf(shoe, i, labels[i], styles, wear));
  return {
    // What a foot that feels little says of its shoes is no evidence: they are left out, and that is said.
    ask: { pairs: numb.length > 0 ? [] : pairs, tape: { left: tapeOf(body.tape.left), right: tapeOf(body.tape.right) }, preference: body.preference },
    pairs,
    numb,
    wear
  };
}
/** `POST /learn/foot`: two feet behind the shoes somebody wears. */
export function learnForApi(asked: LearnAsked, { styles }: { styles: readonly Style[] }) {
  const { ask, pairs, numb } = askOf(asked, styles);
  const learned = learnFeet(ask);
  const value = ({ mm, sdMm }: { mm: number; sdMm: number }) => ({ mm: round(mm), sdMm: round(sdMm) });
  const foot = (side: Side) => Object.fromEntries(MEASURE_IDS.map((id) => [id, value(learned.feet[side][id])])) as Record<MeasureId, ReturnType<typeof value>>; // prettier-ignore
  return {
    left: foot('left'),
    right: foot('right'),
    liking: value(learned.liking),
    asLiked: { left: value(learned.asLiked.left), right: value(learned.asLiked.right) },
    words: learned.words.map(({ pair, side, zone, word, chance, slipped, odd }) => ({ shoe: pair, side, zone, word, chance: round(chance), slipped: round(slipped), odd })), // prettier-ignore
    pairs: learned.pairs.map((p) => ({ shoe: p.pair, aloneMm: round(p.aloneMm), aloneSdMm: round(p.aloneSdMm), share: round(p.share), sizesOff: round(p.sizesOff), sd: round(p.sizesOffSd), odd: p.odd })), // prettier-ignore
    tape: learned.tape.map(({ side, measure, expectedMm, sdMm, odd }) => ({ side, measure, expectedMm: round(expectedMm), sdMm: round(sdMm), odd })),
    needs: learned.needs.map(({ measure, worth }) => ({ measure, worth: round(worth) })),
    questions: questionsOf(
      learned,
      (id) => id,
      (mm) => `${round(mm)} mm`
    ),
    leftOut: numb.length > 0 ? pairs.map((p) => `${p.id}: ${numb.map((f) => FLAG[f].name).join(', ')}; what such feet say of a shoe is no evidence`) : []
  };
}
/** `POST /learn/send`: which one, two or three pairs give the best chance that one fits, and whether each more is worth its way. */
export function sendForApi(asked: { body: z.infer<typeof learnSendSchema>; labels: LearnAsked['labels'] }, { styles }: { styles: readonly Style[] }) {
  const { styleId, post, ...body } = asked.body;
  const style = styles.find((s) => s.id === styleId);
  if (!style) throw notFound(`style “${styleId}”`);
  const { ask, wear } = askOf({ body, labels: asked.labels }, styles);
  const { each, sets, needs } = sendPlan(ask, [style], wear);
  return {
    each: each.map(({ size, width, chance }) => ({ size, width, chance: round(chance) })),
    sets: sets.map((s, i) => {
      const gain = s.chance - (i > 0 ? sets[i - 1].chance : 0);
      return { pairs: s.pairs.map(({ size, width }) => ({ size, width })), chance: round(s.chance), gain: round(gain), worth: worthSending(gain, post) };
    }),
    askFirst: needs[0]?.measure ?? null
  };
}
