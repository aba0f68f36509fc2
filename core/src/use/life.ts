import { levelOf } from '../attributes';
import { chosenOf, numberOf, type Answers } from './questions';

/** How far a running shoe lasts, km [model]: 480 to 800 km at 70 kg are usual (published advice, from memory). */
const BASE = { km: 640, kg: 70, power: 0.8 } as const;
/** By firmness of the heel, softest first. */
const BY_PRESS = [0.75, 0.9, 1, 1.1, 1.15] as const;
const LIGHT = { underG: 220, share: 0.6 } as const;
const BARE_FOAM = { level: levelOf('sole', 'foam'), share: 0.75 } as const;
const TRAIL = 0.85;
/** Two pairs in turn last a tenth longer each. */
const IN_TURN = 1.1;
const BAND = 0.25;

export interface Runs {
  rear: number;
  grams: number;
  sole: number;
  weightKg: number;
  answers: Answers;
}
export function lifeKm({ rear, grams, sole, weightKg, answers }: Runs): { low: number; centre: number; high: number } {
  const i = Math.min(BY_PRESS.length - 2, Math.max(0, Math.floor(rear - 1)));
  const press = BY_PRESS[i] + (rear - 1 - i) * (BY_PRESS[i + 1] - BY_PRESS[i]);
  const trail = chosenOf(answers, 'surface')?.includes('trail') ?? false;
  const centre =
    BASE.km *
    (BASE.kg / weightKg) ** BASE.power *
    press *
    (grams < LIGHT.underG ? LIGHT.share : 1) *
    (sole === BARE_FOAM.level ? BARE_FOAM.share : 1) *
    (trail ? TRAIL : 1) *
    ((numberOf(answers, 'pairs') ?? 1) >= 2 ? IN_TURN : 1);
  return { low: (1 - BAND) * centre, centre, high: (1 + BAND) * centre };
}
