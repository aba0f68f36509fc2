/**
 * The invented shoe world of the demo, as compact design tables: makers, lasts by how they differ from an
 * ordinary last of their kind, styles. `generate.ts` turns them into the open files beside it.
 * Every name here is invented.
 */
import type { ClosureId, KindId, UpperId } from '@chiave/core/fit';
import type { EvidenceMark, ToeFamilyId, ToeStructure, WidthBasis } from '@chiave/core/last';
import type { ScaleId } from '@chiave/core/size';

export interface MakerDesign {
  id: string;
  name: string;
  note: string;
  letters: string[];
  /** mm of girth a letter. */
  letterMm: number;
  girthPerLength: number;
}

export const MAKERS: MakerDesign[] = [
  { id: 'mirtenza', name: 'Mirtenza', note: 'Dress heels and flats, continental sizes, narrow to wide.', letters: ['narrow', 'medium', 'wide'], letterMm: 6, girthPerLength: 0.75 },
  { id: 'fenwhistle', name: 'Fenwhistle & Daughter', note: 'Welted shoes and lace boots in British sizes and fittings.', letters: ['D', 'E', 'F', 'G', 'H'], letterMm: 6.35, girthPerLength: 0.75 },
  { id: 'tarrabool', name: 'Tarrabool Boots', note: 'Elastic-sided boots in the unisex boot scale: half is wider, not longer.', letters: ['G', 'H', 'J'], letterMm: 6.35, girthPerLength: 0.75 },
  { id: 'dry-lantern', name: 'Dry Lantern Boot Works', note: 'Western-type boots, US sizes and letters.', letters: ['A', 'B', 'C', 'D', 'E', 'EE'], letterMm: 6.35, girthPerLength: 0.75 },
  { id: 'lyngfjeld', name: 'Lyngfjeld', note: 'Running and walking, continental sizes in thirds; runs short by its own chart.', letters: ['2', '4', '6'], letterMm: 6, girthPerLength: 0.75 },
  { id: 'ottavina', name: 'Ottavina', note: 'Heels class, character shoes and slippers; whole sizes only in heels.', letters: ['N', 'M', 'W'], letterMm: 6, girthPerLength: 0.75 },
  { id: 'hoshimuro', name: 'Hoshimuro', note: 'Sneakers and loafers in centimetres with girth letters.', letters: ['D', 'E', 'EE', 'EEE'], letterMm: 6, girthPerLength: 0.6 },
  { id: 'plainmoor', name: 'Plainmoor & Gray', note: 'Everyday, walking and extra-depth shoes, US sizes and letters.', letters: ['AA', 'A', 'B', 'C', 'D', 'E', 'EE', 'EEE', 'EEEE'], letterMm: 6.35, girthPerLength: 0.75 },
  { id: 'ostrevane', name: 'Ostrevane', note: 'Tall boots, pumps and open shoes, continental sizes, one width and a wide one.', letters: ['N', 'R', 'W'], letterMm: 5, girthPerLength: 0.75 },
  { id: 'tindertoft', name: 'Tindertoft', note: 'Walking and everyday shoes in British sizes, whole families on one bottom.', letters: ['D', 'E', 'F', 'G', 'H'], letterMm: 6.35, girthPerLength: 0.75 },
  { id: 'vinterlys', name: 'Vinterlys', note: 'Platforms for pole and stage, US women’s whole sizes.', letters: ['M'], letterMm: 6.35, girthPerLength: 0.75 },
  { id: 'quillhaven', name: 'Quillhaven Court', note: 'Men’s dress and western-type boots, US sizes, combination lasts.', letters: ['A', 'B', 'C', 'D', 'E', 'EE', 'EEE'], letterMm: 6.35, girthPerLength: 0.75 }
];

export interface LastDesign {
  id: string;
  maker: string;
  name: string;
  /** Kind whose targets the last is drawn for. */
  kind: KindId;
  family: ToeFamilyId;
  group: 'men' | 'women';
  scale: ScaleId;
  school: string;
  base: { size: number; width: string };
  /** Maker's habit: sizes by which the last is longer (+) or shorter (-) than its label says. */
  habit: number;
  /** Departures from an ordinary last of the kind, mm. */
  girth?: number;
  width?: number;
  heel?: number;
  instep?: number;
  depth?: number;
  taper?: number;
  toeRoom?: number;
  throat?: number;
  /** Inside girth of a tall boot's shaft at the calf, in the base size and width, mm. */
  shaft?: number;
  widthBasis?: WidthBasis;
  toeExtension?: 'fixed' | 'graded';
  halves?: 'full' | 'width-only';
  coarse?: boolean;
  combination?: { heel: number; waist: number };
  aliases?: string[];
  /** Its insoles were traced: how much later they taper than their family, mm, and whether the line was taken over with the last. */
  traced?: { laterMm: number; taken: boolean };
  mark: EvidenceMark;
  note: string;
}

const measured = { mark: 'measured' as EvidenceMark, note: 'insoles traced in two sizes, girth by tape on the last' };
const claimed = { mark: 'claimed' as EvidenceMark, note: "maker's own sheet" };

export const LASTS: LastDesign[] = [
  { id: 'heron', maker: 'mirtenza', name: 'Heron', kind: 'pump', family: 'pointed', group: 'women', scale: 'eu', school: 'plus-2-3in', base: { size: 38, width: 'medium' }, habit: -0.3, taper: 2, ...measured },
  { id: 'plover', maker: 'mirtenza', name: 'Plover', kind: 'pump', family: 'almond', group: 'women', scale: 'eu', school: 'plus-2-3in', base: { size: 38, width: 'medium' }, habit: 0, girth: 1, ...measured },
  { id: 'sandpiper', maker: 'mirtenza', name: 'Sandpiper', kind: 'flat', family: 'round', group: 'women', scale: 'eu', school: 'plus-2-3in', base: { size: 38, width: 'medium' }, habit: 0, ...measured },
  { id: 'avocet', maker: 'mirtenza', name: 'Avocet', kind: 'flat', family: 'pointed', group: 'women', scale: 'eu', school: 'plus-2-3in', base: { size: 38, width: 'medium' }, habit: -0.2, taper: 6, ...measured },
  { id: 'bramble', maker: 'fenwhistle', name: 'Bramble', kind: 'oxford', family: 'almond', group: 'men', scale: 'uk', school: 'standard', base: { size: 8, width: 'F' }, habit: 0.3, widthBasis: 'feather-edge', ...claimed },
  { id: 'sorrel', maker: 'fenwhistle', name: 'Sorrel', kind: 'oxford', family: 'chisel', group: 'men', scale: 'uk', school: 'standard', base: { size: 8, width: 'F' }, habit: 0.2, girth: -2, heel: -1, widthBasis: 'feather-edge', ...claimed },
  { id: 'teasel', maker: 'fenwhistle', name: 'Teasel', kind: 'lace-boot', family: 'round', group: 'men', scale: 'uk', school: 'standard', base: { size: 8, width: 'F' }, habit: 0.3, girth: 3, depth: 2, ...measured },
  { id: 'yarrow', maker: 'fenwhistle', name: 'Yarrow', kind: 'oxford', family: 'soft-almond', group: 'women', scale: 'uk', school: 'standard', base: { size: 5, width: 'D' }, habit: 0.1, ...measured },
  { id: 'ironbark', maker: 'tarrabool', name: 'Ironbark', kind: 'elastic-boot', family: 'square', group: 'men', scale: 'au-boot', school: 'minus-3', base: { size: 8, width: 'G' }, habit: 0, halves: 'width-only', toeRoom: 1, ...measured },
  { id: 'wattle', maker: 'tarrabool', name: 'Wattle', kind: 'elastic-boot', family: 'almond', group: 'women', scale: 'au-boot', school: 'minus-3', base: { size: 5, width: 'G' }, habit: -0.2, halves: 'width-only', ...measured },
  { id: 'coyote', maker: 'dry-lantern', name: 'Coyote', kind: 'western-boot', family: 'snip', group: 'men', scale: 'us-m', school: 'device', base: { size: 9, width: 'D' }, habit: 0.2, ...claimed },
  { id: 'kestrel', maker: 'dry-lantern', name: 'Kestrel', kind: 'western-boot', family: 'pointed', group: 'women', scale: 'us-w', school: 'label', base: { size: 7.5, width: 'B' }, habit: 0, toeExtension: 'graded', ...claimed },
  { id: 'anvil', maker: 'dry-lantern', name: 'Anvil', kind: 'western-boot', family: 'broad-square', group: 'men', scale: 'us-m', school: 'device', base: { size: 9, width: 'D' }, habit: 0.3, girth: 3, ...claimed },
  { id: 'brook', maker: 'lyngfjeld', name: 'Brook', kind: 'running', family: 'round', group: 'men', scale: 'eu', school: 'plus-15', base: { size: 42, width: '4' }, habit: -0.6, ...measured },
  { id: 'rill', maker: 'lyngfjeld', name: 'Rill', kind: 'running', family: 'round', group: 'women', scale: 'eu', school: 'plus-15', base: { size: 38, width: '4' }, habit: -0.6, heel: -1, ...measured },
  { id: 'fell', maker: 'lyngfjeld', name: 'Fell', kind: 'walking', family: 'oblique', group: 'men', scale: 'eu', school: 'plus-15', base: { size: 42, width: '4' }, habit: -0.2, girth: 4, depth: 1, ...measured },
  { id: 'quaver', maker: 'ottavina', name: 'Quaver', kind: 'heels-dance', family: 'soft-almond', group: 'women', scale: 'eu', school: 'plus-13', base: { size: 38, width: 'M' }, habit: 0, ...measured },
  { id: 'breve', maker: 'ottavina', name: 'Breve', kind: 'character', family: 'round', group: 'women', scale: 'uk', school: 'standard', base: { size: 5, width: 'M' }, habit: -0.2, ...measured },
  { id: 'minim', maker: 'ottavina', name: 'Minim', kind: 'ballet-slipper', family: 'round', group: 'women', scale: 'uk', school: 'standard', base: { size: 5, width: 'M' }, habit: -0.1, ...measured },
  { id: 'suzu', maker: 'hoshimuro', name: 'Suzu', kind: 'sneaker', family: 'round', group: 'women', scale: 'jp', school: 'standard', base: { size: 24, width: 'E' }, habit: 0, ...measured },
  { id: 'kaede', maker: 'hoshimuro', name: 'Kaede', kind: 'loafer', family: 'soft-chisel', group: 'men', scale: 'jp', school: 'standard', base: { size: 26, width: 'EE' }, habit: 0.1, ...measured },
  { id: 'ginger', maker: 'plainmoor', name: 'Ginger', kind: 'sneaker', family: 'round', group: 'men', scale: 'us-m', school: 'device', base: { size: 9, width: 'D' }, habit: 0.2, ...measured },
  { id: 'nutmeg', maker: 'plainmoor', name: 'Nutmeg', kind: 'extra-depth', family: 'broad-square', group: 'women', scale: 'us-w', school: 'label', base: { size: 7.5, width: 'B' }, habit: 0, depth: 5, ...measured },
  { id: 'clove', maker: 'plainmoor', name: 'Clove', kind: 'sandal', family: 'open', group: 'women', scale: 'us-w', school: 'label', base: { size: 7.5, width: 'B' }, habit: 0, ...claimed },
  { id: 'mace', maker: 'plainmoor', name: 'Mace', kind: 'extra-depth', family: 'square', group: 'men', scale: 'us-m', school: 'device', base: { size: 9, width: 'D' }, habit: 0, depth: 5, ...measured },
  { id: 'fennel', maker: 'plainmoor', name: 'Fennel', kind: 'loafer', family: 'round', group: 'women', scale: 'us-w', school: 'label', base: { size: 7.5, width: 'B' }, habit: 0.2, ...measured },
  { id: 'sprout', maker: 'plainmoor', name: 'Sprout', kind: 'sneaker', family: 'round', group: 'women', scale: 'us-youth', school: 'standard', base: { size: 3, width: 'C' }, habit: 0, toeRoom: 2, ...measured },
  { id: 'tern', maker: 'ostrevane', name: 'Tern', kind: 'pump', family: 'peep', group: 'women', scale: 'eu', school: 'plus-15', base: { size: 38, width: 'R' }, habit: 0.1, ...claimed },
  { id: 'dunlin', maker: 'ostrevane', name: 'Dunlin', kind: 'flat', family: 'peep', group: 'women', scale: 'eu', school: 'plus-15', base: { size: 38, width: 'R' }, habit: 0, girth: 2, ...measured },
  { id: 'lapwing', maker: 'ostrevane', name: 'Lapwing', kind: 'sandal', family: 'open', group: 'women', scale: 'eu', school: 'plus-15', base: { size: 38, width: 'R' }, habit: -0.1, ...measured },
  { id: 'curlew', maker: 'ostrevane', name: 'Curlew', kind: 'tall-boot', family: 'soft-almond', group: 'women', scale: 'eu', school: 'plus-15', base: { size: 38, width: 'R' }, habit: 0.1, toeExtension: 'graded', shaft: 365, traced: { laterMm: 4, taken: false }, ...measured },
  { id: 'siskin', maker: 'ostrevane', name: 'Siskin', kind: 'pump', family: 'snip', group: 'women', scale: 'eu', school: 'plus-15', base: { size: 38, width: 'R' }, habit: 0, taper: 3, aliases: ['Old Siskin'], ...measured },
  { id: 'tansy', maker: 'tindertoft', name: 'Tansy', kind: 'walking', family: 'oblique', group: 'women', scale: 'uk', school: 'standard', base: { size: 5, width: 'D' }, habit: 0, coarse: true, ...measured },
  { id: 'burdock', maker: 'tindertoft', name: 'Burdock', kind: 'walking', family: 'oblique', group: 'men', scale: 'uk', school: 'standard', base: { size: 8, width: 'F' }, habit: 0.1, coarse: true, girth: 2, ...measured },
  { id: 'clover', maker: 'tindertoft', name: 'Clover', kind: 'loafer', family: 'soft-chisel', group: 'women', scale: 'uk', school: 'standard', base: { size: 5, width: 'D' }, habit: 0, ...claimed },
  { id: 'comfrey', maker: 'tindertoft', name: 'Comfrey', kind: 'lace-boot', family: 'square', group: 'women', scale: 'uk', school: 'standard', base: { size: 5, width: 'D' }, habit: 0.2, ...measured },
  { id: 'halo', maker: 'vinterlys', name: 'Halo', kind: 'pole-sandal', family: 'open', group: 'women', scale: 'us-w', school: 'label', base: { size: 7, width: 'M' }, habit: 0, ...claimed },
  { id: 'corona', maker: 'vinterlys', name: 'Corona', kind: 'pole-boot', family: 'peep', group: 'women', scale: 'us-w', school: 'label', base: { size: 7, width: 'M' }, habit: 0.2, ...claimed },
  { id: 'aurora', maker: 'vinterlys', name: 'Aurora', kind: 'heels-dance', family: 'almond', group: 'women', scale: 'us-w', school: 'label', base: { size: 7, width: 'M' }, habit: 0, ...measured },
  { id: 'vellum', maker: 'quillhaven', name: 'Vellum', kind: 'oxford', family: 'chisel', group: 'men', scale: 'us-m', school: 'device', base: { size: 9, width: 'D' }, habit: 0.2, combination: { heel: -2, waist: -1 }, widthBasis: 'feather-edge', ...measured },
  { id: 'foolscap', maker: 'quillhaven', name: 'Foolscap', kind: 'oxford', family: 'soft-chisel', group: 'men', scale: 'us-m', school: 'device', base: { size: 9, width: 'D' }, habit: 0.1, combination: { heel: -1, waist: 0 }, widthBasis: 'feather-edge', aliases: ['Broad Foolscap'], ...claimed },
  { id: 'ledger', maker: 'quillhaven', name: 'Ledger', kind: 'western-boot', family: 'chisel', group: 'men', scale: 'us-m', school: 'device', base: { size: 9, width: 'D' }, habit: 0.2, ...claimed },
  { id: 'inkwell', maker: 'quillhaven', name: 'Inkwell', kind: 'western-boot', family: 'snip', group: 'men', scale: 'us-m', school: 'device', base: { size: 9, width: 'D' }, habit: 0.3, traced: { laterMm: 5, taken: true }, ...measured },
  { id: 'sealwax', maker: 'quillhaven', name: 'Sealwax', kind: 'walking', family: 'broad-square', group: 'men', scale: 'us-m', school: 'device', base: { size: 9, width: 'D' }, habit: 0, ...measured }
];

export interface StyleDesign {
  id: string;
  last: string;
  name: string;
  kind: KindId;
  forWhom: 'women' | 'men' | 'unisex' | 'children';
  upper: UpperId;
  closure: ClosureId;
  stiff: number;
  heel: number;
  platform?: number;
  footbed?: number;
  structure?: ToeStructure;
  run: [number, number, number];
  widths: string[];
}

const THIRD = 1 / 3;
// prettier-ignore
const style = (
  id: string, last: string, name: string, kind: KindId, forWhom: StyleDesign['forWhom'], upper: UpperId, closure: ClosureId, stiff: number, heel: number,
  run: [number, number, number], widths: string, more: Partial<StyleDesign> = {}
): StyleDesign => ({ id, last, name, kind, forWhom, upper, closure, stiff, heel, run, widths: widths.split(' '), ...more });

export const STYLES: StyleDesign[] = [
  style('moonrise-70', 'heron', 'Moonrise 70', 'pump', 'women', 'smooth-leather', 'none', 3, 70, [35, 42, 0.5], 'narrow medium'),
  style('moonrise-95', 'heron', 'Moonrise 95', 'pump', 'women', 'patent', 'none', 3, 95, [35, 41, 0.5], 'medium'),
  style('moonrise-strap', 'heron', 'Moonrise with ankle strap', 'pump', 'women', 'suede', 'strap', 3, 85, [35, 41, 0.5], 'medium'),
  style('lakeside-50', 'plover', 'Lakeside 50', 'pump', 'women', 'soft-leather', 'none', 3, 50, [35, 43, 0.5], 'narrow medium wide'),
  style('lakeside-85', 'plover', 'Lakeside 85', 'pump', 'women', 'smooth-leather', 'none', 3, 85, [35, 42, 0.5], 'medium wide'),
  style('lakeside-plateau', 'plover', 'Lakeside Plateau', 'pump', 'women', 'suede', 'strap', 4, 110, [35, 41, 0.5], 'medium', { platform: 25 }),
  style('pebble', 'sandpiper', 'Pebble', 'flat', 'women', 'soft-leather', 'none', 2, 8, [35, 43, 0.5], 'narrow medium wide'),
  style('pebble-knit', 'sandpiper', 'Pebble Knit', 'flat', 'women', 'knit', 'none', 1, 8, [35, 42, 0.5], 'medium', { structure: 'collapsed', footbed: 3 }),
  style('pebble-satin', 'sandpiper', 'Pebble Satin', 'flat', 'women', 'satin', 'none', 2, 12, [35, 41, 1], 'medium'),
  style('reed', 'avocet', 'Reed', 'flat', 'women', 'soft-leather', 'none', 2, 10, [35, 42, 0.5], 'medium wide'),
  style('reed-knit', 'avocet', 'Reed Knit', 'flat', 'women', 'knit', 'none', 1, 8, [35, 42, 0.5], 'medium', { structure: 'collapsed' }),
  style('reed-patent', 'avocet', 'Reed Patent', 'flat', 'women', 'patent', 'none', 2, 15, [36, 41, 0.5], 'medium'),
  style('alderman', 'bramble', 'Alderman', 'oxford', 'men', 'smooth-leather', 'lace', 4, 25, [6, 13, 0.5], 'E F G'),
  style('organist', 'bramble', 'Organist', 'oxford', 'men', 'patent', 'lace', 3, 25, [6, 12, 0.5], 'E F'),
  style('bassoon', 'bramble', 'Bassoon', 'loafer', 'men', 'smooth-leather', 'none', 3, 25, [6, 12, 0.5], 'E F G'),
  style('notary', 'sorrel', 'Notary', 'oxford', 'men', 'smooth-leather', 'lace', 4, 25, [6, 13, 0.5], 'E F G'),
  style('notary-suede', 'sorrel', 'Notary Suede', 'oxford', 'men', 'suede', 'lace', 3, 25, [6, 12, 0.5], 'F G'),
  style('hedger', 'teasel', 'Hedger', 'lace-boot', 'men', 'stiff-leather', 'lace', 5, 32, [6, 14, 0.5], 'E F G H', { footbed: 4 }),
  style('hedger-soft', 'teasel', 'Hedger Soft Toe', 'lace-boot', 'unisex', 'soft-leather', 'lace', 3, 30, [3, 13, 0.5], 'E F G', { structure: 'collapsed', footbed: 4 }),
  style('rampart', 'teasel', 'Rampart', 'lace-boot', 'men', 'suede', 'lace', 4, 30, [6, 13, 0.5], 'F G'),
  style('second-violin', 'yarrow', 'Second Violin', 'oxford', 'women', 'smooth-leather', 'lace', 3, 25, [3, 9, 0.5], 'D E F'),
  style('continuo', 'yarrow', 'Continuo', 'loafer', 'women', 'soft-leather', 'none', 2, 20, [3, 9, 0.5], 'D E'),
  style('contralto', 'yarrow', 'Contralto', 'oxford', 'women', 'suede', 'lace', 3, 35, [3, 9, 0.5], 'D E F G'),
  style('drover', 'ironbark', 'Drover', 'elastic-boot', 'unisex', 'smooth-leather', 'elastic', 4, 30, [3, 13, 0.5], 'G H', { footbed: 3 }),
  style('drover-rough', 'ironbark', 'Drover Rough-out', 'elastic-boot', 'unisex', 'suede', 'elastic', 4, 30, [4, 12, 0.5], 'G'),
  style('fencer', 'ironbark', 'Fencer', 'elastic-boot', 'men', 'stiff-leather', 'elastic', 5, 35, [6, 13, 0.5], 'G H'),
  style('creek', 'wattle', 'Creek', 'elastic-boot', 'women', 'soft-leather', 'elastic', 3, 30, [2, 9, 0.5], 'G'),
  style('creek-tall', 'wattle', 'Creek Cuban', 'elastic-boot', 'women', 'smooth-leather', 'elastic', 4, 45, [2, 9, 0.5], 'G'),
  style('long-shadow', 'coyote', 'Long Shadow', 'western-boot', 'men', 'smooth-leather', 'none', 4, 45, [7, 13, 0.5], 'B D EE'),
  style('night-herd', 'coyote', 'Night Herd', 'western-boot', 'men', 'stiff-leather', 'none', 5, 40, [7, 13, 0.5], 'D EE'),
  style('blue-hour', 'kestrel', 'Blue Hour', 'western-boot', 'women', 'soft-leather', 'none', 4, 50, [5, 11, 0.5], 'A B C'),
  style('switchgrass', 'kestrel', 'Switchgrass', 'western-boot', 'women', 'smooth-leather', 'none', 4, 40, [5, 11, 0.5], 'B C'),
  style('tinsmith', 'anvil', 'Tinsmith', 'western-boot', 'men', 'smooth-leather', 'none', 4, 35, [7, 14, 0.5], 'D EE'),
  style('tinsmith-work', 'anvil', 'Tinsmith Work', 'western-boot', 'men', 'stiff-leather', 'none', 5, 35, [7, 14, 0.5], 'D E EE', { footbed: 4 }),
  style('tarn', 'brook', 'Tarn', 'running', 'men', 'mesh', 'lace', 2, 28, [39, 48, THIRD], '2 4 6', { platform: 20, footbed: 4 }),
  style('tarn-race', 'brook', 'Tarn Race', 'running', 'unisex', 'knit', 'lace', 3, 36, [37, 47, THIRD], '4', { platform: 28, footbed: 3 }),
  style('freshet', 'rill', 'Freshet', 'running', 'women', 'mesh', 'lace', 2, 28, [35, 43, THIRD], '2 4 6', { platform: 20, footbed: 4 }),
  style('freshet-trail', 'rill', 'Freshet Trail', 'running', 'women', 'mesh', 'lace', 3, 26, [35, 43, THIRD], '4 6', { platform: 20, footbed: 4 }),
  style('scree', 'fell', 'Scree', 'walking', 'men', 'suede', 'lace', 4, 28, [39, 48, THIRD], '4 6', { platform: 16, footbed: 4 }),
  style('usher', 'fell', 'Usher', 'walking', 'unisex', 'smooth-leather', 'lace', 3, 26, [36, 47, THIRD], '2 4 6', { platform: 14, footbed: 4 }),
  style('promenade', 'rill', 'Promenade', 'walking', 'women', 'soft-leather', 'lace', 2, 26, [35, 43, THIRD], '4 6', { platform: 14, footbed: 4 }),
  style('galop-90', 'quaver', 'Galop 90', 'heels-dance', 'women', 'suede', 'lace', 2, 90, [35, 42, 1], 'N M'),
  style('galop-100', 'quaver', 'Galop 100', 'heels-dance', 'women', 'matte-faux', 'lace', 2, 100, [35, 42, 1], 'M W'),
  style('galop-strap', 'quaver', 'Galop Strap', 'heels-dance', 'women', 'patent', 'strap', 2, 95, [35, 41, 1], 'M'),
  style('chorus-50', 'breve', 'Chorus 50', 'character', 'women', 'smooth-leather', 'strap', 3, 50, [2, 9, 0.5], 'N M W'),
  style('chorus-65', 'breve', 'Chorus 65', 'character', 'women', 'canvas', 'buckle', 3, 65, [2, 9, 0.5], 'M W'),
  style('first-steps', 'minim', 'First Steps', 'ballet-slipper', 'unisex', 'soft-leather', 'elastic', 1, 0, [2, 10, 0.5], 'N M W'),
  style('adagio', 'minim', 'Adagio', 'ballet-slipper', 'unisex', 'canvas', 'elastic', 1, 0, [2, 10, 0.5], 'N M W'),
  style('paper-lantern', 'suzu', 'Paper Lantern', 'sneaker', 'women', 'canvas', 'lace', 2, 15, [22, 27, 0.5], 'D E EE', { footbed: 3 }),
  style('tea-house', 'suzu', 'Tea House', 'sneaker', 'women', 'soft-leather', 'lace', 2, 18, [22, 27, 0.5], 'E EE EEE', { footbed: 4 }),
  style('stair', 'kaede', 'Stair', 'loafer', 'men', 'smooth-leather', 'none', 3, 22, [24, 30, 0.5], 'E EE EEE'),
  style('stair-suede', 'kaede', 'Stair Suede', 'loafer', 'men', 'suede', 'none', 3, 22, [24, 29, 0.5], 'EE EEE'),
  style('tram', 'ginger', 'Tram', 'sneaker', 'men', 'canvas', 'lace', 2, 15, [6, 15, 0.5], 'B D EE', { footbed: 4 }),
  style('tram-leather', 'ginger', 'Tram Leather', 'sneaker', 'men', 'smooth-leather', 'lace', 3, 18, [6, 14, 0.5], 'B D EE EEEE', { footbed: 4 }),
  style('night-tram', 'ginger', 'Night Tram', 'walking', 'men', 'suede', 'hook-loop', 3, 20, [6, 14, 0.5], 'D EE EEEE', { footbed: 5 }),
  style('wide-berth', 'nutmeg', 'Wide Berth', 'extra-depth', 'women', 'soft-leather', 'hook-loop', 3, 20, [5, 12, 0.5], 'AA B D EE EEEE', { footbed: 6 }),
  style('wide-berth-lace', 'nutmeg', 'Wide Berth Lace', 'extra-depth', 'women', 'knit', 'lace', 3, 20, [5, 12, 0.5], 'B D EE', { footbed: 6 }),
  style('wide-berth-men', 'mace', 'Wide Berth Men', 'extra-depth', 'men', 'soft-leather', 'hook-loop', 3, 20, [7, 15, 0.5], 'D EE EEEE', { footbed: 6 }),
  style('boathouse', 'clove', 'Boathouse', 'sandal', 'women', 'smooth-leather', 'buckle', 2, 20, [5, 12, 1], 'A B D'),
  style('boathouse-wedge', 'clove', 'Boathouse Wedge', 'sandal', 'women', 'suede', 'strap', 3, 60, [5, 11, 1], 'B', { platform: 20 }),
  style('jetty', 'fennel', 'Jetty', 'loafer', 'women', 'soft-leather', 'none', 2, 20, [5, 11, 0.5], 'A B D'),
  style('jetty-knit', 'fennel', 'Jetty Knit', 'loafer', 'women', 'knit', 'none', 1, 15, [5, 11, 0.5], 'B'),
  style('playground', 'sprout', 'Playground', 'sneaker', 'children', 'canvas', 'hook-loop', 2, 12, [1, 7, 0.5], 'B C D EE', { footbed: 3 }),
  style('mistral-75', 'tern', 'Mistral 75', 'pump', 'women', 'satin', 'none', 3, 75, [35, 42, 1], 'R W'),
  style('sirocco', 'dunlin', 'Sirocco', 'flat', 'women', 'soft-leather', 'none', 2, 10, [35, 42, 0.5], 'N R W'),
  style('levanter', 'lapwing', 'Levanter', 'sandal', 'women', 'smooth-leather', 'buckle', 2, 25, [35, 42, 1], 'N R W'),
  style('tramontane', 'curlew', 'Tramontane', 'tall-boot', 'women', 'smooth-leather', 'zip', 3, 35, [35, 43, 0.5], 'N R W'),
  style('ostro-60', 'siskin', 'Ostro 60', 'pump', 'women', 'smooth-leather', 'none', 3, 60, [35, 42, 0.5], 'N R W'),
  style('milestone', 'tansy', 'Milestone', 'walking', 'women', 'soft-leather', 'lace', 3, 24, [3, 9, 0.5], 'D E F G', { footbed: 4 }),
  style('fingerpost', 'burdock', 'Fingerpost', 'walking', 'men', 'suede', 'lace', 3, 26, [6, 13, 0.5], 'E F G H', { footbed: 4 }),
  style('stile', 'clover', 'Stile', 'loafer', 'women', 'smooth-leather', 'none', 3, 22, [3, 9, 0.5], 'D E F'),
  style('drystone', 'comfrey', 'Drystone', 'lace-boot', 'women', 'stiff-leather', 'lace', 4, 30, [3, 9, 0.5], 'D E F', { footbed: 3 }),
  style('noctilucent', 'halo', 'Noctilucent', 'pole-sandal', 'women', 'plastic', 'strap', 5, 178, [5, 12, 1], 'M', { platform: 70 }),
  style('penumbra', 'corona', 'Penumbra', 'pole-boot', 'women', 'matte-faux', 'lace', 5, 203, [5, 12, 1], 'M', { platform: 90 }),
  style('polar-95', 'aurora', 'Polar 95', 'heels-dance', 'women', 'suede', 'strap', 2, 95, [5, 12, 0.5], 'M'),
  style('attorney', 'vellum', 'Attorney', 'oxford', 'men', 'smooth-leather', 'lace', 4, 25, [6, 15, 0.5], 'B C D E EE EEE'),
  style('clerk', 'foolscap', 'Clerk', 'oxford', 'men', 'smooth-leather', 'lace', 3, 25, [6, 14, 0.5], 'C D E EE'),
  style('postilion', 'ledger', 'Postilion', 'western-boot', 'men', 'smooth-leather', 'none', 4, 40, [7, 14, 0.5], 'C D E EE'),
  style('paper-mill', 'inkwell', 'Paper Mill', 'western-boot', 'men', 'stiff-leather', 'none', 5, 45, [7, 14, 0.5], 'C D EE'),
  style('courier', 'sealwax', 'Courier', 'walking', 'men', 'mesh', 'lace', 2, 24, [6, 15, 0.5], 'C D E EE EEE', { footbed: 5 })
];
