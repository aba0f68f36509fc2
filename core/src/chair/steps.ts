import type { ZoneId } from '../fit';

/**
 * One thing that is done at the chair, with what is right. Common practice where nothing else is said; what is read in millimetres says of
 * which clearance it is a reading.
 */
export interface ChairStep<Id extends string = string> {
  id: Id;
  name: string;
  /** What to do. */
  todo: string;
  /** What is right. */
  right: string;
  /** Where to look: the zone on the drawn feet. */
  at: ZoneId | null;
  /** Answered foot by foot, or once for the pair. */
  each: 'foot' | 'pair';
  /** A length in millimetres may be told beside pass and fail. */
  length: boolean;
  /** How long it runs, from the shortest to what is usual, minutes; none where it is done at once. */
  minutes?: { least: number; usual: number };
  /** What to ask when the time is over. */
  ask?: string;
  caution?: string;
}
const USUAL = { at: null, each: 'foot', length: false } as const satisfies Partial<ChairStep>;
type Own = Omit<ChairStep, 'id' | 'name' | 'todo' | 'right' | keyof typeof USUAL> & Partial<Pick<ChairStep, keyof typeof USUAL>>;
const step = <const Id extends string>(id: Id, name: string, todo: string, right: string, own: Own = {}): ChairStep<Id> => ({ ...USUAL, ...own, id, name, todo, right }); // prettier-ignore

const PAIN = 'Pain that lasts ends the try: it is no break-in.';
const CARPET = { least: 15, usual: 20 };

const DEFINITIONS = [
  step('dressed', 'Right sock, both shoes, laced evenly', 'The sock it is worn with, both shoes on, closed as for an evening.', 'Both on and closed; nothing folded inside.', { each: 'pair' }),
  step('weight', 'Stand, weight on both', 'Stand up, weight on both feet, lean forward a little.', 'Stands easily; nothing bites at once.', { at: 'ball-girth' }),
  step('longest-toe', 'Longest toe', 'Press with the thumb before the longest toe, or lift the insole out and stand on it.', 'Room as the kind wants it; which toe is longest was looked at, not guessed.', { at: 'toe-room', length: true }),
  step('wiggle', 'Wiggle the toes', 'Move all toes up and down.', 'They move without rubbing above or at the sides.', { at: 'toe-box-depth' }),
  step('flex-line', 'Ball at the flex line', 'Rise onto the ball: where does the shoe crease?', 'The crease lies over the joints, not across a toe.', { at: 'flex-point' }),
  step('width-pinch', 'Pinch the width', 'Pinch the upper over the ball between finger and thumb.', 'A small fold and no more; the joint does not stand out.', { at: 'ball-width' }),
  step('instep', 'Instep', 'Run a finger under the closure over the instep.', 'Held, not pressed; the laces stand neither together nor wide apart.', { at: 'instep' }),
  step('heel-hold', 'Heel', 'Lift the heel against the shoe.', 'It stays with the foot as the kind allows.', { at: 'heel-slip', length: true }),
  step('walk', 'Walk', 'Walk up and back, as they walk.', 'Nothing slides, rubs or slaps.', { each: 'pair' }),
  step('walk-long', 'Walk on the carpet', 'Fifteen minutes on the carpet, unsoiled soles.', 'Still as right as at the start.', { each: 'pair', minutes: { least: 15, usual: 15 }, ask: 'Which place speaks now that did not before? Toes, ball, heel: mark it on the drawn feet.' }),
  step('late-day', 'Once more late in the day', 'Try again when the feet are largest.', 'Still right.', { each: 'pair', minutes: { least: 180, usual: 300 }, ask: 'Late in the day: is the ball still right, do the toes still lie free?' }),
  step('jog', 'Jog', 'Jog up and back; watch from behind.', 'The foot strikes and rolls as without the shoe; no slip.', { at: 'heel-slip', each: 'pair' }),
  step('strike', 'See it strike', 'Which part of the sole lands first; does the shoe lean inwards?', 'As seen in Look; the shoe neither adds to it nor fights it.', { each: 'pair' }),
  step('both-final', 'Both feet in the one that won', 'Both shoes of the pair that won, laced evenly once more.', 'As good as each alone.', { each: 'pair' }),
  step('kick-home', 'Kick the toe home', 'Kick the toe forward three times, then stand.', 'The toes do not touch in front.', { at: 'toe-room' }),
  step('finger-behind', 'Finger behind the heel', 'Foot slid forward, unlaced: one finger behind the heel.', 'A finger goes in, two do not.', { at: 'toe-room', length: true }),
  step('footbed', 'Stand on the footbed', 'Take it out, stand on it, look at toes and sides.', 'Nothing stands over its edge; room in front as the kind wants.', { at: 'ball-width' }),
  step('carpet', 'Carpet, fifteen to twenty minutes', 'Wear them about the house, carpet only.', 'The instep presses slightly and no more.', { at: 'instep', each: 'pair', minutes: CARPET, ask: 'Does the instep still only press slightly? Numb or cold toes say no.', caution: PAIN }),
  step('lift', 'Lift of the heel', 'Walk; see how far the heel lifts.', 'Ten to twenty millimetres while new is usual in elastic sides; less in lace boots.', { at: 'heel-slip', length: true }),
  step('tabs', 'Tabs, front and back', 'Pull on by both tabs.', 'Goes on without a fight; the tabs do not dig in.', { at: 'throat' }),
  step('pop', 'Pop of the throat', 'Pull on: the foot goes home with a small pop.', 'One pop; no fight before it, no slack after it.', { at: 'throat' }),
  step('instep-snug', 'Instep holds', 'Stand: what holds this boot is the instep.', 'Snug all over it, pressed nowhere.', { at: 'instep' }),
  step('toes-free', 'Toes free', 'Wiggle: neither crowded nor pinched at the point.', 'All toes lie flat and free.', { at: 'toe-box-width' }),
  step('slip-new', 'Slip while the sole is stiff', 'Walk; read how far the heel slips.', 'Up to 9.5 to 12.7 mm while the leather sole is stiff; it goes as the sole softens.', { at: 'heel-slip', length: true }),
  step('slide', 'Does the foot slide?', 'Stand on the heel and let the weight come forward.', 'The toes do not run into the point.', { at: 'toe-room' }),
  step('gap', 'Gap behind the heel', 'After the slide, look behind the heel.', 'A sheet or two of card; a finger is too much.', { at: 'heel-slip', length: true }),
  step('toe-pinch', 'Toes and little toe', 'Feel the little toe and the joint from outside.', 'Neither pressed; the point is empty.', { at: 'toe-box-width' }),
  step('turn', 'Turn', 'A slow turn on the floor it is for.', 'The shoe turns with the foot; the ankle stands.', { at: 'heel-width', each: 'pair', caution: 'An ankle that gives way ends the try: lower, or held by a strap.' }),
  step('straps', 'Straps', 'Close every strap in the hole it is worn in.', 'Holds without a mark; holes are left either way.', { at: 'topline' }),
  step('narrow-hours', 'Narrow toes, some hours', 'At home on carpet; narrow toes speak late.', 'Nothing pinches that did not.', { at: 'toe-box-width', each: 'pair', minutes: { least: 60, usual: 120 }, ask: 'After some hours: does the little toe or the joint pinch now? Width speaks late.' }),
  step('flat-toes', 'Toes flat and straight', 'Stand flat, then half pointe.', 'Toes straight, no knuckle up; no fold of cloth.', { at: 'toe-room' }),
  step('no-folds', 'No folds', 'Point the foot: look at the sole and the side.', 'Lies close everywhere; a pinch of cloth at the heel at most.', { at: 'heel-width' }),
  step('elastics', 'Elastics', 'Lay the elastics over the arch, crossed or single; pin them.', 'The heel stays; the elastic leaves no mark.', { each: 'pair', at: 'topline' }),
  step('barre', 'At the barre', 'Flat, half pointe, then on pointe at the barre: the pointe bench asks what is seen there.', 'As its answers say.', { each: 'pair', caution: 'Whether somebody goes on pointe is the teacher’s word, never the shoe room’s.' }),
  step('device-fills', 'Device fills the shoe', 'Device in first, then the foot; feel from front to back.', 'It fills front to back and does not rock.', { at: 'ball-girth', caution: 'The clinic sets lift and drop: nothing is changed under a device without them.' }),
  step('upright', 'Stands upright', 'Stand; look at the shin from the side.', 'Upright as the clinic set it.', { caution: 'Leaning forward or back is for the clinic, not for a wedge.' }),
  step('device-walk', 'Walk with the device', 'A few steps, a hand near.', 'The toe clears the ground; nothing rubs where it is not felt.', { each: 'pair', at: 'toe-room', caution: 'Look at the skin afterwards; feet that feel little are looked at, not asked.' })
] as const; // prettier-ignore

export type StepId = (typeof DEFINITIONS)[number]['id'];
export const CHAIR_STEPS: readonly ChairStep<StepId>[] = DEFINITIONS;
export const STEP_IDS: readonly StepId[] = CHAIR_STEPS.map((s) => s.id);
export const CHAIR_STEP = Object.fromEntries(CHAIR_STEPS.map((s) => [s.id, s])) as Readonly<Record<StepId, ChairStep<StepId>>>;
