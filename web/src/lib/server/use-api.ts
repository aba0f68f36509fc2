import { keptFigure, levelOf, USE_ATTRIBUTE, type UseAttributeId } from '@chiave/core/attributes';
import { KIND } from '@chiave/core/fit';
import type { EvidenceMark } from '@chiave/core/last';
import {
  ANYBODY,
  confidenceOf,
  disagreements,
  firstPair,
  forWords,
  againstWords,
  gaitOf,
  gripsWith,
  headWords,
  judgeFor,
  judgeUse,
  lastBuy,
  lifeKm,
  livesUntil,
  lookWords,
  noteWords,
  openQuestions,
  QUESTION,
  unseenOf,
  UNTIL_WORDS,
  USE,
  useSentences,
  useShoe,
  useStyleOf,
  wantedWords,
  type Known,
  type Looks,
  type RuleRead,
  type UsePerson,
  type UseSetting,
  type UseStyle
} from '@chiave/core/use';
import type { z } from 'zod';
import type { useDatesSchema, useFirstSchema, useGaitSchema, useJudgeSchema } from '../api/use-schema';
import { allPulls } from './shop/pulls';
import { styleOf } from './shop/stockroom';

type Judge = z.infer<typeof useJudgeSchema>;
const round = (n: number): number => Math.round(1000 * n) / 1000;

/** A person as sent; what is told of both feet stands for either that says nothing of its own. */
function personFrom({ postureScore, archType, ...sent }: Judge['person'], looks: Judge['looks']): UsePerson {
  const both: Looks = { ...(postureScore === undefined ? {} : { postureScore }), ...(archType ? { arch: [archType] } : {}) };
  return {
    ...ANYBODY,
    ...Object.fromEntries(Object.entries(sent).filter(([, v]) => v !== undefined)),
    looks: { left: { ...both, ...looks.left }, right: { ...both, ...looks.right } }
  };
}
const settingFrom = async ({ person, looks, answers }: Pick<Judge, 'person' | 'looks' | 'answers'>): Promise<UseSetting> => ({
  person: personFrom(person, looks),
  answers,
  grips: gripsWith(await allPulls())
});
type Sent = number | string | { value: number | string; mark: EvidenceMark };
function attributeFrom(id: UseAttributeId, sent: Sent): Known {
  const { value, mark } = typeof sent === 'object' ? sent : { value: sent, mark: 'measured' as const };
  return { value: typeof value === 'number' ? value : keptFigure(USE_ATTRIBUTE[id], value)!, mark };
}
/** A style as sent, or of the stockroom. @throws Problem 404 */
async function styleFrom({ style }: Judge): Promise<UseStyle> {
  if (style.styleId !== undefined) return useStyleOf(await styleOf(style.styleId));
  // The schema asks for one of the two.
  const kind = style.kind!;
  const { usual } = KIND[kind];
  return {
    kind,
    upper: style.upper,
    closure: style.closure ?? usual.closure,
    family: style.family ?? usual.toe,
    heelHeightMm: style.heelHeightMm ?? usual.heelHeightMm,
    platformMm: style.platformMm,
    soleStiffness: style.soleStiffness ?? usual.soleStiffness,
    removableInsoleMm: style.removableInsoleMm,
    madeForMm: style.madeForMm,
    depthMm: style.toeDepthMm ?? null,
    attributes: Object.fromEntries(Object.entries(style.attributes).map(([id, sent]) => [id, attributeFrom(id as UseAttributeId, sent as Sent)]))
  };
}
/** How a style suits a use. @throws Problem 404 */
export async function judgeForApi(body: Judge) {
  const shoe = useShoe(await styleFrom(body));
  const judged = judgeUse(judgeFor(body.use, await settingFrom(body), body.schools), shoe, body.fit.insideRoomMm ?? null);
  const said = useSentences(judged, shoe);
  const told = (words: (r: RuleRead) => string) => (r: RuleRead) => ({ use: r.here.use.id, rule: r.here.rule.id, amount: round(r.s * r.wf), words: words(r) });
  return {
    class: judged.class,
    suit: round(judged.suit),
    seen: round(judged.seen),
    words: headWords(judged),
    forbiddenBy: judged.forbiddenBy.map((r) => r.here.rule.id),
    for: judged.for.map(told(forWords)),
    against: judged.against.map(told(againstWords)),
    look: judged.look.map((r) => ({ attribute: unseenOf(r, shoe)[0] ?? String(r.here.rule.reads), words: lookWords(r, shoe) })),
    conflicts: judged.conflicts.map(({ use, axis, options }) => ({
      use: use.id,
      axis: axis.id,
      options: options.map((o) => ({ option: o.option, class: o.class, suit: round(o.suit) }))
    })),
    needs: [...judged.needs],
    assumed: [...judged.assumed],
    askWhom: said.whom,
    cautions: said.notes
  };
}
/** Roll, strike and arch of both feet. */
export function gaitForApi({ looks }: z.infer<typeof useGaitSchema>) {
  const foot = (l: Looks = {}) => {
    const { roll, strike, arch } = gaitOf(l);
    const told = <T extends { confidence: number }>(c: T) => ({ ...c, confidence: round(c.confidence), word: confidenceOf(c.confidence).name });
    return { roll: told(roll), strike: told(strike), arch: told(arch), disagreements: disagreements(l) };
  };
  return { left: foot(looks.left), right: foot(looks.right) };
}
/** What a first pair for a use should be, with both schools. */
export async function firstForApi(body: z.infer<typeof useFirstSchema>) {
  const { judge, wanted } = firstPair(body.use, await settingFrom(body), body.schools);
  return {
    ask: openQuestions(judge).map((id) => ({ question: id, name: QUESTION[id].name })),
    wanted: wanted.map((w) => ({ reads: String(w.reads), must: w.must, words: wantedWords(w), low: round(w.low), high: round(w.high), why: [...w.why] })),
    schools: USE[body.use].axes.map(({ id, name, options }) => ({ axis: id, name, options: [...options] })),
    notes: judge.notes.map(({ note }) => noteWords(note))
  };
}
/** When to buy, and whether a running pair lives until then. */
export function datesForApi({ event, kind, withDevice, postDays, runs }: z.infer<typeof useDatesSchema>) {
  const of = runs && {
    rear: runs.rear,
    grams: runs.grams,
    sole: levelOf('sole', runs.bareFoam ? 'foam' : 'rubber'),
    weightKg: runs.weightKg,
    answers: { ...(runs.trail ? { surface: 'trail' } : {}), pairs: runs.pairs }
  };
  const until = runs && of && livesUntil(runs.runKm, runs.toComeKm, of);
  return {
    ...lastBuy(event, kind, { withDevice, postDays }),
    life: of && until ? { ...lifeKm(of), until, words: UNTIL_WORDS[until] } : null
  };
}
