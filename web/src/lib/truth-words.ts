import { LEAST_PAIRS, type Calibration, type TruthId } from '@chiave/core/learn';

const SAYS: Readonly<Record<Exclude<TruthId, 'too-few'>, string>> = {
  'nothing-wrong': 'nothing says the chances are wrong',
  'too-sure': 'the chances are told too surely: high ones should be lower, low ones higher',
  'too-timid': 'the chances are told too timidly: high ones could be higher, low ones lower',
  'too-hopeful': 'the chances are too hopeful',
  'too-gloomy': 'the chances are too gloomy'
};
const percent = (p: number): number => Math.round(100 * p);
/** A shop's reliability in one sentence. */
export function truthWords({ n, good, promised, came, truth, missing }: Calibration): string {
  const counted = `Of ${n} pairs ${good} came out, ${promised.toFixed(0)} were promised`;
  if (truth === 'too-few') return `${counted}: too few to say, ${missing} more of ${LEAST_PAIRS} are needed.`;
  return `${counted}; it may be ${percent(came.low)} to ${percent(came.high)} in 100: ${SAYS[truth]}.`;
}
