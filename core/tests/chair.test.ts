import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { KIND_IDS } from '../src/fit';
import { beginTimer, CHAIR_STEP, chairCautions, eliminationOf, expectedFirst, left, passed, pauseTimer, postCautions, protocolFor, readByHand, readingOf, resumeTimer, rings, stepsOf, type Bout } from '../src/chair'; // prettier-ignore

describe('protocols', () => {
  it('has one of every kind, no step twice, every timer with what to ask', () => {
    for (const kind of KIND_IDS) {
      const steps = stepsOf(protocolFor(kind, []));
      expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
      expect(steps[0].id).toBe('dressed');
      for (const s of steps) expect(s.minutes === undefined, s.id).toBe(s.ask === undefined);
    }
  });
  it('kicks elastic sides home, waits on the carpet, reads their lift; pops western boots; common practice, no source', () => {
    const ids = (kind: Parameters<typeof protocolFor>[0]) => protocolFor(kind, []).steps;
    expect(ids('elastic-boot')).toEqual(expect.arrayContaining(['kick-home', 'finger-behind', 'footbed', 'carpet', 'lift', 'tabs']));
    expect(CHAIR_STEP.carpet.minutes).toEqual({ least: 15, usual: 20 });
    expect(ids('western-boot')).toEqual(expect.arrayContaining(['pop', 'slip-new', 'toes-free']));
    expect(ids('running').indexOf('jog')).toBeGreaterThan(ids('running').indexOf('walk'));
    expect(ids('pump')).toEqual(expect.arrayContaining(['slide', 'gap', 'turn', 'straps', 'narrow-hours']));
    expect(CHAIR_STEP['narrow-hours'].minutes!.usual).toBe(120);
  });
  it('lets a device go before the kind, and says what feet that feel little need', () => {
    expect(protocolFor('running', ['brace']).id).toBe('device');
    expect(chairCautions(['numb'], 60).join()).toContain('thumb');
    expect(chairCautions([], 4)).toHaveLength(1);
    expect(chairCautions([], 30)).toEqual([]);
  });
  it('speaks against the post for feet that feel little, a device, and shoes a teacher leads', () => {
    expect(postCautions([], 'loafer')).toEqual([]);
    expect(postCautions(['diabetic'], 'loafer').join()).toContain('in person');
    expect(postCautions(['prosthesis'], 'walking').join()).toContain('clinic');
    expect(postCautions([], 'pointe').join()).toContain('teacher');
  });
  it('takes a thumb before the toes for the room inside, and for nothing in a pointed shoe', () => {
    expect(readingOf('longest-toe', 'lace-boot')).toBe('toe-room');
    expect(readingOf('longest-toe', 'loafer')).toBeNull();
    expect(readingOf('gap', 'pump')).toBe('heel-slip');
    expect(readingOf('walk', 'pump')).toBeNull();
  });
});

describe('timers', () => {
  const start = new Date('2026-03-01T10:00:00Z');
  const after = (minutes: number) => new Date(start.getTime() + minutes * 60_000);
  it('runs on by the clock, pauses, rings until it is answered', () => {
    const timer = beginTimer('carpet', start);
    expect(left(timer, after(5))).toBe(15 * 60);
    expect(rings(timer, after(19))).toBe(false);
    expect(rings(timer, after(20))).toBe(true);
    expect(rings({ ...timer, answered: true }, after(30))).toBe(false);
    const paused = pauseTimer(timer, after(5));
    expect(passed(paused, after(500))).toBe(300);
    expect(left(resumeTimer(paused, after(60)), after(75))).toBe(0);
    // A clock that was set back takes nothing away.
    expect(passed(timer, after(-10))).toBe(0);
  });
});

describe('elimination', () => {
  const chance = (id: number) => ({ 1: 0.5, 2: 0.7, 3: 0.2, 4: 0.6 })[id] ?? 0;
  const bout = (l: number, r: number, winner: number | null): Bout => ({ left: l, right: r, winner });
  it('puts one on each foot, swaps sides once, keeps the winner on its foot', () => {
    expect(eliminationOf([1, 2, 3], [], chance).next).toEqual({ left: 1, right: 2, swapped: false });
    const one = [bout(1, 2, 2)];
    expect(eliminationOf([1, 2, 3], one, chance).next).toEqual({ left: 2, right: 1, swapped: true });
    const two = [...one, bout(2, 1, 2)];
    const now = eliminationOf([1, 2, 3], two, chance);
    expect(now.duels[0].end).toEqual({ winner: 2, loser: 1, by: 'shoe' });
    expect(now.next).toEqual({ left: 2, right: 3, swapped: false });
    expect(eliminationOf([1, 2, 3], [...two, bout(2, 3, 2), bout(3, 2, 2)], chance).winner).toBe(2);
  });
  it('tells a foot from a shoe: where the same foot won twice, the better chance goes on', () => {
    const { duels } = eliminationOf([1, 2], [bout(1, 2, 1), bout(2, 1, 2)], chance);
    expect(duels[0].end).toEqual({ winner: 2, loser: 1, by: 'foot' });
    expect(eliminationOf([1, 2], [bout(1, 2, null), bout(2, 1, null)], chance).duels[0].end!.by).toBe('even');
    expect(eliminationOf([1, 2], [bout(1, 2, null), bout(2, 1, 1)], chance).duels[0].end).toEqual({ winner: 1, loser: 2, by: 'shoe' });
  });
  it('ends after one duel less than there are pairs, whatever is said; each pair but the winner loses once', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 7 }), fc.infiniteStream(fc.integer({ min: 0, max: 2 })), (many, answers) => {
        const pairs = Array.from({ length: many }, (_, i) => i + 1);
        const bouts: Bout[] = [];
        for (let i = 0; i < 2 * (many - 1); i++) {
          const { next } = eliminationOf(pairs, bouts, chance);
          expect(next).not.toBeNull();
          bouts.push(bout(next!.left, next!.right, [null, next!.left, next!.right][answers.next().value!]));
        }
        const { winner, next, duels } = eliminationOf(pairs, bouts, chance);
        expect(next).toBeNull();
        expect([...duels.map((d) => d.end!.loser), winner].sort()).toEqual(pairs);
      })
    );
  });
  it('leaves out what was said of a pair that is gone, and goes on from there', () => {
    const said = [bout(1, 2, 1), bout(2, 1, 1)];
    expect(eliminationOf([1, 3], said, chance).next).toEqual({ left: 1, right: 3, swapped: false });
    expect(eliminationOf([1], said, chance)).toMatchObject({ next: null, winner: null });
    expect(expectedFirst([1, 2, 3], chance)).toBe(2);
  });
});

describe('a hand as a measure', () => {
  const hand = { thumbMm: 21, fingerMm: 16 };
  it('reads thumbs and fingers by this fitter’s own, and says what was never measured', () => {
    expect(readByHand('a finger', hand)).toEqual({ mm: 16, part: 'fingerMm' });
    expect(readByHand('1/2 thumb', hand)).toEqual({ mm: 10.5, part: 'thumbMm' });
    expect(readByHand('two fingers', hand)).toEqual({ mm: 32, part: 'fingerMm' });
    expect(readByHand('thumbnail', hand)).toEqual({ missing: 'nailMm' });
    expect(readByHand('12 mm', hand)).toBeNull();
  });
});
