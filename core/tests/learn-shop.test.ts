import { describe, expect, it } from 'vitest';
import { lastsSay, learnChannel, targetsSay, TUNE, waysSay, withoutPerson, type ChannelBelief } from '../src/learn';
import { madeUpShop } from './made-up-shop';

const learn = (shop: ReturnType<typeof madeUpShop>) => learnChannel('length', shop);
const sdAt = ({ cov, mean }: Pick<ChannelBelief, 'cov' | 'mean'>, i: number) => Math.sqrt(cov[i * mean.length + i]);
/** Share of the lasts whose own interval of 90 in 100 holds the truth, over some shops. */
function covered(people: number, shops: number): { share: number; rms: number; told: number } {
  let [held, n, square, told] = [0, 0, 0, 0];
  for (let seed = 1; seed <= shops; seed++) {
    const shop = madeUpShop({ people, seed });
    const belief = learn(shop);
    shop.lasts.forEach((last, i) => {
      const off = belief.mean[i] - shop.truth.lasts[last.id];
      n++;
      if (Math.abs(off) < 1.645 * sdAt(belief, i)) held++;
      square += off * off;
      told += sdAt(belief, i) ** 2;
    });
  }
  return { share: held / n, rms: Math.sqrt(square / n), told: Math.sqrt(told / n) };
}

describe('what a shop learns of its lasts, from people another generator made up', () => {
  it('intervals of 90 in 100 hold the truth 85 to 95 times, with 40 people and with 200', { timeout: 60_000 }, () => {
    for (const [people, shops] of [[40, 12], [200, 6]] as const) {
      const { share, rms, told } = covered(people, shops);
      expect(share, `${people} people`).toBeGreaterThan(0.85);
      expect(share, `${people} people`).toBeLessThan(0.95);
      expect(rms / told).toBeGreaterThan(0.8);
      expect(rms / told).toBeLessThan(1.2);
    }
  }); // prettier-ignore
  it('is told more surely by 25, 100 and 400 people', () => {
    const [few, some, many] = [25, 100, 400].map((people) => {
      const says = lastsSay(learn(madeUpShop({ people, lasts: 8 })));
      return says.reduce((s, l) => s + l.net.sdMm, 0) / says.length;
    });
    expect(few).toBeGreaterThan(some);
    expect(some).toBeGreaterThan(many);
    expect(many).toBeLessThan(0.5);
  });
  it('one person, however often they try, leaves a last most of its doubt', () => {
    const shop = madeUpShop({ people: 1, lasts: 1, pairs: 20 });
    expect(sdAt(learn(shop), 0) / 1.5).toBeGreaterThan(0.7);
    expect(lastsSay(learn(shop))[0].verdict).toBe('too-few');
  });
  it('an untried last of an untried maker stays as it stands, to the last figure', () => {
    const shop = madeUpShop({ people: 60 });
    const belief = learnChannel('length', { ...shop, lasts: [...shop.lasts, { id: 'new', maker: 'nobody', mark: 'claimed' }] });
    const at = shop.lasts.length;
    expect(Math.abs(belief.mean[at])).toBeLessThan(1e-9);
    expect(Math.abs(sdAt(belief, at) - 1.5)).toBeLessThan(1e-9);
    // One of a maker whose other lasts were tried leans on them.
    const sister = learnChannel('length', { ...shop, lasts: [...shop.lasts, { id: 'new', maker: 'maker-0', mark: 'claimed' }] });
    expect(sdAt(sister, at)).toBeLessThan(1.5);
  });
  it('order does not matter, and what is taken back was never there', () => {
    const shop = madeUpShop({ people: 50 });
    const once = learn(shop);
    const turned = learn({ ...shop, visits: [...shop.visits].reverse() });
    once.mean.forEach((m, i) => expect(Math.abs(m - turned.mean[i])).toBeLessThan(0.005));
    const without = learn({ ...shop, visits: shop.visits.slice(0, -1) });
    const again = learn({ ...shop, visits: [...shop.visits].slice(0, -1) });
    expect([...again.mean]).toEqual([...without.mean]);
    expect([...learn({ ...shop, visits: [] }).mean].every((m) => m === 0)).toBe(true);
  });
  it('one person taken out of the sum is as if the shop had been learned without them', () => {
    const shop = madeUpShop({ people: 60 });
    const belief = learn(shop);
    const out = withoutPerson(belief, '7');
    const again = learn({ ...shop, visits: shop.visits.filter((v) => v.person !== '7') });
    shop.lasts.forEach((_, i) => expect(Math.abs(out.mean[i] - again.mean[i]) / sdAt(again, i)).toBeLessThan(0.1));
    expect(withoutPerson(belief, 'nobody').mean).toBe(belief.mean);
  });
  it('proposes a last that runs far off, and says how much the sheet still has to say', () => {
    const shop = madeUpShop({ people: 150, lasts: 6, seed: 3 });
    const moved = { ...shop, visits: shop.visits.map((v) => ({ ...v, words: v.words.map((w) => (w.last === 'last-2' ? { ...w, mm: w.mm + 3 + shop.truth.lasts['last-2'] } : w)) })) }; // prettier-ignore
    const said = lastsSay(learn(moved)).find((l) => l.last === 'last-2')!;
    expect(said.verdict).toBe('propose');
    expect(Math.abs(said.net.mm + 3)).toBeLessThan(3 * said.net.sdMm);
    expect(said.sheetShare).toBeGreaterThan(0);
    expect(said.sheetShare).toBeLessThan(1);
    expect(said.fitters).toBe(3);
  });
  it('seldom proposes anything where lasts are as their sheets say', () => {
    let [proposed, all] = [0, 0];
    for (let seed = 1; seed <= 10; seed++) {
      const shop = madeUpShop({ people: 120, mark: 'measured', seed });
      // All lasts right: what is left is fitters and likings.
      const right = { ...shop, visits: shop.visits.map((v) => ({ ...v, words: v.words.map((w) => ({ ...w, mm: w.mm + shop.truth.lasts[w.last] })) })) };
      for (const l of lastsSay(learn(right))) {
        all++;
        if (l.verdict === 'propose') proposed++;
      }
    }
    expect(proposed / all).toBeLessThan(0.08);
  });
});

describe('what it learns of fitters and targets', () => {
  it('finds the fitter whose words say tighter', () => {
    const shop = madeUpShop({ people: 300, fitters: 2, seed: 5 });
    const [first] = waysSay(learn(shop));
    const truth = shop.truth.ways['fitter 0'] - shop.truth.ways['fitter 1'];
    expect(Math.abs(first.mm - truth)).toBeLessThan(2.5 * first.sdMm);
    expect(first.sdMm).toBeLessThan(0.8);
    expect(waysSay(learn(madeUpShop({ people: 30, fitters: 1 })))).toEqual([]);
  });
  it('proposes to move targets that are off, seldom those that are right, and says what is missing', { timeout: 60_000 }, () => {
    const half = (shop: ReturnType<typeof madeUpShop>) => {
      const cut = Math.floor(shop.visits.length * 0.8);
      return { belief: learn({ ...shop, visits: shop.visits.slice(0, cut) }), newest: shop.visits.slice(cut) };
    };
    let [right, of] = [0, 0];
    for (let seed = 1; seed <= 8; seed++) {
      const shop = madeUpShop({ people: 250, mark: 'measured', fitters: 4, seed });
      const level = Object.values(shop.truth.ways).reduce((a, b) => a + b, 0) / 4;
      for (const t of targetsSay(learn(shop), half(shop))) {
        if (Math.abs(level) > 0.4) continue;
        of++;
        if (t.move !== null) right++;
      }
    }
    expect(right / of).toBeLessThan(0.15);
    const off = madeUpShop({ people: 400, mark: 'measured', fitters: 4, tau: 2, seed: 2 });
    const said = targetsSay(learn(off), half(off));
    const level = Object.values(off.truth.ways).reduce((a, b) => a + b, 0) / 4;
    for (const t of said) expect(Math.abs(t.mm - 2 - level)).toBeLessThan(2.5 * t.sdMm);
    expect(said.some((t) => t.move !== null && t.move > 0.75)).toBe(true);
    expect(targetsSay(learn(madeUpShop({ people: 10 })), null).every((t) => t.keep === 'few-people' && t.missing > TUNE.people - 11)).toBe(true);
    expect(targetsSay(learn(madeUpShop({ people: 200, fitters: 1 })), null).every((t) => t.keep === 'one-hand')).toBe(true);
  });
});
