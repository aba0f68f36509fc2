import type { Conditions } from '../../measure';

/** Something told of the wearer that calls for care. What it calls for stands beside it; the cautions read nothing else. */
export interface FlagDefinition<Id extends string = string> {
  id: Id;
  name: string;
  /** Feet that do not feel whether a shoe fits. */
  numb: boolean;
  /** A brace or prosthesis, with which the shoe is one system. */
  device: boolean;
  /** Feet that change through the day and the weeks. */
  swells: boolean;
  /** Pain is told. */
  pain: boolean;
  /** A shoe too long is dangerous above all: the toe is not felt, or not lifted. */
  trips: boolean;
  /** What it says of the state the foot is in when shoes are worn. */
  footState: keyof Pick<Conditions, 'swollen' | 'pregnant'> | null;
  /** Low and broad is safer, and a clinician is asked before a high heel. */
  lowIsSafer: boolean;
  /** Joints that give more than usual: the ankle is held. */
  givesWay: boolean;
}

const NOTHING = { numb: false, device: false, swells: false, pain: false, trips: false, lowIsSafer: false, givesWay: false, footState: null };
const flag = <const Id extends string>(id: Id, name: string, means: Partial<FlagDefinition> = {}): FlagDefinition<Id> => ({ ...NOTHING, ...means, id, name });

const DEFINITIONS = [
  flag('diabetic', 'diabetes', { numb: true, trips: true, lowIsSafer: true }),
  flag('numb', 'numb feet', { numb: true, trips: true, lowIsSafer: true }),
  flag('swollen', 'swelling', { swells: true, footState: 'swollen' }),
  flag('painful', 'pain', { pain: true, lowIsSafer: true }),
  flag('pregnant', 'pregnant', { swells: true, lowIsSafer: true, footState: 'pregnant' }),
  flag('hypermobile', 'hypermobile', { givesWay: true }),
  flag('brace', 'brace', { device: true, trips: true, lowIsSafer: true }),
  flag('prosthesis', 'prosthesis', { device: true, trips: true, lowIsSafer: true }),
  flag('balance', 'unsteady', { trips: true, lowIsSafer: true })
] as const;

export type FlagId = (typeof DEFINITIONS)[number]['id'];
export const FLAGS: readonly FlagDefinition<FlagId>[] = DEFINITIONS;
export const FLAG_IDS: readonly FlagId[] = FLAGS.map((f) => f.id);
export const FLAG = Object.fromEntries(FLAGS.map((f) => [f.id, f])) as Readonly<Record<FlagId, FlagDefinition<FlagId>>>;

/** What flags say of the state of the foot, as the steps from read to worn take it. */
export const stateOfFlags = (flags: readonly FlagId[]): Pick<Conditions, 'swollen' | 'pregnant'> =>
  Object.fromEntries(flags.flatMap((f) => (FLAG[f].footState ? [[FLAG[f].footState, true]] : [])));
