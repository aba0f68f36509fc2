import { SIDES, type TakenId } from '@chiave/core/measure';
import { PEOPLE } from './people';
import { seeded } from './random';

/** What instruments read of the demo's feet, each with its own lean: the scanner and the gauge against the tape. */
const HANDS = ['Pia L.', 'Odo V.'] as const;
/** Lean and deviation by instrument, mm. The gauge was bent on the way: from the middle on it reads more. */
const LEANS: Partial<Record<TakenId, Record<'tape' | 'scan' | 'device', readonly [number, number]>>> = {
  lengthMm: { tape: [0, 1], scan: [0.7, 0.6], device: [-0.2, 0.6] },
  ballWidthMm: { tape: [0, 1], scan: [-0.4, 0.6], device: [0, 0.6] },
  ballGirthMm: { tape: [0, 1.8], scan: [2.2, 1.2], device: [0, 1] }
};
const PLACE = { lengthMm: 0, ballWidthMm: 2, ballGirthMm: 3 } as const;
const BENT_MM = 2.2;
const READ = 26;

export function comparedFeet(): object[] {
  const random = seeded(31);
  const people = PEOPLE.filter((p) => p.left[2] !== null && p.right[2] !== null).slice(0, READ);
  return people.flatMap((person, i) =>
    SIDES.flatMap((side) =>
      (Object.keys(PLACE) as (keyof typeof PLACE)[]).flatMap((field) => {
        const mm = person[side][PLACE[field]];
        if (mm === null) return [];
        const ways = field === 'ballGirthMm' ? (['tape', 'scan'] as const) : (['tape', 'scan', 'device'] as const);
        return ways.map((how) => {
          const [lean, sd] = LEANS[field]![how];
          const bent = how === 'device' && field === 'lengthMm' && i > READ / 2 ? BENT_MM : 0;
          return {
            person: person.id,
            side,
            field,
            how,
            by: HANDS[i % 2],
            mm: Math.round(10 * (mm + lean + bent + sd * random.normal())) / 10,
            daysAgo: 2 * (READ - i)
          };
        });
      })
    )
  );
}
