import type { HeelShapeId } from '../../heel';
import type { ToeFamilyId } from '../../last';
import { cuts, type Cuts, type KindTraits, type KindZone } from '../zones';
import type { ClosureId } from './closures';
import type { BetweenAs } from './schools';

/**
 * Kinds of shoe with their targets, mm. All figures are estimates of this project, to be tuned by each shop,
 * except where `marks` says practice or a published source.
 */
export interface KindDefinition<Id extends string = string> extends KindTraits {
  id: Id;
  name: string;
  /** Toe room is judged inside (insole less foot) or usable (until the first toe meets the silhouette). */
  basis: 'inside' | 'usable';
  /** Where each zone is right whose targets stand with the kind. */
  cuts: Readonly<Record<KindZone, Cuts>>;
  /** Lift of a new, stiff pair at an ordinary heel, mm. */
  slipWhenNewMm: number;
  /** Street kinds become a child's on a child's foot. */
  street: boolean;
  /** From 1 casual to 5 most formal, where nobody says otherwise [model]. */
  formality: number;
  /** The heel's shape stands for what is not kept of a style. */
  usual: { closure: ClosureId; toe: ToeFamilyId; soleStiffness: number; heelHeightMm: number; heel: HeelShapeId };
  /** True where the schools of room in front differ. */
  roomSchools: boolean;
  /** What it goes as between two sizes; null where it is made in sizes fine enough. */
  betweenSizes: BetweenAs | null;
  /** False where leather's give is never allowed for beforehand: shoes for sport and for feet at risk [practice]. */
  moulds: boolean;
  /** False where no sock is worn in it. */
  sock: boolean;
  /** False where nothing is laid before the toes. */
  toeFiller: boolean;
  /** Where its opening ends in front, of the foot's length, as seen from above; where nothing better is known of its last [estimate, for drawing]. */
  opensTo: number;
  /** Height of its shaft above the footbed as it is drawn, mm; 0 where it ends below the ankle [estimate, for drawing]. */
  shaftMm: number;
  /** True where it is a soft dance slipper: lies close, goes by floor and material, its elastics are sewn on. */
  slipper: boolean;
  /** True where its room is a published rule, which a shop never makes less. */
  publishedRoom: boolean;
  /** True where it is fitted in person with the teacher, never chosen from figures. */
  teacherLeads: boolean;
  marks: string;
  note: string;
}

const LACED = cuts(-8, -4, 6, 12);
const SLIP_ON = cuts(-8, -5, 2, 6);
const CLOSE_HEEL = cuts(-1, 0, 4, 8);
const HELD_HEEL = cuts(-1, 0, 3, 6);

/** What most kinds are. */
const USUAL = {
  pullOn: false, street: true, formality: 3, roomSchools: false, betweenSizes: null, moulds: true, sock: true, toeFiller: true, opensTo: 0.765, shaftMm: 0, slipper: false, publishedRoom: false, teacherLeads: false
} as const satisfies Partial<KindDefinition>; // prettier-ignore
type Own = Omit<KindDefinition, 'id' | 'name' | keyof typeof USUAL> & Partial<Pick<KindDefinition, keyof typeof USUAL>>;
const kind = <const Id extends string>(id: Id, name: string, own: Own): KindDefinition<Id> => ({ ...USUAL, ...own, id, name });

// prettier-ignore
const DEFINITIONS = [
  kind('oxford', 'oxford or derby', {
    basis: 'usable', cuts: { 'toe-room': cuts(4, 7, 13, 18), 'ball-girth': cuts(-12, -8, 0, 8), instep: LACED, 'heel-slip': CLOSE_HEEL }, slipWhenNewMm: 1,
    opensTo: 0.58, formality: 4, usual: { closure: 'lace', toe: 'almond', soleStiffness: 3, heelHeightMm: 25, heel: 'stacked' }, roomSchools: true,
    marks: 'estimate', note: 'room for the evening on the little-toe side'
  }),
  kind('loafer', 'loafer', {
    basis: 'usable', cuts: { 'toe-room': cuts(1, 3, 9, 13), 'ball-girth': cuts(-12, -9, -3, 2), instep: SLIP_ON, 'heel-slip': HELD_HEEL }, slipWhenNewMm: 1,
    opensTo: 0.66, usual: { closure: 'none', toe: 'round', soleStiffness: 3, heelHeightMm: 25, heel: 'stacked' },
    marks: 'estimate', note: 'no closure: too roomy is as bad; often meant sockless'
  }),
  kind('pump', 'pump', {
    basis: 'usable', cuts: { 'toe-room': cuts(-2, 0, 6, 10), 'ball-girth': cuts(-12, -9, -3, 2), instep: SLIP_ON, 'heel-slip': CLOSE_HEEL }, slipWhenNewMm: 1,
    formality: 4, usual: { closure: 'none', toe: 'almond', soleStiffness: 3, heelHeightMm: 70, heel: 'thin-stiletto' }, sock: false,
    marks: 'estimate', note: 'judged after the slide'
  }),
  kind('flat', 'flat', {
    basis: 'usable', cuts: { 'toe-room': cuts(-2, 1, 9, 14), 'ball-girth': cuts(-12, -9, -3, 2), instep: SLIP_ON, 'heel-slip': CLOSE_HEEL }, slipWhenNewMm: 1,
    usual: { closure: 'none', toe: 'round', soleStiffness: 2, heelHeightMm: 10, heel: 'stacked' },
    marks: 'estimate', note: 'soft pointed knit is kept at nought'
  }),
  kind('sandal', 'sandal', {
    basis: 'inside', cuts: { 'toe-room': cuts(-2, 1, 6, 10), 'ball-girth': cuts(-12, -8, 0, 6), instep: SLIP_ON, 'heel-slip': CLOSE_HEEL }, slipWhenNewMm: 0.5,
    usual: { closure: 'strap', toe: 'open', soleStiffness: 2, heelHeightMm: 20, heel: 'block' }, betweenSizes: 'sandal', sock: false,
    marks: 'estimate', note: 'school A: toes and heel inside the edge; school B: up to it, not past'
  }),
  kind('lace-boot', 'lace boot', {
    basis: 'inside', cuts: { 'toe-room': cuts(8, 12, 22, 28), 'ball-girth': cuts(-12, -8, 0, 8), instep: LACED, 'heel-slip': cuts(-1, 0, 8, 12) }, slipWhenNewMm: 3,
    shaftMm: 125, opensTo: 0.5, formality: 2, usual: { closure: 'lace', toe: 'round', soleStiffness: 4, heelHeightMm: 30, heel: 'stacked' }, roomSchools: true,
    marks: "thumb's width: practice", note: 'a small lift at first; hide and toe structure matter'
  }),
  kind('elastic-boot', 'elastic-sided boot', {
    basis: 'inside', cuts: { 'toe-room': cuts(7, 10, 18, 24), 'ball-girth': cuts(-10, -6, 0, 6), instep: SLIP_ON, 'heel-slip': cuts(-1, 0, 20, 25) }, slipWhenNewMm: 12,
    shaftMm: 115, opensTo: 0.44, usual: { closure: 'elastic', toe: 'round', soleStiffness: 4, heelHeightMm: 30, heel: 'stacked' }, pullOn: true,
    marks: "finger's width, 10 to 20 mm lift when new: practice", note: 'loose enough to enter, slight instep pressure is normal'
  }),
  kind('western-boot', 'western-type boot', {
    basis: 'usable', cuts: { 'toe-room': cuts(4, 7, 14, 20), 'ball-girth': cuts(-10, -6, 0, 6), instep: SLIP_ON, 'heel-slip': cuts(-1, 0, 9.5, 12.7) }, slipWhenNewMm: 6,
    shaftMm: 230, opensTo: 0.44, formality: 2, usual: { closure: 'none', toe: 'pointed', soleStiffness: 4, heelHeightMm: 40, heel: 'cone' }, pullOn: true,
    marks: 'up to 9.5 to 12.7 mm slip while the leather sole is stiff: practice', note: 'a pop at the throat, snug over the instep, toes free'
  }),
  kind('tall-boot', 'tall boot', {
    basis: 'inside', cuts: { 'toe-room': cuts(8, 12, 22, 28), 'ball-girth': cuts(-12, -8, 0, 8), instep: LACED, 'heel-slip': cuts(-1, 0, 8, 12) }, slipWhenNewMm: 3,
    shaftMm: 230, opensTo: 0.44, usual: { closure: 'zip', toe: 'round', soleStiffness: 3, heelHeightMm: 30, heel: 'stacked' },
    marks: "thumb's width: practice", note: 'calf plus 5 to plus 25 mm'
  }),
  kind('sneaker', 'sneaker', {
    basis: 'inside', cuts: { 'toe-room': cuts(6, 9, 15, 20), 'ball-girth': cuts(-8, -4, 4, 12), instep: LACED, 'heel-slip': CLOSE_HEEL }, slipWhenNewMm: 1,
    opensTo: 0.56, formality: 1, usual: { closure: 'lace', toe: 'round', soleStiffness: 2, heelHeightMm: 15, heel: 'wedge' }, roomSchools: true, moulds: false,
    marks: 'estimate', note: ''
  }),
  kind('running', 'running', {
    basis: 'inside', cuts: { 'toe-room': cuts(8, 11, 16, 22), 'ball-girth': cuts(-8, -4, 4, 12), instep: LACED, 'heel-slip': HELD_HEEL }, slipWhenNewMm: 0.5,
    opensTo: 0.56, formality: 1, usual: { closure: 'lace', toe: 'round', soleStiffness: 2, heelHeightMm: 25, heel: 'wedge' }, toeFiller: false, roomSchools: true, moulds: false,
    marks: 'half an inch of toe room: practice', note: 'the foot splays; no slip'
  }),
  kind('walking', 'walking', {
    basis: 'inside', cuts: { 'toe-room': cuts(8, 11, 17, 22), 'ball-girth': cuts(-8, -4, 4, 12), instep: LACED, 'heel-slip': CLOSE_HEEL }, slipWhenNewMm: 1,
    opensTo: 0.56, formality: 1, usual: { closure: 'lace', toe: 'round', soleStiffness: 3, heelHeightMm: 25, heel: 'wedge' }, roomSchools: true, moulds: false,
    marks: 'half an inch at least: practice', note: 'not so much that it shifts'
  }),
  kind('extra-depth', 'extra depth', {
    basis: 'inside', cuts: { 'toe-room': cuts(8, 10, 20, 25), 'ball-girth': cuts(-4, 0, 8, 14), instep: LACED, 'heel-slip': CLOSE_HEEL }, slipWhenNewMm: 1,
    opensTo: 0.56, usual: { closure: 'hook-loop', toe: 'square', soleStiffness: 3, heelHeightMm: 20, heel: 'wedge' }, toeFiller: false, moulds: false, publishedRoom: true,
    marks: 'inside 10 to 20 mm longer than the foot: IWGDF, from memory', note: 'more than about one size over trips and shears'
  }),
  kind('heels-dance', 'heels class', {
    basis: 'usable', cuts: { 'toe-room': cuts(-1, 1, 6, 9), 'ball-girth': cuts(-12, -9, -2, 3), instep: SLIP_ON, 'heel-slip': HELD_HEEL }, slipWhenNewMm: 0.5,
    usual: { closure: 'lace', toe: 'almond', soleStiffness: 2, heelHeightMm: 95, heel: 'thin-stiletto' }, street: false, sock: false,
    marks: 'heel of 3.5 to 4 in: practice', note: 'laced or strapped; never half a size down'
  }),
  kind('pole-sandal', 'pole sandal', {
    basis: 'inside', cuts: { 'toe-room': cuts(-3, 0, 6, 10), 'ball-girth': cuts(-12, -8, 0, 6), instep: SLIP_ON, 'heel-slip': HELD_HEEL }, slipWhenNewMm: 0.5,
    usual: { closure: 'strap', toe: 'open', soleStiffness: 5, heelHeightMm: 178, heel: 'thick-stiletto' }, street: false, betweenSizes: 'sandal', sock: false,
    marks: 'estimate', note: 'the ankle is held'
  }),
  kind('pole-boot', 'pole boot', {
    basis: 'usable', cuts: { 'toe-room': cuts(1, 4, 10, 14), 'ball-girth': cuts(-12, -8, 0, 6), instep: SLIP_ON, 'heel-slip': HELD_HEEL }, slipWhenNewMm: 0.5,
    shaftMm: 190, opensTo: 0.5, usual: { closure: 'lace', toe: 'almond', soleStiffness: 5, heelHeightMm: 203, heel: 'thick-stiletto' }, street: false, betweenSizes: 'boot',
    marks: 'estimate', note: 'the ankle is held'
  }),
  kind('character', 'character shoe', {
    basis: 'usable', cuts: { 'toe-room': cuts(-1, 1, 6, 9), 'ball-girth': cuts(-12, -9, -2, 3), instep: SLIP_ON, 'heel-slip': HELD_HEEL }, slipWhenNewMm: 0.5,
    usual: { closure: 'strap', toe: 'round', soleStiffness: 3, heelHeightMm: 50, heel: 'cone' }, street: false,
    marks: 'estimate', note: 'fit close, toes flat'
  }),
  kind('ballet-slipper', 'ballet slipper', {
    basis: 'inside', cuts: { 'toe-room': cuts(-6, -3, 1, 4), 'ball-girth': cuts(-14, -10, -4, 0), instep: cuts(-14, -10, 0, 4), 'heel-slip': HELD_HEEL }, slipWhenNewMm: 0,
    usual: { closure: 'elastic', toe: 'round', soleStiffness: 1, heelHeightMm: 0, heel: 'wedge' }, street: false, slipper: true,
    marks: 'estimate', note: 'toes flat and straight, no folds'
  }),
  kind('pointe', 'pointe shoe', {
    basis: 'inside', cuts: { 'toe-room': cuts(-6, -3, 1, 4), 'ball-girth': cuts(-14, -10, -4, 0), instep: cuts(-14, -10, 0, 4), 'heel-slip': HELD_HEEL }, slipWhenNewMm: 0,
    usual: { closure: 'elastic', toe: 'square', soleStiffness: 5, heelHeightMm: 0, heel: 'wedge' }, street: false, sock: false, toeFiller: false, teacherLeads: true,
    marks: 'length and girth only', note: 'box, vamp and shank are judged at the pointe bench by a trained fitter with the teacher'
  })
] as const;

export type KindId = (typeof DEFINITIONS)[number]['id'];
export const KIND_IDS = DEFINITIONS.map((k) => k.id) as readonly KindId[];
export const KINDS: readonly KindDefinition<KindId>[] = DEFINITIONS;
export const KIND = Object.fromEntries(KINDS.map((k) => [k.id, k])) as Readonly<Record<KindId, KindDefinition<KindId>>>;
