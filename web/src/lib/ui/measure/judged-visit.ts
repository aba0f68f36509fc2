import { findSlips, judgeFeet, MEASURES, POPULATIONS, readingSd, SIDES, sidesExchanged, type FootInput, type JointValue } from '@chiave/core/measure';
import type { FeetBody } from '../../api/foot-schema';
import type { FittingRow } from '../../api/rows';
import { footInputOf } from '../../fit-feet';

const jointOf = (body: FeetBody): JointValue[] =>
  SIDES.flatMap((side) =>
    MEASURES.flatMap(({ id }) => {
      const value = body[side].values[id];
      if (!value) return [];
      // What a bunion adds to one foot is not a slip.
      const bump = id === 'ballWidthMm' ? (body[side].bunionMm ?? 0) : 0;
      return [{ side, id, mm: value.mm - bump, sdMm: value.sdMm ?? readingSd(id, value.how) }];
    })
  );

/** The whole set of a visit judged together, and against the last visit. */
export function judgeVisit({ feet, population }: Pick<FittingRow, 'feet' | 'population'>, earlier: Pick<FittingRow, 'feet'> | null) {
  const inputs = SIDES.map((side) => footInputOf(side, feet[side], { population })).filter((i): i is FootInput => i !== null);
  const joint = jointOf(feet);
  const girthFactor = POPULATIONS.find((p) => p.id === population)?.girthFactor ?? 1;
  const slips = joint.length >= 2 ? findSlips(joint, girthFactor) : [];
  // A value that is asked about anyway must not speak for exchanged feet.
  const trusted = joint.filter((v) => !slips.some((s) => s.id === v.id));
  return {
    slips,
    exchanged: earlier ? sidesExchanged(trusted, jointOf(earlier.feet)) : null,
    /** Left against right; each field's own questions stand under it. */
    between: judgeFeet(inputs).filter((finding) => finding.code === 'feet-differ')
  };
}
