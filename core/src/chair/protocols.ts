import { FLAG, KIND, type FlagId, type KindId, type ZoneId } from '../fit';
import { CHAIR_STEP, type ChairStep, type StepId } from './steps';

/** The steps of a kind of shoe, in the order in which they are done. */
export interface Protocol<Id extends string = string> {
  id: Id;
  name: string;
  steps: readonly StepId[];
}
const FIRST = ['dressed', 'weight', 'longest-toe', 'wiggle', 'flex-line', 'width-pinch', 'instep'] as const satisfies readonly StepId[];
const protocol = <const Id extends string>(id: Id, name: string, steps: readonly StepId[]): Protocol<Id> => ({ id, name, steps });
const DEFINITIONS = [
  protocol('everyday', 'everyday', [...FIRST, 'heel-hold', 'walk', 'late-day']),
  protocol('walking', 'walking', [...FIRST, 'heel-hold', 'walk', 'walk-long', 'late-day']),
  protocol('running', 'running', [...FIRST, 'heel-hold', 'walk', 'jog', 'strike', 'both-final']),
  protocol('lace-boot', 'lace boots', [...FIRST, 'finger-behind', 'lift', 'walk', 'walk-long']),
  protocol('elastic-sided', 'elastic sides', ['dressed', 'tabs', 'kick-home', 'finger-behind', 'footbed', 'weight', 'width-pinch', 'instep', 'lift', 'carpet']),
  protocol('western', 'western type', ['dressed', 'pop', 'weight', 'instep-snug', 'toes-free', 'width-pinch', 'slip-new', 'walk', 'narrow-hours']),
  protocol('heels', 'heels', ['dressed', 'weight', 'slide', 'gap', 'toe-pinch', 'width-pinch', 'straps', 'walk', 'turn', 'walk-long', 'narrow-hours']),
  protocol('slip-on', 'slip-ons', ['dressed', 'weight', 'longest-toe', 'toe-pinch', 'flex-line', 'width-pinch', 'heel-hold', 'walk', 'narrow-hours']),
  protocol('slipper', 'slippers', ['dressed', 'flat-toes', 'no-folds', 'elastics', 'walk']),
  protocol('pointe', 'pointe', ['dressed', 'weight', 'width-pinch', 'barre']),
  protocol('device', 'with a device', ['dressed', 'device-fills', 'upright', 'longest-toe', 'wiggle', 'width-pinch', 'heel-hold', 'device-walk', 'late-day'])
] as const; // prettier-ignore
export type ProtocolId = (typeof DEFINITIONS)[number]['id'];
export const PROTOCOLS: readonly Protocol<ProtocolId>[] = DEFINITIONS;
const PROTOCOL = Object.fromEntries(PROTOCOLS.map((p) => [p.id, p])) as Readonly<Record<ProtocolId, Protocol<ProtocolId>>>;
/** Which protocol a kind is tried by. */
const OF_KIND: Readonly<Record<KindId, ProtocolId>> = {
  oxford: 'everyday', loafer: 'slip-on', pump: 'heels', flat: 'slip-on', sandal: 'everyday', 'lace-boot': 'lace-boot', 'elastic-boot': 'elastic-sided',
  'western-boot': 'western', 'tall-boot': 'lace-boot', sneaker: 'everyday', running: 'running', walking: 'walking', 'extra-depth': 'walking',
  'heels-dance': 'heels', character: 'heels', 'pole-sandal': 'heels', 'pole-boot': 'heels', 'ballet-slipper': 'slipper', pointe: 'pointe'
}; // prettier-ignore

/** Steps in order for one shoe on one wearer: a device goes before the kind. */
export function protocolFor(kind: KindId, flags: readonly FlagId[]): Protocol<ProtocolId> {
  return PROTOCOL[flags.some((f) => FLAG[f].device) ? 'device' : OF_KIND[kind]];
}
export const stepsOf = ({ steps }: Protocol): ChairStep<StepId>[] => steps.map((id) => CHAIR_STEP[id]);
/** What a length told at a step reads, if anything: a thumb before the toes reads the room inside, which is no clearance of a pointed shoe. */
export function readingOf(id: StepId, kind: KindId): ZoneId | null {
  const { at, length } = CHAIR_STEP[id];
  if (!length || at === null) return null;
  return at === 'toe-room' && (KIND[kind].basis !== 'inside' || id !== 'longest-toe') ? null : at;
}
/** Cautions for this wearer, beside those of the steps. */
export function chairCautions(flags: readonly FlagId[], age: number | null): string[] {
  const out: string[] = [];
  if (flags.some((f) => FLAG[f].numb)) out.push('These feet feel little: use your thumb and your eyes, not their words, and look at the skin after the walk.');
  if (flags.some((f) => FLAG[f].swells)) out.push('These feet swell: what is right now may be tight by evening.');
  if (age !== null && age < CHILD_TELLS_FROM) out.push('A small child says yes to every shoe: your thumb decides.');
  return out;
}
/** Under this age a child’s words say little of a shoe: the fitter’s thumb does [practice]. */
export const CHILD_TELLS_FROM = 6;
/** What speaks against a fitting by post: nobody looks at the foot. */
export function postCautions(flags: readonly FlagId[], kind: KindId): string[] {
  const out: string[] = [];
  if (KIND[kind].teacherLeads) out.push('These are fitted in person with the teacher, never by post.');
  if (flags.some((f) => FLAG[f].numb))
    out.push('Feet that feel little are fitted in person: at home nobody looks at the skin after the first hour. Ask their clinician.');
  if (flags.some((f) => FLAG[f].device)) out.push('A shoe for a device is tried with the device and with the clinic that set it.');
  return out;
}
