import { cuts, type Cuts } from '../zones';

/** How much room in front, where schools differ: the runner's finds most shoes too short, the clinic's that too long trips and shears. */
export const ROOM_SCHOOLS = [
  { id: 'middle', name: 'between the schools', shift: cuts(0, 0, 0, 0) },
  { id: 'runner', name: 'the runner’s: more room', shift: cuts(1, 2, 2, 2) },
  { id: 'clinic', name: 'the clinic’s: not too long', shift: cuts(0, -1, -3, -5) }
] as const satisfies readonly { id: string; name: string; shift: Cuts }[];
export type RoomSchool = (typeof ROOM_SCHOOLS)[number]['id'];
/** Millimetres each cut of the toe room moves by, in kinds that are walked and run in [estimate]. */
export const ROOM_SHIFT = Object.fromEntries(ROOM_SCHOOLS.map((s) => [s.id, s.shift])) as Readonly<Record<RoomSchool, Cuts>>;

/** Half of half a British size, mm: by so much a school asks for more toe room, or for less [estimate]. */
const BETWEEN_MM = 2.1;
/** What a kind goes as between two sizes; the other kinds are made in sizes fine enough. */
export type BetweenAs = 'sandal' | 'boot';
/** Sandals and boots between two sizes, where schools differ [practice]; dance heels often come in whole sizes only. */
export const BETWEEN_SCHOOLS = [
  { id: 'middle', name: 'between the schools', shiftMm: { sandal: 0, boot: 0 } },
  { id: 'sandals-down', name: 'sandals down, closed boots up', shiftMm: { sandal: -BETWEEN_MM, boot: BETWEEN_MM } },
  { id: 'boots-up', name: 'every boot up', shiftMm: { sandal: 0, boot: BETWEEN_MM } }
] as const satisfies readonly { id: string; name: string; shiftMm: Record<BetweenAs, number> }[];
export type BetweenSchool = (typeof BETWEEN_SCHOOLS)[number]['id'];
/** Millimetres of toe room a school asks for more or less, by what the kind goes as. */
export const BETWEEN_SHIFT = Object.fromEntries(BETWEEN_SCHOOLS.map((s) => [s.id, s.shiftMm])) as Readonly<Record<BetweenSchool, Record<BetweenAs, number>>>;

/** Shift of all cuts by how the wearer likes it, mm [estimate]. */
export const PREFERENCE_SHIFT = { snug: -3, regular: 0, generous: 4 } as const;
export type Preference = keyof typeof PREFERENCE_SHIFT;
export const PREFERENCES = Object.keys(PREFERENCE_SHIFT) as readonly Preference[];

/** Whether a shoe must fit now, or may mould to the foot within its growth. */
export const BREAK_INS = [
  { id: 'now', name: 'as it feels now' },
  { id: 'mould', name: 'let it mould' }
] as const;
export type BreakIn = (typeof BREAK_INS)[number]['id'];

/** Where practitioners differ: a choice in sight for each, and what they differ about. The first option is the usual one. */
export const SCHOOLS = [
  {
    id: 'breakIn',
    name: 'Leather that will give: two schools',
    options: BREAK_INS,
    differ:
      'One school: what you feel in the shop you go on feeling. The other: firm in girth is right where leather will give by its forecast. Length never gives, in either.'
  },
  {
    id: 'roomSchool',
    name: 'Room in front: where schools differ',
    options: ROOM_SCHOOLS,
    differ:
      'The runner’s school finds most shoes too short; the clinic’s that too long trips and too wide shears. For running, walking, sneakers, lace boots and oxfords; the zone’s limits move by a few millimetres (estimate).'
  },
  {
    id: 'betweenSchool',
    name: 'Sandals and boots between two sizes: where schools differ',
    options: BETWEEN_SCHOOLS,
    differ:
      'Many dance heels come in whole sizes only. One school sends sandals down and closed boots up; the other sends every boot up, since a tight one hurts. A wide foot goes up and a narrow one down in either; a high arch slides forward. Half a half size of toe room (estimate).'
  }
] as const;
