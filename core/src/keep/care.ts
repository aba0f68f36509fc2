import { KIND, type KindId, type UpperId } from '../fit';
import { KIND_LIFE } from './by-kind';

/** How a pair is cared for, by material and make: what to do, and what must not be done [practice]. */
export interface Care {
  does: readonly string[];
  never: readonly string[];
}
const care = (does: readonly string[], never: readonly string[] = []): Care => ({ does, never });
const NO_HEAT = 'No heater, no hair dryer, no sun: heat hardens leather and lets go of glue.';
const FULL_GRAIN = care(
  ['Brush off dust; a thin cream when it looks dry.', 'Trees or paper in it while it rests; wet shoes dry slowly on their sides.'],
  [NO_HEAT]
);

export const CARE_OF_UPPER: Readonly<Record<UpperId, Care>> = {
  'smooth-leather': FULL_GRAIN,
  'soft-leather': care([...FULL_GRAIN.does, 'It grows: lace or strap a little closer as it does.'], FULL_GRAIN.never),
  'stiff-leather': care([...FULL_GRAIN.does, 'Worn in by the hour, not by the day.'], FULL_GRAIN.never),
  suede: care(['Brush it dry, one way; a rubber for marks.', 'Keep it dry.'], ['No cream, no rain, no wet cloth on a fresh stain.', NO_HEAT]),
  patent: care(['Mild soap and a soft cloth lift black marks.', 'Kept apart: patent takes colour from what it touches.'], ['No cream, no freezing cold: it cracks. Wear at edges and rub of laces stay.', NO_HEAT]), // prettier-ignore
  knit: care(
    ['Insole out; by hand or a cold gentle wash with mild soap; dry in the shade.'],
    ['No warm water, no drier, no heater: heat shrinks a knit for good.']
  ),
  canvas: care(['By hand, cold, mild soap; paper in it while it dries.'], ['No drier: the glue lets go.']),
  satin: care(['A dry soft brush; marks by a hardly damp cloth.'], ['No water on the box: paste goes soft.']),
  mesh: care(['Insole and laces out, by hand, cold; dry in the shade with paper in it.'], ['No drier, no hot water: foam and glue die by heat.']),
  'matte-faux': care(['A protector before the first wear; a damp cloth at once on a stain.'], ['No leather cream, no solvent. It stains and stretches.']),
  plastic: care(['A damp cloth; powder where it sticks.'], ['No heat, no sun: it warps.'])
};
const WITH_TIP = care(['Tips looked at before every dance; changed at bending, both at once.']);
const LEATHER_SOLE = care(['A day of rest between wears; resoled before it is through.'], ['No soaked soles beside a heater.']);
const DANCE = care(['Indoors only, in a bag of its own.'], ['Not in the rain, not in the street: grit and wet end a dance sole.']);
const CARE_OF_KIND: Partial<Readonly<Record<KindId, Care>>> = {
  running: care(['Laces open, insole out after a run; a day of rest; two pairs in turn.', 'Socks that are not cotton.'], ['No washing machine, no drier. No cotton socks: wet cotton blisters.']), // prettier-ignore
  walking: care(['Insole out to dry after wet ways.', 'Socks that are not cotton.'], ['No cotton socks on long ways.']),
  pointe: care(['Out of the bag at once; 24 hours in moving air; two or three pairs in turn.', 'Hardened only with the window open, dry before wear.'], ['Never dance a dead box. Fast glue and shellac: fumes, heat and skin.']), // prettier-ignore
  'ballet-slipper': care(['Elastics looked at before class.']),
  'extra-depth': care(['A hand inside before every wear: nothing that presses, no fold, no stone.'], ['No stretching by heat: ask the clinic.'])
};
/** Everything that is said of one pair: material first, then make; nothing twice. */
export function careOf({ kind, upper, leatherSole }: { kind: KindId; upper: UpperId; leatherSole: boolean | null }): Care {
  const life = KIND_LIFE[kind];
  const parts = [
    CARE_OF_UPPER[upper],
    CARE_OF_KIND[kind],
    life.tip ? WITH_TIP : undefined,
    (leatherSole ?? life.leatherSole) ? LEATHER_SOLE : undefined,
    life.dance ? DANCE : undefined
  ].filter((c) => c !== undefined);
  const once = (of: (c: Care) => readonly string[]): string[] => [...new Set(parts.flatMap(of))];
  return { does: once((c) => c.does), never: once((c) => c.never) };
}
export const careTitle = (kind: KindId, upperName: string): string => `${KIND[kind].name}, ${upperName}`;
