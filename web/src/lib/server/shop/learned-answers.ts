import { ENGINE_VERSION, ownTarget, type KIND_ZONES, type KindId, type ShopTargets } from '@chiave/core/fit';
import { OFFSETS, targetZone } from '@chiave/core/learn';
import type { LearnedOffsets } from '@chiave/core/last';
import type { z } from 'zod';
import type { AnswerRow, learnedAnswerSchema, ShopLearned } from '../../api/learned-schema';
import { database, tables } from '../db';
import { invalid, notFound } from '../problems';
import { keepTargets, targetsOfShop } from './settings';

type KindZone = (typeof KIND_ZONES)[number];

/** What the shop answered to what it learned: of each part of each subject the newest answer. */
export async function answersNow(): Promise<AnswerRow[]> {
  const rows = await tables(database()).LearnedAnswer.findAll({ order: [['id', 'ASC']] });
  const newest = new Map(rows.map((r) => [`${r.subject} ${r.subjectId} ${r.channel}`, r]));
  return [...newest.values()].map(({ subject, subjectId: id, channel, answer, mm, sdMm, people, words, byWhom: by, createdAt }) => ({
    subject, id, channel, answer, mm, sdMm, people, words, by, at: createdAt.toISOString()
  })); // prettier-ignore
}
/** What the engine goes by: offsets of lasts, and by how much the targets of kinds were moved. */
export interface InUse {
  lasts: ReadonlyMap<string, LearnedOffsets>;
  moves: ReadonlyMap<string, number>;
}
export async function learnedInUse(): Promise<InUse> {
  const taken = (await answersNow()).filter((a) => a.answer === 'accepted');
  const lasts = new Map<string, LearnedOffsets>();
  for (const { id, channel, mm, sdMm } of taken.filter((a) => a.subject === 'last')) lasts.set(id, { ...lasts.get(id), [channel]: { mm, sdMm } });
  return { lasts, moves: new Map(taken.filter((a) => a.subject === 'kind').map((a) => [`${a.id} ${a.channel}`, a.mm])) };
}
/** A last's offsets in a kind: what people said stands against our own targets, so what those were moved by is not taken twice. */
export function offsetsIn({ lasts, moves }: InUse, last: string, kind: KindId): LearnedOffsets {
  const own = lasts.get(last);
  if (!own) return {};
  return Object.fromEntries(OFFSETS.flatMap((o) => (own[o] ? [[o, { mm: own[o].mm + (moves.get(`${kind} ${o}`) ?? 0), sdMm: own[o].sdMm }]] : [])));
}
/** Moves all four cuts of a kind's zone by so much, over what the shop goes by now. */
function moved(targets: ShopTargets | null, kind: KindId, zone: KindZone, mm: number): ShopTargets {
  const now = targets ?? { kinds: {}, shared: {} };
  const { a, b, c, d } = now.kinds[kind]?.[zone] ?? ownTarget(kind, zone);
  const own = ownTarget(kind, zone);
  const round = (x: number): number => Math.round(10 * (x + mm)) / 10;
  const next = { a: round(a), b: round(b), c: round(c), d: round(d) };
  const kinds = { ...now.kinds, [kind]: { ...now.kinds[kind], [zone]: next } };
  if (Math.abs(next.a - own.a) < 0.05 && Math.abs(next.d - own.d) < 0.05) delete kinds[kind]![zone];
  return { ...now, kinds };
}
/**
 * Keeps an answer to something learned; taking targets over, or giving them back, moves them by as much.
 * @throws Problem 404 for something that was not learned, 422 where what was learned says it is not to be taken over
 */
export async function answerLearned(
  { subject, id, channel, answer }: z.infer<typeof learnedAnswerSchema>,
  learned: ShopLearned | null,
  by: string
): Promise<AnswerRow[]> {
  const was = (await answersNow()).find((a) => a.subject === subject && a.id === id && a.channel === channel);
  if (answer === 'withdrawn' && !was) throw notFound(`answer for ${id}, ${channel}`);
  const last = learned?.lasts.find((l) => l.last === id && l.channel === channel);
  const target = learned?.targets.find((t) => t.kind === id && t.channel === channel);
  const said =
    subject === 'last' && last ? { ...last.net, people: last.people, words: last.words, ok: last.verdict === 'propose' }
    : subject === 'kind' && target ? { mm: target.move ?? target.mm, sdMm: target.sdMm, people: target.people, words: target.words, ok: target.move !== null }
    : null; // prettier-ignore
  if (!said && answer !== 'withdrawn') throw notFound(`anything learned of ${id}, ${channel}`);
  if (answer === 'accepted' && !said!.ok) throw invalid([{ path: 'answer', message: 'what was learned of this does not go so far: it is not proposed' }]);
  const zone = subject === 'kind' ? targetZone(channel) : undefined;
  if (subject === 'kind' && !zone) throw invalid([{ path: 'channel', message: `targets are moved for ${OFFSETS.filter(targetZone).join(', ')}` }]);
  if (zone) {
    const held = was?.answer === 'accepted' ? was.mm : 0;
    const wanted = answer === 'accepted' ? said!.mm : 0;
    if (held !== wanted) await keepTargets(moved(await targetsOfShop(), id as KindId, zone, wanted - held));
  }
  const { mm, sdMm, people, words } = said ?? was!;
  await tables(database()).LearnedAnswer.create({ subject, subjectId: id, channel, answer, mm, sdMm, people, words, engine: ENGINE_VERSION, byWhom: by, createdAt: new Date() }); // prettier-ignore
  return answersNow();
}
