import { SOCKS } from '../../measure';
import type { Shoe, Wear } from '../shoe';
import { CLOSURE, KIND, UPPER } from '../tables';
import type { HelpRefusal } from '../words';
import type { Aids, ZoneId } from '../zones';

/** What of a shoe decides which helps it may have. */
export type Helped = Pick<Shoe, 'kind' | 'closure' | 'upper' | 'removableInsoleMm'>;

/** What is worn and what helps change, before and after a help. */
export interface Dressed {
  aids: Aids;
  wear: Wear;
}

/** One thing that can be put into a shoe or done to it. What it does is always found by working the fit out again. */
export interface HelpDefinition<Id extends string = string> {
  id: Id;
  name: (mm: number) => string;
  /** Strengths in which it is tried, mm. */
  strengths: (shoe: Helped, wear: Wear) => readonly number[];
  /** Zones it is meant for. */
  zones: readonly ZoneId[];
  change: (mm: number, dressed: Dressed) => Dressed;
  /** Why it cannot be done to this shoe, or null. */
  refusal: (shoe: Helped) => HelpRefusal | null;
  limits: string;
  /** True where it is a trained hand's work, with heat. */
  heat: boolean;
  /** True where it is a sock: it goes with the wearer, not with the shoe. */
  sock: boolean;
}

type Own<Id extends string> = Pick<HelpDefinition<Id>, 'id' | 'name' | 'strengths' | 'zones' | 'change' | 'limits'> & Partial<HelpDefinition<Id>>;
const help = <const Id extends string>(own: Own<Id>): HelpDefinition<Id> => ({ refusal: () => null, heat: false, sock: false, ...own });

const of = (...mm: number[]) => () => mm; // prettier-ignore
const aid = (part: keyof Aids) => (mm: number, { aids, wear }: Dressed): Dressed => ({ aids: { ...aids, [part]: mm }, wear }); // prettier-ignore

/** Socks that are thicker than the one worn by more than this are worth trying, mm; and how many of them. */
const THICKER_MM = 0.2;
const SOCKS_TRIED = 2;

// prettier-ignore
const DEFINITIONS = [
  help({
    id: 'full-insole', name: (t) => `full insole, ${t} mm`, strengths: of(2, 3, 4), zones: ['ball-girth', 'instep', 'waist', 'throat'],
    change: (t, { aids, wear }) => ({ aids, wear: { ...wear, insertMm: wear.insertMm + t } }),
    limits: 'takes depth over the toes by its thickness; girth by 1.1 to 2 times'
  }),
  help({
    id: 'remove-insole', name: (t) => `take the ${t} mm insole out`, strengths: (shoe) => [shoe.removableInsoleMm],
    zones: ['ball-girth', 'instep', 'toe-box-depth', 'throat'],
    change: (t, { aids, wear }) => ({ aids, wear: { ...wear, insertMm: wear.insertMm - t } }),
    refusal: (shoe) => (shoe.removableInsoleMm > 0 ? null : 'insole-fixed'),
    limits: 'harder underfoot'
  }),
  help({
    id: 'ball-pad', name: (t) => `ball pad, ${t} mm`, strengths: of(2, 3), zones: ['ball-girth', 'heel-slip'], change: aid('ballPadMm'),
    limits: 'holds the foot back on a heel; little use in flat shoes'
  }),
  help({
    id: 'half-insole', name: (t) => `half insole, ${t} mm`, strengths: of(2, 3), zones: ['ball-girth', 'heel-slip'], change: aid('halfInsoleMm'),
    limits: 'under ball and toes: takes depth over the toes by its thickness, and holds the foot back on a heel'
  }),
  help({
    id: 'tongue-pad', name: (t) => `tongue pad, ${t} mm`, strengths: of(3), zones: ['instep', 'heel-slip'], change: aid('tonguePadMm'),
    refusal: (shoe) => (CLOSURE[shoe.closure].tongue ? null : 'no-tongue'),
    limits: 'presses the instep'
  }),
  help({
    id: 'heel-grip', name: (t) => `heel grip, ${t} mm`, strengths: of(3), zones: ['heel-slip', 'heel-width', 'toe-room'], change: aid('heelGripMm'),
    limits: 'takes 2 to 4 mm of length; may hide a built-in elastic doing the same'
  }),
  help({
    id: 'thicker-sock', name: (t) => `sock of ${t} mm`, zones: ['ball-girth', 'instep', 'toe-room'], sock: true,
    strengths: (_, wear) => SOCKS.map((s) => s.mm).filter((mm) => mm > 0 && mm > wear.sockMm + THICKER_MM).slice(0, SOCKS_TRIED),
    change: (t, { aids, wear }) => ({ aids, wear: { ...wear, sockMm: t } }),
    refusal: (shoe) => (KIND[shoe.kind].sock ? null : 'no-sock-worn'),
    limits: 'warm'
  }),
  help({
    id: 'toe-filler', name: (t) => `toe filler, ${t} mm`, strengths: of(4, 8), zones: ['toe-room'], change: aid('toeFillerMm'),
    refusal: (shoe) => (KIND[shoe.kind].toeFiller ? null : 'not-in-this-kind'),
    limits: 'last resort, only for shoes too long'
  }),
  help({
    id: 'spot-stretch', name: (t) => `spot stretch, ${t} mm`, strengths: of(3, 5), zones: ['ball-width', 'toe-box-width'], change: aid('stretchMm'), heat: true,
    refusal: (shoe) => (UPPER[shoe.upper].stretches ? null : 'upper-does-not-stretch'),
    limits: 'one spot, 3 to 6 mm, leather and suede, by a trained hand; heat can burn and spoil glue; never length'
  }),
  help({
    id: 'lacing', name: (t) => (t > 0 ? 'lace looser over the instep' : 'lace tighter over the instep'), strengths: of(4, -4), zones: ['instep'],
    change: aid('lacingMm'),
    refusal: (shoe) => (CLOSURE[shoe.closure].laced ? null : 'no-laces'),
    limits: 'about 4 mm either way'
  })
] as const;

export type HelpId = (typeof DEFINITIONS)[number]['id'];
export const HELPS: readonly HelpDefinition<HelpId>[] = DEFINITIONS;
export const HELP_IDS: readonly HelpId[] = HELPS.map((h) => h.id);
export const HELP = Object.fromEntries(HELPS.map((h) => [h.id, h])) as Readonly<Record<HelpId, HelpDefinition<HelpId>>>;

/** One help in one strength, laid on what is worn already. */
export interface Trial extends Dressed {
  help: HelpDefinition<HelpId>;
  mm: number;
}

/** Every help that may be tried on a shoe. */
export const trialsFor = (shoe: Helped, dressed: Dressed): Trial[] =>
  HELPS.filter((help) => help.refusal(shoe) === null).flatMap((help) =>
    help.strengths(shoe, dressed.wear).map((mm) => ({ help, mm, ...help.change(mm, dressed) }))
  );
