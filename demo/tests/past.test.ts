import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ORDINARY_WEAR, readStyleSize, type KindId } from '@chiave/core/fit';
import {
  CHANNEL_ORDER,
  givenBy,
  knownStyle,
  lastsSay,
  learnChannel,
  readVisit,
  targetsSay,
  waysSay,
  type KnownPair,
  type OffsetId,
  type ShopLast
} from '@chiave/core/learn';
import { readingSd, SIDES, type MeasureId } from '@chiave/core/measure';
import { allStyles } from '../lasts';
import type { PastVisit } from '../past';
import { OFF_LASTS, TABLE_OFF, WAYS } from '../truth';

const past = JSON.parse(readFileSync(new URL('../data/past.json', import.meta.url), 'utf8')) as PastVisit[];
const styles = new Map(allStyles().map((s) => [s.id, s]));
const lasts: ShopLast[] = [...new Map([...styles.values()].map((s) => [s.last.id, { id: s.last.id, maker: s.maker.id, mark: s.last.evidence.mark }])).values()];
const visits = past.map((v, i) => {
  const wear = { ...ORDINARY_WEAR, preference: v.preference };
  const pairs = v.tries.map((t, k): KnownPair => {
    const style = styles.get(t.style)!;
    const read = readStyleSize(style, t.size, t.width);
    if ('message' in read) throw new Error(read.message);
    return { id: `${i} ${k}`, ...knownStyle(style, read.size, read.width), wear, zones: t.felt as KnownPair['zones'], worn: false };
  });
  const tape = Object.fromEntries(SIDES.map((s) => [s, Object.fromEntries(Object.entries(v.feet[s]).map(([id, mm]) => [id, { mm, sdMm: readingSd(id as MeasureId, 'tape') }]))])); // prettier-ignore
  return readVisit({ person: String(i), fitter: v.by, day: v.openedAt.slice(0, 10), pairs, tape, preference: v.preference });
});
const sorted = [...visits].sort((a, b) => (a.day < b.day ? -1 : 1));
const cut = Math.floor(0.8 * sorted.length);
let given = {};
const learned = {} as Record<OffsetId, { belief: ReturnType<typeof learnChannel>; says: ReturnType<typeof lastsSay>; targets: ReturnType<typeof targetsSay> }>;
for (const channel of CHANNEL_ORDER) {
  const belief = learnChannel(channel, { lasts, visits, given });
  const targets = targetsSay(belief, { belief: learnChannel(channel, { lasts, visits: sorted.slice(0, cut), given }), newest: sorted.slice(cut) });
  learned[channel] = { belief, says: lastsSay(belief, targets), targets };
  given = { ...given, [channel]: givenBy(belief) };
}

describe('two years of try-ons', () => {
  it('teach the two lasts that are not as their sheets say, and by how much', () => {
    for (const [last, off] of Object.entries(OFF_LASTS))
      for (const [channel, mm] of Object.entries(off) as [OffsetId, number][]) {
        const said = learned[channel].says.find((l) => l.last === last)!;
        expect(said.verdict, `${last} ${channel}`).toBe('propose');
        expect(Math.abs(said.net.mm - mm), `${last} ${channel}: ${said.net.mm} ± ${said.net.sdMm}`).toBeLessThan(2.5 * said.net.sdMm + 0.5);
      }
  });
  it('teach nothing of the others', () => {
    const proposed = Object.values(learned).flatMap((l) => l.says.filter((s) => ['propose', 'measure'].includes(s.verdict) && !OFF_LASTS[s.last]?.[s.channel]).map((s) => `${s.last} ${s.channel} ${s.net.mm.toFixed(1)}±${s.net.sdMm.toFixed(1)}`)); // prettier-ignore
    expect(proposed).toEqual([]);
  });
  it('tell the fitter whose words say tighter', () => {
    const [tighter] = waysSay(learned.length.belief).sort((a, b) => b.mm - a.mm);
    expect(WAYS[tighter.fitter]).toBe(Math.max(...Object.values(WAYS)));
    expect(Math.abs(tighter.mm - 1)).toBeLessThan(2.5 * tighter.sdMm);
  });
  it('move the targets of the kind that is off, or say why not, and no other’s', () => {
    const off = Object.keys(TABLE_OFF) as KindId[];
    for (const t of Object.values(learned).flatMap((l) => l.targets)) if (!off.includes(t.kind) || t.channel !== 'length') expect(t.move, `${t.kind} ${t.channel} ${t.mm}`).toBeNull(); // prettier-ignore
    const walking = learned.length.targets.find((t) => t.kind === 'walking')!;
    expect(walking.mm).toBeGreaterThan(0.75);
    expect(Math.abs(walking.mm - TABLE_OFF.walking!)).toBeLessThan(2.5 * walking.sdMm + 0.4);
    expect(walking.move).not.toBeNull();
    // Its lasts stand off as the whole kind does: none of them is proposed by itself.
    expect(learned.length.says.filter((s) => s.verdict === 'kind').length).toBeGreaterThan(3);
  });
});
