/** The invented people of the demo: their feet in millimetres, and what they come for. */
import type { FlagId } from '@chiave/core/fit';
import type { ArchType, FootToeShape } from '@chiave/core/measure';

export interface PersonDesign {
  id: string;
  name: string;
  born: number;
  work: string;
  story: string;
  group: 'women' | 'men';
  flags?: FlagId[];
  purpose: string;
  kinds: string[];
  sockMm: number;
  preference?: 'snug' | 'regular' | 'generous';
  toeShape: FootToeShape;
  arch: ArchType;
  /** length, ball length, ball width, ball girth, heel width, instep girth, calf girth; null not taken. */
  left: (number | null)[];
  right: (number | null)[];
  bunion?: [number, number];
  hammer?: [number, number];
  reach?: number;
}

export const PEOPLE: PersonDesign[] = [
  { id: 'ilva-serrandi', name: 'Ilva Serrandi', born: 1991, work: 'chorus, soprano', story: "A women's 7.5 that is a men's 6 by one rule and a 6.5 by another.", group: 'women', purpose: 'a pair of black pumps for the operetta', kinds: ['pump'], sockMm: 0.3, toeShape: 'egyptian', arch: 'medium', left: [238, 172, 88, 219, 58, 219], right: [239, 173, 88.5, 220, 58, 221], reach: 48 },
  { id: 'nerina-valdoro', name: 'Nerina Valdoro', born: 1985, work: 'front of house', story: 'Walks all evening; the same foot in a pointed and in a round flat.', group: 'women', purpose: 'flats for five evenings a week', kinds: ['flat'], sockMm: 0, toeShape: 'square', arch: 'low', left: [222, 162, 88, 216, 57, 218], right: [222, 161, 89, 217, 57, 219] },
  { id: 'tullio-brambati', name: 'Tullio Brambati', born: 1972, work: 'second bassoon', story: 'Orchestra in black; one foot a size longer than the other.', group: 'men', purpose: 'black oxfords for the pit', kinds: ['oxford', 'loafer'], sockMm: 1, toeShape: 'egyptian', arch: 'medium', left: [262, 190, 97, 243, 65, 246], right: [270, 195, 98, 245, 66, 247] },
  { id: 'oriele-macchiara', name: 'Oriele Macchiara', born: 2003, work: 'corps de ballet', story: 'Hypermobile, high arches, long second toe; heels class on Mondays.', group: 'women', flags: ['hypermobile'], purpose: 'first shoes for heels class', kinds: ['heels-dance'], sockMm: 0.3, preference: 'snug', toeShape: 'greek', arch: 'high', left: [241, 176, 86, 214, 57, 222], right: [240, 175, 86, 214, 57, 221], reach: 72 },
  { id: 'ruben-castegno', name: 'Ruben Castegno', born: 1979, work: 'stage manager', story: 'An ankle-foot orthosis on the left; the clinic sets the drop.', group: 'men', flags: ['brace'], purpose: 'a shoe that takes the brace', kinds: ['extra-depth', 'walking'], sockMm: 2.5, toeShape: 'egyptian', arch: 'low', left: [274, 198, 108, 268, 71, 272], right: [273, 198, 104, 258, 69, 262] },
  { id: 'savina-grell', name: 'Savina Grell', born: 1958, work: 'usher', story: 'Diabetes, numb feet: depth and length by the published rule, the clinic first.', group: 'women', flags: ['diabetic', 'numb'], purpose: 'standing all evening', kinds: ['extra-depth'], sockMm: 2.5, preference: 'generous', toeShape: 'egyptian', arch: 'low', left: [244, 177, 97, 240, 63, 246], right: [245, 178, 98, 242, 63, 247], hammer: [3, 4] },
  { id: 'elmo-ridolfin', name: 'Elmo Ridolfin', born: 1947, work: 'cello, retired', story: 'Remeasured after twenty years: longer and wider than he thinks.', group: 'men', purpose: 'everyday lace shoes', kinds: ['walking', 'oxford'], sockMm: 1, preference: 'generous', toeShape: 'egyptian', arch: 'low', left: [268, 194, 104, 256, 68, 256], right: [269, 195, 105, 258, 68, 259], bunion: [4, 6] },
  { id: 'dafne-pellarin', name: 'Dafne Pellarin', born: 1996, work: 'mezzo, pregnant', story: 'Six months along; feet fuller by the week.', group: 'women', flags: ['pregnant', 'swollen'], purpose: 'something to rehearse in', kinds: ['sneaker', 'walking'], sockMm: 1, preference: 'generous', toeShape: 'egyptian', arch: 'medium', left: [246, 178, 94, 234, 61, 238], right: [247, 179, 95, 236, 61, 239] },
  { id: 'jory-tamblin', name: 'Jory Tamblin', born: 1994, work: 'répétiteur', story: 'Runs the charity lakeside race in five weeks; black nail on the right.', group: 'men', purpose: 'the lakeside run', kinds: ['running'], sockMm: 2.5, toeShape: 'egyptian', arch: 'medium', left: [272, 197, 100, 249, 66, 250], right: [274, 198, 100, 250, 66, 251] },
  { id: 'wanda-okebri', name: 'Wanda Okebri', born: 1988, work: 'principal dancer', story: 'Very narrow foot, slips out of everything.', group: 'women', purpose: 'a boot for the winter', kinds: ['elastic-boot', 'lace-boot', 'tall-boot'], sockMm: 1, preference: 'snug', toeShape: 'egyptian', arch: 'high', left: [252, 183, 84, 209, 56, 214, 346], right: [253, 184, 84, 210, 56, 214, 344] },
  { id: 'baldo-fiorante', name: 'Baldo Fiorante', born: 1968, work: 'bass, below-knee prosthesis right', story: 'The device stands at a 10 mm drop; the left foot does the work.', group: 'men', flags: ['prosthesis'], purpose: 'boots for the rustic scene', kinds: ['elastic-boot', 'western-boot'], sockMm: 1, toeShape: 'egyptian', arch: 'medium', left: [278, 202, 106, 262, 70, 262], right: [276, null, 102, 254, 68, null] },
  { id: 'mina-lindqvarn', name: 'Mina Lindqvarn', born: 2015, work: 'children’s chorus', story: 'A growing foot: room for growth, and the next check in six months.', group: 'women', purpose: 'shoes for school and rehearsal', kinds: ['sneaker'], sockMm: 1, toeShape: 'egyptian', arch: 'medium', left: [212, 153, 80, 196, 53, 198], right: [213, 154, 80, 197, 53, 198] },
  { id: 'cosima-travaglin', name: 'Cosima Travaglin', born: 1990, work: 'from the town', story: 'A bride: the ceremony on the lawn, the dance on parquet.', group: 'women', purpose: 'wedding, lawn and dance floor', kinds: ['pump', 'sandal'], sockMm: 0.3, toeShape: 'greek', arch: 'medium', left: [243, 176, 90, 223, 60, 224], right: [243, 176, 90, 224, 60, 225], bunion: [3, 0], reach: 38 },
  { id: 'abel-quintavar', name: 'Abel Quintavar', born: 1983, work: 'stage crew', story: 'Very wide, square toes; nothing in the shop windows fits.', group: 'men', purpose: 'boots for the load-in', kinds: ['lace-boot', 'western-boot'], sockMm: 2.5, toeShape: 'square', arch: 'medium', left: [266, 193, 110, 272, 71, 274], right: [265, 192, 110, 271, 71, 272] },
  { id: 'livia-sandrel', name: 'Livia Sandrel', born: 1976, work: 'writes from across the lake', story: '“I wear 42 in yours, what am I in theirs?”', group: 'women', purpose: 'loafers by post', kinds: ['loafer', 'sneaker'], sockMm: 0.3, toeShape: 'egyptian', arch: 'medium', left: [258, null, 96, null, null, null], right: [259, null, null, null, null, null] }
];
