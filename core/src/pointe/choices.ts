import { byId } from './by-id';
/**
 * What a pointe shoe may be made as: one table a part, figures [model] unless a source stands beside them. Words are plain ones of our own.
 */

/** Families of taper, narrow to broad: exponents of the inner curve, and the platform's width over the joint's. */
export const TAPERS = [
  { id: 'tapered', name: 'tapered', p: 1.6, q: 1, platform: 0.6 },
  { id: 'slight', name: 'slightly tapered', p: 1.85, q: 1, platform: 0.645 },
  { id: 'medium', name: 'medium', p: 2, q: 1.1, platform: 0.665 },
  { id: 'square', name: 'square', p: 2.4, q: 1.35, platform: 0.695 },
  { id: 'broad', name: 'broad', p: 2.8, q: 1.6, platform: 0.72 }
] as const;
export type TaperId = (typeof TAPERS)[number]['id'];
export const TAPER = byId(TAPERS);

/** Shapes of the platform: how much of its width and depth truly stands on the floor; the exponent of its outline. */
export const PLATFORM_SHAPES = [
  { id: 'round', name: 'round', stands: 0.72, power: 2 },
  { id: 'oval', name: 'oval', stands: 0.82, power: 2.6 },
  { id: 'flat', name: 'flat', stands: 0.92, power: 4 }
] as const;
export type PlatformShapeId = (typeof PLATFORM_SHAPES)[number]['id'];
export const PLATFORM_SHAPE = byId(PLATFORM_SHAPES);

/** Cuts of the throat: how it runs from the top's centre to the side; a sweetheart dips to both sides of its middle. */
export const THROATS = [
  { id: 'v', name: 'V', power: 1, dipMm: 0, step: 1 },
  { id: 'u', name: 'U', power: 2, dipMm: 0, step: 2 },
  { id: 'deep-u', name: 'deep U', power: 3.2, dipMm: 0, step: 3.2 },
  { id: 'sweetheart', name: 'sweetheart', power: 2, dipMm: 5, step: 2.7 }
] as const;
export type ThroatId = (typeof THROATS)[number]['id'];
export const THROAT = byId(THROATS);

/** Pastes, soft to hard: how much the wall gives (a kPa), what the vamp holds back (N m a mm), what the box asks of a demi-pointe, and how long it lives. */
export const PASTES = [
  { id: 'soft', name: 'soft', gives: 2.4e-4, holdsBack: 0.18, demi: 2.5, lives: 0.75 },
  { id: 'elastic', name: 'elastic', gives: 1.9e-4, holdsBack: 0.2, demi: 3, lives: 0.8 },
  { id: 'medium', name: 'medium', gives: 1.1e-4, holdsBack: 0.25, demi: 5, lives: 1 },
  { id: 'firm', name: 'firm', gives: 0.7e-4, holdsBack: 0.28, demi: 6.5, lives: 1.2 },
  { id: 'hard', name: 'hard', gives: 0.4e-4, holdsBack: 0.32, demi: 8, lives: 1.45 }
] as const;
export type PasteId = (typeof PASTES)[number]['id'];
export const PASTE = byId(PASTES);

/** Grades of shank, N m a radian: no scale is published [model]. */
export const GRADES = [
  { id: 'very-soft', name: 'very soft', nm: 4, lives: 0.8 },
  { id: 'soft', name: 'soft', nm: 6, lives: 0.9 },
  { id: 'medium', name: 'medium', nm: 9, lives: 1 },
  { id: 'firm', name: 'firm', nm: 13, lives: 1.15 },
  { id: 'very-firm', name: 'very firm', nm: 18, lives: 1.3 }
] as const;
export type GradeId = (typeof GRADES)[number]['id'];
export const GRADE = byId(GRADES);
export const GRADE_IDS = GRADES.map((g) => g.id);
/** The grade whose stiffness is nearest, by ratio. */
export const gradeNear = (nm: number): (typeof GRADES)[number] => GRADES.reduce((best, g) => (Math.abs(Math.log(g.nm / nm)) < Math.abs(Math.log(best.nm / nm)) ? g : best)); // prettier-ignore

/** How far the shank runs, what is left of its stiffness, and where it usually bends, from the heel, of the sole. */
export const SHANK_LENGTHS = [
  { id: 'full', name: 'full', share: 1, bendAt: 0.42 },
  { id: 'three-quarter', name: 'three-quarter', share: 0.75, bendAt: 0.36 },
  { id: 'half', name: 'half', share: 0.55, bendAt: 0.5 }
] as const;
export type ShankLengthId = (typeof SHANK_LENGTHS)[number]['id'];
export const SHANK_LENGTH = byId(SHANK_LENGTHS);

/** Materials of a pouch and how much of their thickness stays under pressure. */
export const POUCHES = [
  { id: 'gel', name: 'gel', stays: 0.8 },
  { id: 'fabric', name: 'fabric', stays: 0.5 },
  { id: 'foam', name: 'foam', stays: 0.4 },
  { id: 'wool', name: 'wool', stays: 0.35 }
] as const;
export type PouchId = (typeof POUCHES)[number]['id'];
export const POUCH = byId(POUCHES);

/** How far a forefoot closes in the hand: what is left of girth and width where nobody pressed it. */
export const YIELDS = [
  { id: 'stiff', name: 'hardly closes', girth: 0.97, width: 0.965 },
  { id: 'medium', name: 'closes a little', girth: 0.955, width: 0.93 },
  { id: 'soft', name: 'closes far', girth: 0.93, width: 0.89 }
] as const;
export type YieldId = (typeof YIELDS)[number]['id'];
export const YIELD = byId(YIELDS);

/** How sure a field of a shoe is. */
export const EVIDENCE = [
  { id: 'measured', name: 'measured' },
  { id: 'claimed', name: 'said by the maker' },
  { id: 'filled', name: 'filled in' }
] as const;
export type EvidenceId = (typeof EVIDENCE)[number]['id'];
