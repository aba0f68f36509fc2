import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { AT, levelOf } from '@chiave/core/attributes';
import type { FlagId, Style } from '@chiave/core/fit';
import { ANYBODY, dropOf, judgeFor, judgeUse, useSentences, useShoe, useStyleOf, type Judged, type UseShoe } from '@chiave/core/use';
import { allStyles } from '../lasts';
import { USES_OF } from '../uses';

const read = (name: string) => JSON.parse(readFileSync(fileURLToPath(new URL(`../data/${name}.json`, import.meta.url)), 'utf8'));
const people: { id: string; flags?: FlagId[] }[] = read('people');
const fittings: { person: string; feet: Record<'left' | 'right', { values: Record<string, number> }> }[] = read('fittings');
const shelf = allStyles().map((style) => ({ style, shoe: useShoe(useStyleOf(style)) }));

interface On {
  style: Style;
  shoe: UseShoe;
  judged: Judged;
}
/** The shelf for somebody of the demo, what suits first. */
function shelfFor(id: string): { of: On[]; made: On[] } {
  const use = USES_OF[id];
  const { feet } = fittings.filter((f) => f.person === id).at(-1)!;
  const most = (field: string): number | null => {
    const all = (['left', 'right'] as const).map((s) => feet[s].values[field]).filter((v) => v !== undefined);
    return all.length > 0 ? Math.max(...all) : null;
  };
  const person = {
    ...ANYBODY,
    lengthMm: most('lengthMm')!,
    ballWidthMm: most('ballWidthMm'),
    toeHeightMm: most('toeHeightMm'),
    weightKg: use.weightKg ?? null,
    flags: people.find((p) => p.id === id)!.flags ?? [],
    looks: { left: use.looks?.left ?? {}, right: use.looks?.right ?? {} }
  };
  const judge = judgeFor(use.uses[0], { person, answers: use.answers }, use.schools);
  const of = shelf
    .map(({ style, shoe }) => ({ style, shoe, judged: judgeUse(judge, shoe) }))
    .sort((a, b) => Number(a.judged.forbidden) - Number(b.judged.forbidden) || b.judged.suit - a.judged.suit);
  return { of, made: of.filter((s) => judge.use.madeFor.includes(s.style.kind)) };
}
/** Rules that speak for it, or would be looked at before the sale. */
const reasonsOf = ({ judged }: On): string[] => [...judged.for, ...judged.look].map((r) => r.here.rule.id);
const valueOf = ({ shoe }: On, id: keyof typeof AT): number => Math.round(shoe.points[3 * AT[id] + 1]);

describe('what is told to the people of the demo, as a specialist would', () => {
  it('everybody gets an order with reasons, and sentences that are whole', () => {
    for (const id of Object.keys(USES_OF)) {
      const { made } = shelfFor(id);
      expect(made.length, id).toBeGreaterThan(0);
      const said = useSentences(made[0].judged, made[0].shoe);
      expect(said.head.length, id).toBeGreaterThan(0);
      for (const line of [...said.for, ...said.against, ...said.look]) expect(line, id).toMatch(/^[A-Z].*[.?]$/);
    }
  });
  it('a dancer new to a heels class: a dance heel that holds the ankle and turns, loose joints told', () => {
    const { made } = shelfFor('oriele-macchiara');
    const [best] = made;
    expect(best.judged.class).toBe('suits');
    expect(valueOf(best, 'hold')).toBeGreaterThanOrEqual(levelOf('hold', 'shaft'));
    expect(valueOf(best, 'sole')).toBeLessThan(levelOf('sole', 'rubber'));
    expect(dropOf(best.shoe)).toBeLessThanOrEqual(104);
    expect(best.judged.judge.uses.map((u) => u.id)).toContain('care');
  });
  it('pole: a first pair with a strap, not past what a beginner holds', () => {
    const [best] = shelfFor('kilian-porrovecchio').made;
    expect(best.judged.class).toBe('suits');
    expect(valueOf(best, 'hold')).toBeGreaterThan(levelOf('hold', 'bare'));
  });
  it('two runners: cushion and support for the long slow one whose left foot rolls in, the light one for the race', () => {
    const long = shelfFor('jory-tamblin').made;
    const race = shelfFor('renzo-kallamby').made;
    expect(long[0].judged.class).toBe('suits');
    const place = (list: On[], id: string) => list.findIndex((s) => s.style.id.startsWith(id));
    expect(place(race, 'tarn')).toBe(0);
    expect(place(long, 'freshet')).toBe(0);
    expect(reasonsOf(long[0])).toContain('long');
    // A race shoe is a light one.
    expect(valueOf(race[0], 'weight')).toBeLessThan(270);
  });
  it('an usher with diabetes and numb feet: covered toes, no ridge, depth, and the clinic is named', () => {
    const { made, of } = shelfFor('savina-grell');
    expect(made[0].style.kind).toBe('extra-depth');
    expect(made[0].judged.class).toBe('suits');
    const open = of.filter((s) => s.style.kind === 'sandal');
    expect(open.length).toBeGreaterThan(0);
    for (const s of open) expect(s.judged.class, s.style.name).not.toBe('suits');
    expect(useSentences(made[0].judged, made[0].shoe).whom).toContain('clinician');
  });
  it('a stage manager with a brace: laced or strapped walking shoes; nothing that leans forward, pulls on or trips', () => {
    const { made, of } = shelfFor('ruben-castegno');
    expect(made[0].judged.class).toBe('suits');
    const heels = of.filter((s) => dropOf(s.shoe) > 30);
    expect(heels.length).toBeGreaterThan(0);
    for (const s of heels)
      expect(
        s.judged.forbiddenBy.map((r) => r.here.rule.id),
        s.style.name
      ).toContain('fore');
    expect(useSentences(heels[0].judged, heels[0].shoe).whom).toContain('orthotist');
  });
  it('a bass whose prosthesis stands at a 10 mm drop: no boot of the shelf will do, walking shoes would; the orthotist is named', () => {
    const { made, of } = shelfFor('baldo-fiorante');
    for (const s of made) expect(s.judged.forbiddenBy.map((r) => r.here.rule.id)).toContain('fore');
    const low = of.filter((s) => ['walking', 'extra-depth'].includes(s.style.kind));
    expect(low.some((s) => !s.judged.forbidden)).toBe(true);
  });
  it('a rider: a heel, and room in the stirrup', () => {
    const [best] = shelfFor('eleonora-quist').made;
    expect(best.judged.class).toBe('suits');
    expect(best.style.heelHeightMm).toBeGreaterThanOrEqual(24);
  });
  it('a wedding on a lawn: low and broad under the heel', () => {
    const [best] = shelfFor('cosima-travaglin').made;
    expect(best.judged.class).toBe('suits');
    expect(dropOf(best.shoe)).toBeLessThanOrEqual(65);
    expect(valueOf(best, 'shape')).toBeLessThanOrEqual(levelOf('shape', 'block'));
  });
  it('slippers for vinyl are canvas; character shoes for the stage are of middle height', () => {
    expect(shelfFor('perla-ondavi').made[0].style.upper).toBe('canvas');
    const [best] = shelfFor('nives-orlumbra').made;
    expect(dropOf(best.shoe)).toBeGreaterThanOrEqual(38);
    expect(dropOf(best.shoe)).toBeLessThanOrEqual(65);
  });
});
