import { planOf } from '@chiave/core/fit';
import { completeFoot, SIDES } from '@chiave/core/measure';
import { thinned } from '@chiave/core/shape';
import { footLine, tremor } from './lines';
import { PEOPLE } from './people';

/** Whose feet were traced at their last visit, and how far each toe ends behind the longest, mm: without it a big toe that goes over is not seen. */
const TRACED = [{ person: 'rosalba-tivenne', tipsMm: [4, 0, 8, 20, 39] }] as const;

/** Outlines of feet as a hand drew them. */
export const tracedFeet = (): object[] =>
  TRACED.flatMap(({ person, tipsMm }) =>
    SIDES.map((side, f) => {
      const p = PEOPLE.find(({ id }) => id === person)!;
      const [length, ball, width, , heel] = p[side];
      const values = { lengthMm: { mm: length }, ballLengthMm: { mm: ball! }, ballWidthMm: { mm: width }, heelWidthMm: { mm: heel } };
      const plan = planOf(completeFoot({ side, values, toeTipsMm: tipsMm, bunionMm: p.bunion?.[f] }));
      const outline = thinned(tremor(footLine(plan, 3), 0.3, 5, 60 + f), 0.1).map(({ x, y }) => [Math.round(10 * x) / 10, Math.round(10 * y) / 10]);
      return { person, side, source: 'photograph', outline, lengthSdMm: 0.8, widthSdMm: 0.8 };
    })
  );
