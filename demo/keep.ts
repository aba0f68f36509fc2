/** Two years of pairs of the demo's people, in days before the day the demo is opened: what they wear, what was done to it, what comes. */
import { KIND_LIFE, type CheckId, type LifeEventId, type PairUseId, type WearUnitId } from '@chiave/core/keep';
import type { KindId, Style, SymptomId } from '@chiave/core/fit';
import type { DemoFitting } from './history';
import { seeded } from './random';

/** The day all of the demo is told from; when it is loaded, it becomes that day. */
export const DEMO_TODAY = '2026-11-20';
const DAY_MS = 86_400_000;

export interface DemoHabit {
  fromAgo: number;
  untilAgo: number | null;
  unit: WearUnitId;
  perWeek: number;
  times: number;
}
export interface DemoLife {
  ago: number;
  what: LifeEventId;
  amount?: number;
  unit?: WearUnitId;
  cost?: number;
  checks?: Partial<Record<CheckId, number>>;
  note?: string;
}
export interface DemoPair {
  person: string;
  /** Of the stockroom; null where it is known by its label. */
  style: string | null;
  /** It was kept at a visit so many days ago, of which the try is known. */
  ofTry: boolean;
  name: string;
  kind: KindId;
  size: string;
  width: string;
  boughtAgo: number | null;
  price: number | null;
  returnIn?: number;
  orderedAgo?: number;
  expectedIn?: number;
  uses: PairUseId[];
  production?: string;
  season?: string;
  story?: string;
  maker?: string;
  colour?: string;
  habits: DemoHabit[];
  life: DemoLife[];
}

type Habit = [unit: WearUnitId, perWeek: number, times: number];
/** How a kind is worn in this house: so much a week. */
const WEEKLY: Readonly<Record<KindId, Habit>> = {
  oxford: ['hours', 11, 4], loafer: ['hours', 8, 4], pump: ['performances', 2, 2], flat: ['hours', 17, 5], sandal: ['hours', 5, 2], 'lace-boot': ['hours', 26, 4], 'elastic-boot': ['hours', 14, 4],
  'western-boot': ['hours', 7, 2], 'tall-boot': ['hours', 6, 2], sneaker: ['hours', 13, 5], running: ['km', 8, 3], walking: ['km', 11, 5], 'extra-depth': ['hours', 24, 5], 'heels-dance': ['classes', 2, 2],
  'pole-sandal': ['classes', 2, 2], 'pole-boot': ['classes', 2, 2], character: ['classes', 2, 2], 'ballet-slipper': ['classes', 2, 2], pointe: ['hours', 2, 2]
}; // prettier-ignore
/** Tips are changed in this house after so many days, if somebody thinks of it. */
const TIPS_EACH = 176;
const TIP_COST = 14;
const RESOLED_AFTER_H = 330;
const RESOLE_COST = 48;
const HOURS_EACH: Readonly<Record<WearUnitId, number>> = { hours: 1, km: 0.2, classes: 1.25, performances: 2.5 };

/** What is worn on the last days, noted by hand beside the habit. */
function lately([unit, perWeek, times]: Habit, random: ReturnType<typeof seeded>): DemoLife[] {
  const each = Math.max(1, Math.round(perWeek / times));
  return [9, 6, 2].filter(() => random.uniform() < 0.6).map((ago) => ({ ago, what: 'worn' as const, amount: unit === 'classes' || unit === 'performances' ? 1 : each, unit })); // prettier-ignore
}
/** The life line of a pair that goes on, or ended when the next of its kind was kept. */
function lineOf(kind: KindId, boughtAgo: number, endsAgo: number | null, random: ReturnType<typeof seeded>): Pick<DemoPair, 'habits' | 'life'> {
  const habit = WEEKLY[kind];
  const [unit, perWeek, times] = habit;
  const { tip, leatherSole, dance } = KIND_LIFE[kind];
  const fromAgo = Math.max(0, boughtAgo - 4);
  const life: DemoLife[] = [];
  const until = endsAgo ?? 0;
  if (tip) {
    const each = TIPS_EACH + Math.round(14 * random.uniform());
    for (let ago = boughtAgo - each; ago > until + 8; ago -= each) if (random.uniform() < 0.85) life.push({ ago, what: 'tipped', cost: TIP_COST });
  }
  if (leatherSole && !dance) {
    const days = Math.round((RESOLED_AFTER_H / (perWeek * HOURS_EACH[unit])) * 7);
    for (let ago = boughtAgo - days; ago > until + 8; ago -= days) life.push({ ago, what: 'resoled', cost: RESOLE_COST });
  }
  if (boughtAgo > 150 && random.uniform() < 0.5) life.push({ ago: Math.round(boughtAgo / 2), what: 'washed' });
  if (endsAgo === null && boughtAgo > 25) life.push(...lately(habit, random));
  if (endsAgo !== null) life.push({ ago: endsAgo, what: 'retired' });
  return { habits: [{ fromAgo, untilAgo: endsAgo, unit, perWeek, times }], life: life.sort((a, b) => b.ago - a.ago) };
}
/** Days after the next pair of a kind until the one before is worn no more. */
const OVERLAP = 30;
/** Pairs kept at visits: each goes on until the next of its kind has taken over. */
function keptPairs(fittings: readonly DemoFitting[], styles: readonly Style[]): DemoPair[] {
  const kept = fittings.flatMap(
    (f) =>
    f.tries
      .filter((t) => t.outcome === 'kept')
      .map((t) => ({ f, t, style: styles.find((s) => s.id === t.style)!, ago: Math.round((Date.parse(`${DEMO_TODAY}T15:00:00Z`) - Date.parse(f.openedAt)) / DAY_MS) })) // prettier-ignore
  );
  return kept.map(({ f, t, style, ago }, i) => {
    const random = seeded(9100 + i);
    const next = kept.filter((o) => o.f.person === f.person && o.style.kind === style.kind && o.ago < ago).reduce((a, o) => Math.max(a, o.ago), -1);
    const ends = next < 0 ? null : Math.max(1, next - OVERLAP);
    return {
      person: f.person,
      style: style.id,
      ofTry: true,
      name: style.name,
      kind: style.kind,
      size: t.size,
      width: t.width,
      boughtAgo: ago,
      price: Number((style as { details?: { price?: number } }).details?.price ?? 0) || null,
      uses: [...KIND_LIFE[style.kind].uses].slice(0, 2),
      ...(style.kind === 'character' || style.kind === 'pump' ? { production: 'operetta', season: ago < 120 ? '2026/27' : '2025/26' } : {}),
      ...lineOf(style.kind, ago, ends, random)
    };
  });
}
type Own = Pick<DemoPair, 'person' | 'name' | 'kind' | 'size'> & Partial<DemoPair>;
const own = (p: Own): DemoPair => ({ style: null, ofTry: false, width: '', boughtAgo: null, price: null, uses: [], habits: [], life: [], ...p });
const habit = (fromAgo: number, unit: WearUnitId, perWeek: number, times: number, untilAgo: number | null = null): DemoHabit => ({
  fromAgo,
  untilAgo,
  unit,
  perWeek,
  times
});
/** Pairs that were bought elsewhere, are on their way, or are new. */
const OTHERS: readonly DemoPair[] = [
  own({ person: 'ilva-serrandi', style: 'moonrise-70', name: 'Moonrise 70', kind: 'pump', size: '38.5', width: 'medium', boughtAgo: 12, price: 150, returnIn: 3, uses: ['stage'], colour: 'ink', production: 'operetta', season: '2026/27' }),
  own({ person: 'oriele-macchiara', name: 'studio heels, black', maker: 'from a class mate', kind: 'heels-dance', size: '6', boughtAgo: 236, price: 35, uses: ['floor'], habits: [habit(230, 'classes', 2, 2)], life: [{ ago: 60, what: 'checked', checks: { tip: 3, toe: 3 } }], story: 'borrowed first, then bought: a size that was there' }),
  own({ person: 'wanda-okebri', name: 'winter boots, third pair of socks', kind: 'lace-boot', size: '40', boughtAgo: 700, price: 180, uses: ['street'], habits: [habit(690, 'hours', 6, 3, 230)], life: [{ ago: 228, what: 'sold', note: 'to a sister: they never held the heel' }] }),
  own({ person: 'ilario-mossvik', name: 'cancan shoes of last season', kind: 'character', size: '10', boughtAgo: 420, price: 95, uses: ['stage'], production: 'operetta', season: '2025/26', habits: [habit(410, 'classes', 3, 3)], life: [{ ago: 214, what: 'tipped', cost: TIP_COST }, { ago: 30, what: 'checked', checks: { tip: 2, insole: 3 } }] }),
  own({ person: 'ilario-mossvik', name: 'Chorus 65, special', kind: 'character', size: '10.5', width: 'M', price: 128, orderedAgo: 40, expectedIn: 2, uses: ['stage'], production: 'operetta', season: '2026/27' }),
  own({ person: 'kilian-porrovecchio', name: 'seven-inch sandals, second hand', kind: 'pole-sandal', size: '10', boughtAgo: 300, price: 40, uses: ['air', 'floor'], habits: [habit(290, 'classes', 2, 2)], life: [{ ago: 110, what: 'tipped', cost: TIP_COST }, { ago: 12, what: 'capped', cost: 6 }] }),
  own({ person: 'jory-tamblin', name: 'grey trainers of last year', kind: 'running', size: '44', boughtAgo: 640, price: 110, uses: ['long'], habits: [habit(630, 'km', 25, 3, 418)], life: [{ ago: 415, what: 'retired' }] }),
  own({ person: 'perla-ondavi', name: 'slippers from the school’s box', kind: 'ballet-slipper', size: '3', boughtAgo: 430, price: 12, uses: ['floor'], habits: [habit(428, 'classes', 2, 2, 62)], life: [{ ago: 60, what: 'given', note: 'to the first class' }] }),
  own({ person: 'greta-ollivand', name: 'first slippers', kind: 'ballet-slipper', size: '11', boughtAgo: 66, price: 14, uses: ['floor'], colour: 'pink', habits: [habit(62, 'classes', 1, 1)], story: 'sewn twice: the elastics came off' }),
  own({ person: 'dorian-vespuccelli', name: 'black patent, grandfather’s', kind: 'oxford', size: '8', boughtAgo: null, price: null, uses: ['stage'], life: [{ ago: 190, what: 'repaired', cost: 60, note: 'welt sewn' }, { ago: 20, what: 'worn', amount: 1, unit: 'performances' }, { ago: 1, what: 'worn', amount: 1, unit: 'performances' }], story: 'half a size short since always' })
]; // prettier-ignore
/** What is told of kept pairs beside the usual line, by person and style. */
const TOLD: readonly { person: string; style: string; more: (p: DemoPair) => Partial<DemoPair> }[] = [
  { person: 'jory-tamblin', style: 'tarn', more: () => ({ uses: ['long', 'tempo'], habits: [habit(136, 'km', 22, 3)], life: [{ ago: 28, what: 'checked', checks: { tread: 3, firmness: 3 } }, { ago: 5, what: 'worn', amount: 12, unit: 'km' }, { ago: 3, what: 'worn', amount: 8, unit: 'km' }] }) },
  { person: 'renzo-kallamby', style: 'tarn', more: () => ({ life: [{ ago: 20, what: 'checked', checks: { tread: 2, firmness: 3 } }] }) }
]; // prettier-ignore

export interface DemoEvent {
  person: string;
  name: string;
  inDays: number;
  kind: KindId;
  hem?: boolean;
  kmAWeek?: number;
}
const EVENTS: readonly DemoEvent[] = [
  { person: 'jory-tamblin', name: 'the lakeside run', inDays: 35, kind: 'running', kmAWeek: 22 },
  { person: 'renzo-kallamby', name: 'the lakeside run', inDays: 35, kind: 'running', kmAWeek: 40 },
  { person: 'cosima-travaglin', name: 'the gala on the lawn', inDays: 24, kind: 'pump', hem: true },
  { person: 'tullio-brambati', name: 'the winter concert', inDays: 20, kind: 'oxford' },
  { person: 'abel-quintavar', name: 'the tour', inDays: 60, kind: 'lace-boot' }
];
export interface DemoWish {
  person: string;
  name: string;
  style: string | null;
  colour: string;
  size: string;
  width: string;
  priority: 'first' | 'soon' | 'some-day';
  found?: boolean;
}
const WISHES: readonly DemoWish[] = [
  { person: 'oriele-macchiara', name: 'Polar 95 in black', style: 'polar-95', colour: 'black', size: '6.5', width: 'M', priority: 'first' },
  { person: 'oriele-macchiara', name: 'the same in a red', style: null, colour: 'red', size: '6.5', width: 'M', priority: 'soon' },
  { person: 'oriele-macchiara', name: 'and in her skin tone', style: null, colour: 'skin tone', size: '6.5', width: 'M', priority: 'some-day' },
  { person: 'tecla-brindavoll', name: 'Polar 95, a second pair', style: 'polar-95', colour: 'black', size: '6.5', width: 'M', priority: 'soon', found: true },
  { person: 'nerina-valdoro', name: 'Pebble in slate', style: 'pebble-slate', colour: 'slate', size: '37', width: 'wide', priority: 'first' }
];
export interface DemoTrouble {
  person: string;
  ago: number;
  symptom: SymptomId;
  side: 'left' | 'right' | 'both';
  style: string | null;
  place?: { x: number; y: number };
  note?: string;
}
const TROUBLES: readonly DemoTrouble[] = [
  { person: 'amos-kellendrin', ago: 320, symptom: 'toe-callus', side: 'right', style: 'hedger-soft-umber', place: { x: 0.84, y: -0.15 } },
  { person: 'amos-kellendrin', ago: 60, symptom: 'toe-callus', side: 'right', style: 'hedger-umber', place: { x: 0.83, y: -0.155 }, note: 'the same place again' },
  { person: 'jory-tamblin', ago: 45, symptom: 'black-nail', side: 'right', style: 'tarn', place: { x: 0.97, y: 0.06 }, note: 'after the long one downhill' },
  { person: 'savina-grell', ago: 9, symptom: 'toe-top-rub', side: 'left', style: 'second-violin-slate', place: { x: 0.9, y: -0.02 }, note: 'red over the second toe: shown to the clinic' },
  { person: 'rosalba-tivenne', ago: 30, symptom: 'burning-ball', side: 'left', style: 'jetty-gloss', place: { x: 0.72, y: 0.17 } }
]; // prettier-ignore
export interface DemoLook {
  person: string;
  ago: number;
  found: ('nothing' | 'red' | 'blister')[];
}
/** Days without a look, of those whose feet are looked at daily. */
const MISSED: Readonly<Record<string, readonly number[]>> = { 'savina-grell': [4, 11, 12], 'ruben-castegno': [1, 2, 3, 16], 'baldo-fiorante': [8] };
const LOOKS: readonly DemoLook[] = Object.entries(MISSED).flatMap(([person, missed]) =>
  Array.from({ length: 26 }, (_, i) => i + 1)
    .filter((ago) => !missed.includes(ago))
    .map((ago): DemoLook => ({ person, ago, found: person === 'savina-grell' && ago === 9 ? ['red'] : ['nothing'] }))
);
export interface DemoSaid {
  person: string | null;
  askedBy: string;
  ago: number;
  kind: 'size' | 'arrive' | 'first';
  about: string;
  title: string;
  answer: string;
  lines: [string, string][];
  reservations: string[];
}
const inUsher = (person: string | null, askedBy: string, ago: number, from: string, answer: string): DemoSaid => ({
  person, askedBy, ago, kind: 'size', about: 'the second violin in usher', title: `${from} in Usher`, answer,
  lines: [[`worn: Second Violin ${from}, just right`, ''], ['the inside is longer by', '+3 mm'], ['the ball is fuller by', '+2 mm']],
  reservations: ['a pair of one size differs by 2 mm from another', 'in the afternoon, in the sock it is for']
}); // prettier-ignore
const SAID: readonly DemoSaid[] = [
  inUsher('livia-sandrel', '', 41, '7', '41 1/3'),
  inUsher(null, 'a second oboe from across the lake', 27, '8', '42 2/3'),
  inUsher('mafalda-zenthorpe', '', 6, '6.5', '40'),
  { person: 'greta-ollivand', askedBy: '', ago: 70, kind: 'first', about: 'first slippers', title: 'First slippers', answer: 'full sole, canvas', lines: [['no room and no folds: the toes lie flat', ''], ['canvas breathes, and slides a little on the vinyl of the studio', '']], reservations: ['the teacher says which sole'] },
  { person: 'livia-sandrel', askedBy: '', ago: 40, kind: 'arrive', about: 'loafers by post', title: 'When your loafers arrive', answer: '', lines: [['on carpet only, both feet, with the sock they are for', ''], ['walk for a quarter of an hour; then the ball, the heel, the throat', '']], reservations: ['what hurts, comes back'] }
]; // prettier-ignore

export interface DemoAppointment {
  person: string;
  inDays: number;
  time: string;
  minutes: number;
  purpose: string;
}
const comes = (person: string, inDays: number, time: string, minutes: number, purpose: string): DemoAppointment => ({ person, inDays, time, minutes, purpose });
const APPOINTMENTS: readonly DemoAppointment[] = [
  comes('mina-lindqvarn', 0, '09:30', 30, 'school shoes'), comes('ilva-serrandi', 0, '10:30', 60, 'pumps, operetta'), comes('cosima-travaglin', 0, '12:00', 60, 'gala pair, hem'),
  comes('oriele-macchiara', 0, '14:30', 75, 'heels class'), comes('savina-grell', 0, '16:30', 60, 'clinic’s letter'), comes('jory-tamblin', 1, '17:30', 45, 'the next running pair'),
  comes('piero-halvarin', 2, '16:00', 30, 'measured again')
]; // prettier-ignore

export interface DemoKept {
  appointments: readonly DemoAppointment[];
  pairs: DemoPair[];
  events: readonly DemoEvent[];
  wishes: readonly DemoWish[];
  troubles: readonly DemoTrouble[];
  looks: readonly DemoLook[];
  said: readonly DemoSaid[];
}
export function keptFile(fittings: readonly DemoFitting[], styles: readonly Style[]): DemoKept {
  const pairs = [...keptPairs(fittings, styles), ...OTHERS].map((p) => {
    const told = TOLD.find((t) => t.person === p.person && t.style === p.style);
    return told ? { ...p, ...told.more(p) } : p;
  });
  return { pairs, appointments: APPOINTMENTS, events: EVENTS, wishes: WISHES, troubles: TROUBLES, looks: LOOKS, said: SAID };
}
