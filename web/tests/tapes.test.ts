import type { Plane, ScanValue } from '@chiave/core/scan';
import { describe, expect, it } from 'vitest';
import { Tapes } from '../src/lib/scan/tapes.svelte';

type Id = 'ball' | 'waist' | 'length';
const tape = (x: number): ScanValue => ({
  mm: 200 + x,
  sdMm: 1,
  plane: { at: [x, 0, 0], normal: [1, 0, 0] },
  line: [[x, -40, 0], [x, 40, 0], [x, 0, 60]] // prettier-ignore
});
const read: Partial<Record<Id, ScanValue>> = { ball: tape(170), waist: tape(140), length: { mm: 240, sdMm: 0.7, line: [] } };
/** A worker that answers when it is let: with the tape at a plane, or nothing in front of the toes. */
function slow(): { along: (id: Id, plane: Plane) => Promise<ScanValue | null>; answer: () => Promise<void>; asked: Plane[] } {
  const waiting: (() => void)[] = [];
  const asked: Plane[] = [];
  return {
    asked,
    along: (_id, plane) => {
      asked.push(plane);
      return new Promise((done) => waiting.push(() => done(plane.at[0] > 240 ? null : { ...tape(plane.at[0]), plane })));
    },
    answer: async () => {
      for (const done of waiting.splice(0)) done();
      await new Promise((done) => setTimeout(done));
    }
  };
}

describe('the tapes round a scan', () => {
  it('presses add up while a girth is still being worked out; the last one counts', async () => {
    const { along, answer } = slow();
    const told: Id[] = [];
    const tapes = new Tapes<Id>(() => read, along, (id) => told.push(id)); // prettier-ignore
    for (let i = 0; i < 3; i++) void tapes.step('ball', 1, false);
    expect(tapes.values.ball!.mm).toBe(370);
    await answer();
    expect(tapes.values.ball!.plane!.at[0]).toBeCloseTo(173, 9);
    expect(tapes.values.ball!.mm).toBeCloseTo(373, 9);
    expect(told).toEqual(['ball']);
    expect(tapes.values.waist).toBe(read.waist);
    tapes.restore('ball');
    expect(tapes.values.ball).toBe(read.ball);
    expect(told).toEqual(['ball', 'ball']);
  });
  it('where a tape meets nothing it stays; the next press goes on from where it is', async () => {
    const { along, answer, asked } = slow();
    const tapes = new Tapes<Id>(() => read, along, () => {}); // prettier-ignore
    void tapes.move('ball', { byMm: 100 });
    await answer();
    expect(tapes.values.ball).toBe(read.ball);
    expect(tapes.moved).toEqual({});
    void tapes.step('ball', -1, false);
    expect(asked.at(-1)!.at[0]).toBeCloseTo(169, 9);
  });
  it('leans about the line from side to side, through the middle of its tape', async () => {
    const { along, answer } = slow();
    const tapes = new Tapes<Id>(() => read, along, () => {}); // prettier-ignore
    void tapes.step('waist', 1, true);
    await answer();
    const { at, normal } = tapes.values.waist!.plane!;
    expect(at).toEqual([140, 0, 20]);
    expect(normal[0]).toBeCloseTo(Math.cos(Math.PI / 180), 9);
    expect(Math.abs(normal[2])).toBeCloseTo(Math.sin(Math.PI / 180), 9);
    expect(normal[1]).toBe(0);
  });
  it('a finger drags the girth that is looked at, as often as the worker can; what is no girth is not dragged', async () => {
    const { along, answer, asked } = slow();
    const tapes = new Tapes<Id>(() => read, along, () => {}); // prettier-ignore
    tapes.chosen = 'length';
    expect(tapes.girth).toBeNull();
    await tapes.drag(3);
    expect(asked).toEqual([]);
    tapes.chosen = 'waist';
    expect(tapes.girth).toBe('waist');
    void tapes.drag(2);
    void tapes.drag(1);
    void tapes.drag(1.5);
    expect(asked).toHaveLength(1);
    await answer();
    await answer();
    expect(asked).toHaveLength(2);
    expect(tapes.values.waist!.plane!.at[0]).toBeCloseTo(144.5, 9);
    tapes.clear();
    expect([tapes.chosen, tapes.values.waist]).toEqual([null, read.waist]);
  });
});
