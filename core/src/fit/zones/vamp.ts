import { FIRST_CLEFT } from '../../heel';
import { cuts } from './cuts';
import { less } from './sum';
import { zoneOfSome } from './zone';

/** Where the vamp ends in the size at hand, mm from the back of the heel; NaN where that is not known. */
export const throatLine = (vampAt: number | null, madeForFootMm: number): number => (vampAt === null ? NaN : vampAt * madeForFootMm);

/**
 * How far the vamp covers the first toe cleft once the foot has slid, mm: below nought the cleft shows. Comfort only, since cleavage is also
 * a matter of taste; a longer vamp is never wrong here.
 */
export const vamp = zoneOfSome({
  id: 'vamp',
  name: 'vamp over the clefts',
  part: 'toes',
  place: { along: FIRST_CLEFT.share, across: 0.35 },
  kinds: ({ shaftMm, teacherLeads }) => shaftMm === 0 && !teacherLeads,
  decides: false,
  cuts: cuts(-14, -8, 110, 140),
  helpsAddUp: false,
  felt: false,
  straight: false,
  tooLittle: 'little holds the toes',
  tooMuch: '',
  sum: (x) => ({
    head: { code: 'over-cleft', cleftMm: x.dims.cleftMm, throatMm: throatLine(x.vampAt, x.inside.madeForFootMm) },
    less: [less('sock', -x.sockMm), less('heel-grip', -x.aids.heelGripMm), less('slide', -(x.slideMm - x.shorteningMm))]
  })
});
