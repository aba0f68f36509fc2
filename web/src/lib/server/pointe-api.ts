import { completeFoot, type Side } from '@chiave/core/measure';
import {
  boxOf,
  boxProblems,
  cautionsFor,
  causesOf,
  compileForefoot,
  doubtBy,
  GRADE,
  markProblem,
  pointeFootOf,
  pointeReport,
  PointeStock,
  POINTE_ZONE,
  rankPointe,
  sizeProblem,
  type Box,
  type BoxDoubt,
  type PointeFit,
  type PointeFoot
} from '@chiave/core/pointe';
import type { z } from 'zod';
import type { pointeBarreCheckSchema, pointeCheckSchema, pointeRankSchema } from '../api/pointe-schema';
import { footInputOf } from '../fit-feet';
import { coreModels } from '../pointe-models';
import { invalid } from './problems';
import { pointeStock } from './shop/pointe';

type Sent = z.infer<typeof pointeCheckSchema>['foot'] & { side: Side };
const round = (value: number): number => Math.round(value * 100) / 100;
const rounded = ({ low, centre, high }: { low: number; centre: number; high: number }) => ({ low: round(low), centre: round(centre), high: round(high) });

function pointeFootFrom({
  yields,
  weightKg,
  hypermobile,
  rolls,
  pressedBallGirthMm,
  pressedBallWidthMm,
  ballWidthSeatedMm,
  bigToeLengthMm,
  tipSpanMm,
  pointReachDeg,
  demiReachDeg,
  rises,
  ...foot
}: Sent): PointeFoot {
  // prettier-ignore
  const taken = { pressedBallGirthMm, pressedBallWidthMm, ballWidthSeatedMm, bigToeLengthMm, tipSpanMm, pointReachDeg, demiReachDeg, rises };
  return pointeFootOf(completeFoot(footInputOf(foot.side, foot, { population: 'general' })!), taken, { yields, weightKg, hypermobile, rolls });
}
/** A shoe as it was sent: of the stockroom by its label, or a box of its own. @throws Problem 422 naming the field */
async function boxFrom({ shoe, evidence }: z.infer<typeof pointeCheckSchema>): Promise<{ box: Box; doubt: BoxDoubt }> {
  if (!('modelId' in shoe)) {
    const { shank, ...rest } = shoe;
    const nm = shank.nm ?? (shank.grade && GRADE[shank.grade].nm);
    if (nm === undefined) throw invalid([{ path: 'shoe.shank.grade', message: 'say the grade, or its stiffness in N m a radian' }]);
    const box: Box = { ...rest, shank: { nm, length: shank.length, bend: shank.bend } };
    const faults = boxProblems(box);
    if (faults.length > 0) throw invalid(faults.map(({ field, words }) => ({ path: `shoe.${field}`, message: words })));
    return { box, doubt: doubtBy(evidence) };
  }
  const model = coreModels(await pointeStock()).find((m) => m.id === shoe.modelId);
  if (!model) throw invalid([{ path: 'shoe.modelId', message: `there is no model “${shoe.modelId}”` }]);
  const size = sizeProblem(model.maker, shoe.size);
  if (size) throw invalid([{ path: 'shoe.size', message: size }]);
  const mark = markProblem(model.maker, shoe.mark);
  if (mark) throw invalid([{ path: 'shoe.mark', message: mark }]);
  return boxOf(model, shoe.size, shoe.mark, shoe.grade);
}

/** `POST /pointe/check`: one foot in one pointe shoe. It clears nobody for pointe. */
export async function checkPointe(body: z.infer<typeof pointeCheckSchema>) {
  const foot = pointeFootFrom(body.foot as Sent);
  const forefoot = compileForefoot(foot, body.pads);
  const { box, doubt } = await boxFrom(body);
  const report = pointeReport(forefoot, box, doubt);
  const { hold, tips, cover } = report.inBox;
  return {
    restMm: round(hold.restMm),
    sinkMm: rounded(report.sinkMm),
    wallsShare: round(hold.wallsShare),
    toeLoadN: hold.toes.map((t) => Math.round(t.newtons)),
    toeMPa: round(hold.toeMpa[0]),
    hands: round(hold.hands),
    squeezeMm: round(hold.squeezeMm),
    sideGapMm: round(hold.sideGapMm),
    crowdMm: round(Math.max(0, tips.crowdMm)),
    tipLooseMm: round(tips.tipLooseMm),
    fillerMm: [...report.inBox.fillersMm],
    steadyMm: round(tips.steadyMm),
    vampCoverMm: { flat: round(cover.vampFlatMm), pointe: round(cover.vampMm) },
    wingCoverMm: { inner: round(cover.wingInnerMm), outer: round(cover.wingOuterMm) },
    reachNeededDeg: report.over && round(report.over.neededDeg),
    toSpareDeg: report.toSpareDeg && rounded(report.toSpareDeg),
    heldBackDeg: report.heldBackDeg && rounded(report.heldBackDeg),
    shankBandNm: report.over?.band ? { low: round(report.over.band.low), high: round(report.over.band.high) } : null,
    demiDeg: round(report.demiDeg),
    pinchMm: round(report.pinchMm),
    zones: report.zones.map((z) => ({
      zone: z.zone,
      value: round(z.value),
      state: z.state,
      chance: round(z.chance),
      because: POINTE_ZONE[z.zone].sum(report.source)
    })),
    probability: round(report.probability),
    decidedBy: report.decidedBy.zone,
    filled: [...foot.filled],
    cautions: cautionsFor({ foot, ageYears: null, teacherSaid: false, hurt: false, growing: false, cured: false }).map(({ id, words }) => ({ id, words }))
  };
}

const listed = ({ size, mark, grade, probability, sinkMm, decidedBy }: PointeFit) => ({
  size,
  mark,
  grade,
  probability: round(probability),
  sinkMm: round(sinkMm),
  decidedBy
});
/** `POST /pointe/rank`: models, sizes, marks, grades for two feet, best first; split pairs marked. */
export async function rankForPointe({ left, right, pads, special, most }: z.infer<typeof pointeRankSchema>) {
  const forefoot = (sent: typeof left, side: Side) => compileForefoot(pointeFootFrom({ ...sent, side } as Sent), pads);
  const pairs = rankPointe(new PointeStock(coreModels(await pointeStock())), forefoot(left, 'left'), forefoot(right, 'right'), special).slice(0, most);
  return {
    pairs: pairs.map((p) => ({
      modelId: p.model.id,
      name: p.model.name,
      maker: p.model.maker.name,
      split: p.split,
      probability: round(p.probability),
      score: round(p.score),
      left: listed(p.left),
      right: listed(p.right)
    }))
  };
}
/** `POST /pointe/causes`: signs at the barre and what may cause them. */
export function causesFor({ answers, priors }: z.infer<typeof pointeBarreCheckSchema>) {
  const { shares, opposites, next } = causesOf(answers, priors);
  return { shares: shares.map(({ cause, share }) => ({ cause, share: round(share) })), opposites: opposites && [...opposites], next };
}
