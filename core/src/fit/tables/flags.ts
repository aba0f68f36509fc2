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
  /** Low and broad is safer, and a clinician is asked before a high heel. */
  lowIsSafer: boolean;
}

const NOTHING = { numb: false, device: false, swells: false, pain: false, trips: false, lowIsSafer: false };
const flag = <const Id extends string>(id: Id, name: string, means: Partial<FlagDefinition> = {}): FlagDefinition<Id> => ({ ...NOTHING, ...means, id, name });

const DEFINITIONS = [
  flag('diabetic', 'diabetes', { numb: true, trips: true, lowIsSafer: true }),
  flag('numb', 'numb feet', { numb: true, trips: true, lowIsSafer: true }),
  flag('swollen', 'swelling', { swells: true }),
  flag('painful', 'pain', { pain: true, lowIsSafer: true }),
  flag('pregnant', 'pregnant', { swells: true, lowIsSafer: true }),
  flag('hypermobile', 'hypermobile'),
  flag('brace', 'brace', { device: true, trips: true, lowIsSafer: true }),
  flag('prosthesis', 'prosthesis', { device: true, trips: true, lowIsSafer: true }),
  flag('balance', 'unsteady', { trips: true, lowIsSafer: true })
] as const;

export type FlagId = (typeof DEFINITIONS)[number]['id'];
export const FLAGS: readonly FlagDefinition<FlagId>[] = DEFINITIONS;
export const FLAG_IDS: readonly FlagId[] = FLAGS.map((f) => f.id);
export const FLAG = Object.fromEntries(FLAGS.map((f) => [f.id, f])) as Readonly<Record<FlagId, FlagDefinition<FlagId>>>;
