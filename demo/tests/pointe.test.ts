import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { completeFoot, type Side } from '@chiave/core/measure';
import { compileForefoot, pointeFootOf, PointeStock, rankPointe, type PointeModel } from '@chiave/core/pointe';

const read = (name: string) => JSON.parse(readFileSync(fileURLToPath(new URL(`../data/${name}.json`, import.meta.url)), 'utf8'));
const file = read('pointe');
const fittings = read('fittings');
const models: PointeModel[] = file.models.map((m: { makerId: string }) => {
  const { scale, ...maker } = file.makers.find((k: { id: string }) => k.id === m.makerId);
  return { ...m, maker: { ...maker, ...scale } };
});

describe('six dancers of the demo', () => {
  const stock = new PointeStock(models);
  const best = file.dancers.map(({ person, asked }: { person: string; asked: { pads?: object } }) => {
    const { feet } = fittings.filter((f: { person: string }) => f.person === person).at(-1);
    const foot = (side: Side) => {
      const { values, ...rest } = feet[side];
      const own = Object.fromEntries(Object.entries(values).map(([k, mm]) => [k, { mm }]));
      return compileForefoot(pointeFootOf(completeFoot({ side, values: own, ...rest } as never), values, asked as never), asked.pads ?? {});
    };
    return { person, ranked: rankPointe(stock, foot('left'), foot('right')) };
  });
  it('each has another first shoe', () => {
    expect(best.length).toBe(6);
    const shoes = best.map(({ ranked }: { ranked: ReturnType<typeof rankPointe> }) => {
      const { model, left } = ranked[0];
      return `${model.id} ${left.size} ${left.mark} ${left.grade}`;
    });
    expect(new Set(shoes).size).toBe(6);
  });
  it('for reasons of her own: not one thing decides for all', () => {
    const decided = best.map(({ ranked }: { ranked: ReturnType<typeof rankPointe> }) => ranked[0].left.decidedBy);
    expect(new Set(decided).size).toBeGreaterThanOrEqual(3);
  });
  it('each finds a shoe that is worth a try, and some that are not', () => {
    for (const { person, ranked } of best) {
      expect(ranked[0].probability, person).toBeGreaterThan(0.3);
      expect(ranked.at(-1)!.probability, person).toBeLessThan(0.25 * ranked[0].probability);
    }
  });
});
