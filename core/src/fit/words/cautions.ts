import { BARLEYCORN } from '../../size';
import type { Reach } from '../../heel';
import { CHILD_UNDER_AGE, FLAG, KIND, type FlagId, type KindId } from '../tables';
import type { Wear } from '../shoe';

export interface CautionInput {
  /** Null before any shoe is chosen. */
  kind: KindId | null;
  wear: Wear;
  flags: readonly FlagId[];
  reach: readonly Reach[];
  dropMm: number;
  stretchOffered: boolean;
  /** Room before the toes beyond what is right, of the foot that has more, mm. */
  overMm: number;
}

interface CautionRule {
  when: (input: CautionInput) => boolean;
  text: string;
}

/** Above this drop falls and load are spoken of, mm (Ebbeling 1994: everyday heels at or below about 50 mm, from memory). */
const HIGH_HEEL_MM = 50;

/** One size of length, mm: a third of an inch. A shoe that is longer by more than this trips and shears [practice]. */
const ONE_SIZE_MM = BARLEYCORN;

/** Cautions as data: what to watch and whom to ask. The tool advises, it does not diagnose. */
const RULES: readonly CautionRule[] = [
  {
    when: ({ flags }) => flags.some((f) => FLAG[f].numb),
    text: 'No feeling means no “it feels fine”. Inside 10 to 20 mm longer than the foot, judged standing at the end of the day; look at the feet every day; ask the clinician who knows these feet.'
  },
  {
    when: ({ flags }) => flags.some((f) => FLAG[f].device),
    text: 'Shoe and device are one system and the orthotist leads. Bring the device and its insert, and keep the drop it was built for.'
  },
  {
    when: ({ dropMm }) => dropMm > HIGH_HEEL_MM,
    text: 'Falls and sprains rise with heel height, and the load moves onto the forefoot. Advice for everyday wear is about 50 mm or lower.'
  },
  {
    when: ({ dropMm, flags }) => dropMm > HIGH_HEEL_MM && flags.some((f) => FLAG[f].lowIsSafer),
    text: 'Low and broad is safer here: ask a clinician before a high heel.'
  },
  {
    when: ({ overMm }) => overMm > ONE_SIZE_MM,
    text: 'More than about one size too long: its front catches on steps and carpet, and the foot shears inside. Take a shorter one.'
  },
  {
    when: ({ overMm, flags }) => overMm > ONE_SIZE_MM && flags.some((f) => FLAG[f].trips),
    text: 'With a brace, a foot that drops or feet that do not feel, a shoe too long is a fall waiting: no longer than the device needs, and the clinician or orthotist sees it walk.'
  },
  {
    when: ({ reach }) => reach.includes('out-of-reach'),
    text: 'This heel asks for more than the ankle has. A lower one is needed.'
  },
  {
    when: ({ reach }) => reach.includes('near-limit'),
    text: 'This heel takes the ankle near the end of its range: fine for a moment, hard for an evening.'
  },
  {
    when: ({ kind }) => kind !== null && KIND[kind].teacherLeads,
    text: 'Pointe shoes are fitted in person by a trained fitter with the teacher’s consent. These figures clear nobody for pointe.'
  },
  {
    when: ({ wear }) => wear.age !== undefined && wear.age < CHILD_UNDER_AGE,
    text: 'A growing foot: check the room again every few months, sooner under three years.'
  },
  {
    when: ({ flags }) => flags.some((f) => FLAG[f].swells),
    text: 'The foot changes through the day and the weeks: fit late in the day, and again soon.'
  },
  {
    when: ({ flags }) => flags.some((f) => FLAG[f].pain),
    text: 'Pain that lasts is for a clinician, not for a wider shoe alone.'
  },
  {
    when: ({ stretchOffered }) => stretchOffered,
    text: 'Stretching with heat is a trained hand’s work: heat burns skin and spoils glue.'
  }
];

/** The cautions that apply, in order. */
export const cautionsFor = (input: CautionInput): string[] => RULES.filter((rule) => rule.when(input)).map((rule) => rule.text);

/** The cautions of a wearer before any shoe is chosen. */
export const cautionsOfWearer = (wear: Wear, flags: readonly FlagId[]): string[] =>
  cautionsFor({ kind: null, wear, flags, reach: [], dropMm: 0, stretchOffered: false, overMm: 0 });
