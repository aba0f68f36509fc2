import type { FootFit } from './check';
import { ZONE, type FlexState, type ZoneId } from '../zones';

export const SYMPTOM_IDS = [
  'heel-blister', 'heel-rub', 'toe-callus', 'black-nail', 'numb-forefoot', 'burning-ball', 'toe-top-rub', 'instep-ache', 'arch-ache', 'shin-pain', 'foot-slides'
] as const; // prettier-ignore
export type SymptomId = (typeof SYMPTOM_IDS)[number];

type Way = 'tight' | 'loose' | 'off';
interface Suspect {
  zone: ZoneId;
  way: Way;
  /** What to try first when this zone is it. */
  then: string;
}
export interface Symptom {
  id: SymptomId;
  name: string;
  suspects: readonly Suspect[];
  caution: string;
  source: 'practice';
}

const PAIN = 'Pain or numbness that lasts is for a clinician, whatever the shoe.';
const symptom = (id: SymptomId, name: string, suspects: readonly Suspect[], caution = ''): Symptom => ({ id, name, suspects, caution, source: 'practice' });
const by = (zone: ZoneId, way: Way, then: string): Suspect => ({ zone, way, then });

/** Troubles brought home and where in the shoe they come from, likeliest first (common practice). */
export const SYMPTOMS: readonly Symptom[] = [
  symptom('heel-blister', 'blister at the heel', [
    by('heel-slip', 'loose', 'hold the heel: lace lock, tongue pad, heel grip'),
    by('heel-width', 'loose', 'heel grip, or a last narrower behind'),
    by('instep', 'loose', 'tongue pad or a fuller sock, so that the foot does not lift'),
    by('toe-room', 'loose', 'half a size down, or fill it')
  ]),
  symptom('heel-rub', 'rub at the back of the heel', [
    by('heel-width', 'tight', 'a last wider behind'),
    by('heel-slip', 'loose', 'hold the heel'),
    by('topline', 'tight', 'a lower or softer topline')
  ]),
  symptom('toe-callus', 'callus or blister beside the toes', [
    by('toe-box-width', 'tight', 'a rounder or squarer toe, or a later taper; then a width more'),
    by('ball-width', 'tight', 'a width more, or a spot stretch where the upper allows it'),
    by('ball-girth', 'loose', 'the toes slide: fill the girth')
  ]),
  symptom('black-nail', 'black or lost nail', [
    by('toe-room', 'tight', 'half a size longer, or a longer toe'),
    by('instep', 'loose', 'the foot runs forward: tongue pad, lace firmer'),
    by('ball-girth', 'loose', 'the foot runs forward: insole, ball pad'),
    by('toe-box-depth', 'tight', 'more depth over the toes')
  ]),
  symptom(
    'numb-forefoot',
    'numb forefoot',
    [
      by('ball-girth', 'tight', 'a width more, or the insole out'),
      by('ball-width', 'tight', 'a width more'),
      by('toe-box-depth', 'tight', 'more depth'),
      by('instep', 'tight', 'lace off the instep')
    ],
    PAIN
  ),
  symptom(
    'burning-ball',
    'burning under or beside the ball',
    [
      by('ball-width', 'tight', 'a width more'),
      by('ball-girth', 'tight', 'a width more, or the insole out'),
      by('ball-girth', 'loose', 'shear: fill the girth')
    ],
    PAIN
  ),
  symptom('toe-top-rub', 'rub on top of a toe', [by('toe-box-depth', 'tight', 'more depth, the insole out, or a soft toe')]),
  symptom('instep-ache', 'pressure on the instep', [
    by('instep', 'tight', 'skip a lace over it, the insole out, or a fuller last'),
    by('throat', 'tight', 'a wider throat')
  ]),
  symptom(
    'arch-ache',
    'ache in the arch',
    [
      by('flex-point', 'off', 'a last whose ball lies where this foot’s does'),
      by('waist', 'tight', 'a wider waist'),
      by('waist', 'loose', 'a support, or a last with more under the arch')
    ],
    PAIN
  ),
  symptom(
    'shin-pain',
    'shin pain',
    [
      by('flex-point', 'off', 'the shoe bends where the foot does not: another length or last'),
      by('toe-room', 'loose', 'too long makes the toes grip: half a size down'),
      by('heel-slip', 'loose', 'gripping to keep it on: hold the heel')
    ],
    'Look at length, flex and heel before training is blamed. Shin pain at rest or at one spot is for a clinician.'
  ),
  symptom('foot-slides', 'the foot slides forward', [
    by('ball-girth', 'loose', 'ball pad, insole, a width less'),
    by('instep', 'loose', 'tongue pad, a strap'),
    by('toe-room', 'loose', 'half a size down')
  ])
];
export const SYMPTOM: Readonly<Record<SymptomId, Symptom>> = Object.fromEntries(SYMPTOMS.map((s) => [s.id, s])) as Record<SymptomId, Symptom>;

export interface Suspicion {
  zone: ZoneId;
  name: string;
  clearanceMm: number;
  feel: string;
  /** The fit shows it, allows it within the error, or speaks against it. */
  shown: 'shown' | 'possible' | 'not-shown';
  then: string;
}

const STATES: Readonly<Record<Way, readonly FlexState[]>> = { tight: ['too-tight', 'snug'], loose: ['too-loose', 'roomy'], off: ['behind', 'ahead'] };
const WORST: Readonly<Record<Way, readonly FlexState[]>> = { tight: ['too-tight'], loose: ['too-loose'], off: ['behind', 'ahead'] };
const ORDER: Readonly<Record<Suspicion['shown'], number>> = { shown: 0, possible: 1, 'not-shown': 2 };

/**
 * What of a foot's fit a trouble points to: zones the fit shows to be off that way first, then those within their error of it. Zones
 * this shoe has not are left out.
 */
export function suspectsOf(id: SymptomId, foot: Pick<FootFit, 'zones'>): Suspicion[] {
  const found = SYMPTOM[id].suspects.flatMap((s): Suspicion[] => {
    const z = foot.zones.find((x) => x.zone === s.zone);
    if (!z || Number.isNaN(z.clearanceMm)) return [];
    // Within one deviation of a limit it may well be so.
    const near = s.way === 'tight' ? z.clearanceMm - z.sdMm < z.target.b : s.way === 'loose' ? z.clearanceMm + z.sdMm > z.target.c : false;
    const shown = WORST[s.way].includes(z.state) ? 'shown' : STATES[s.way].includes(z.state) || near ? 'possible' : 'not-shown';
    return [{ zone: s.zone, name: ZONE[s.zone].name, clearanceMm: z.clearanceMm, feel: z.feel, shown, then: s.then }];
  });
  return found
    .map((s, i) => ({ s, i }))
    .sort((p, q) => ORDER[p.s.shown] - ORDER[q.s.shown] || p.i - q.i)
    .map(({ s }) => s);
}
