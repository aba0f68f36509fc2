import {
  cautionsOfWearer,
  checkFit,
  completeShoe,
  helpsFor,
  nextMeasures,
  shoeOf,
  targetsFor,
  footAsWorn,
  POINTS,
  byRank,
  rankStock,
  type Candidate,
  type Ranked,
  type FootFit,
  type ShopTargets,
  type Style,
  type ZoneFit
} from '@chiave/core/fit';
import { completeFoot, SIDES, type Foot, type Side } from '@chiave/core/measure';
import type { z } from 'zod';
import { notFitted, type SideBody } from '../api/foot-schema';
import type { fitCheckSchema, fitSchema } from '../api/fit-schema';
import { notFittedOfShoe, toShoeInput } from '../api/shoe-schema';
import { toWear } from '../api/wear-schema';
import { footInputOf } from '../fit-feet';
import { refusing } from './problems';

const round = (value: number): number => Math.round(value * 100) / 100;

const zoneOut = ({ zone, basis, clearanceMm, sdMm, target, state, because }: ZoneFit) => ({
  zone,
  ...(basis ? { basis } : {}),
  clearanceMm: round(clearanceMm),
  sdMm: round(sdMm),
  target: { a: round(target.a), b: round(target.b), c: round(target.c), d: round(target.d) },
  state,
  because: because.sentence
});

const remediesOut = (foot: FootFit) =>
  // prettier-ignore
  foot.remedies.map(({ kind, name, zone, effectMm, afterMm, makesFit, costs, limits }) => ({
    kind, name, zone, effectMm: round(effectMm), afterMm: round(afterMm), makesFit, costs, limits
  }));

/** `POST /fit/check`: one foot in one shoe, by our own targets whatever the shop has set. */
export function checkOne({ foot, shoe, wear, flags, helps }: z.infer<typeof fitCheckSchema>) {
  const wearing = toWear(wear, flags);
  const whole = footFrom(foot);
  const made = shoeFrom(shoe);
  const worn = footAsWorn(whole, wearing);
  const fit = refusing('helps', () => checkFit([worn], made, wearing, flags, POINTS.opened, { [whole.side]: helps }));
  const [one] = fit.feet;
  return {
    usableLengthMm: round(one.usableLengthMm),
    zones: one.zones.map(zoneOut),
    verdict: fit.verdict,
    probability: round(fit.probability),
    score: round(fit.score),
    decidedBy: one.decidedBy,
    words: fit.sentence,
    heel: one.heel,
    remedies: remediesOut(one),
    putIn: one.putIn,
    assumed: [...whole.assumed.map((field) => `foot.${field}`), ...made.assumed],
    notRead: [...notFitted(foot).map((field) => `foot.${field}`), ...notFittedOfShoe(shoe).map((field) => `shoe.${field}`)],
    measureNext: nextMeasures([worn], made, wearing)
      .slice(0, 3)
      .map(({ what, id, name, fromSdMm, toSdMm, chanceThen, settles }) => ({
        what,
        id,
        name,
        fromSdMm: round(fromSdMm),
        toSdMm: round(toSdMm),
        chanceThen: round(chanceThen),
        settles: round(settles)
      })),
    cautions: fit.cautions
  };
}

/** A foot filled in, of which the length was asked for. */
const footFrom = ({ side, ...foot }: SideBody & { side: Side }): Foot => completeFoot(footInputOf(side, foot, { population: 'general' })!);

const shoeFrom = (shoe: z.infer<typeof fitCheckSchema>['shoe']): ReturnType<typeof completeShoe> =>
  refusing('shoe.insoleLengthMm', () => completeShoe(toShoeInput(shoe)));

/** `POST /fit`: both feet against the stockroom by the shop's targets. */
export function rankForApi({ feet, kinds, wear, limit, flags }: z.infer<typeof fitSchema>, styles: readonly Style[], targets: ShopTargets | null) {
  const started = performance.now();
  const wearing = { ...toWear(wear, flags), shopTargets: targets ?? undefined };
  const worn = SIDES.map((side) => footAsWorn(footFrom({ ...feet[side], side }), wearing));
  const wanted = kinds && kinds.length > 0 ? styles.filter((s) => kinds.includes(s.kind)) : styles;
  const candidates: Ranked[] = [];
  let considered = 0;
  for (const step of rankStock(wanted, worn, wearing, limit)) {
    if (step.candidate) candidates.push(step.candidate);
    considered += step.considered;
    // What is asked for stands: the rest can only come behind it.
    if (step.topStands) break;
  }
  const best = candidates
    .sort(byRank)
    .slice(0, limit)
    .map((c) => c.whole());
  const helpsOf = (c: Candidate) => {
    const shoe = shoeOf(
      wanted.find((s) => s.id === c.styleId)!,
      c.sizeNumber,
      c.width
    );
    return helpsFor(worn, shoe, wearing, targetsFor(shoe, wearing));
  };
  const zones = (c: Candidate, side: Side) => ({ zones: c.zones[side].map((z) => ({ ...z, clearanceMm: round(z.clearanceMm) })) });
  return {
    candidates: best.map((c) => ({
      style: { id: c.styleId, name: c.name, kind: c.kind, maker: c.maker },
      last: { id: c.lastId, name: c.lastName },
      scale: c.scale,
      size: c.size,
      width: c.width,
      verdict: c.verdict,
      probability: round(c.probability),
      score: round(c.score),
      decidedBy: c.decidedBy,
      words: c.sentence,
      onShelf: c.onShelf,
      left: zones(c, 'left'),
      right: zones(c, 'right'),
      remedies: helpsOf(c).map(({ kind, zone, effectMm, limits }) => ({ kind, zone, effectMm: round(effectMm), limits }))
    })),
    cautions: cautionsOfWearer(wearing, flags),
    notRead: SIDES.flatMap((side) => notFitted(feet[side]).map((field) => `feet.${side}.${field}`)),
    considered,
    tookMs: Math.round(performance.now() - started)
  };
}
