import { formatDifference, signedNumber } from '../measure';
import type { ChainLine, NeighbourState, Reservation } from './chain';
import { formatSize } from './label';

/**
 * English words for a chain of sums. Nothing reads what is written here: another language is another catalogue.
 */
type LineTeller = { [K in ChainLine['id']]: (line: Extract<ChainLine, { id: K }>) => string };
const LINE: LineTeller = {
  scale: ({ start }) =>
    start.kind === 'foot' ? 'the foot as measured' : `${start.scale.name} ${formatSize(start.size, start.scale.step)} as a foot, school ${start.school}`,
  habit: ({ runs }) => `the last runs ${runs}`,
  purpose: ({ name }) => `for ${name}`,
  sock: () => 'sock and insert',
  preference: ({ preference }) => `likes it ${preference}`
};
/** What a line of a chain stands for, in words. */
export const chainLineWords = (line: ChainLine): string => (LINE[line.id] as (l: ChainLine) => string)(line);

/** How a size beside the label would be, in words. */
export const NEIGHBOUR_WORDS: Readonly<Record<NeighbourState, string>> = {
  short: 'short: the toes touch',
  close: 'close',
  roomy: 'with room to spare',
  long: 'long: it will need filling'
};

type ReservationTeller = { [K in Reservation['code']]: (r: Extract<Reservation, { code: K }>) => string };
const RESERVATION: ReservationTeller = {
  'outside-run': ({ scale, range }) => `${scale} is made from ${range[0]} to ${range[1]}: this one is outside it.`,
  'habit-unknown': ({ sdSizes }) => `Nothing is known of how this last runs: it may be ${sdSizes} of a size either way.`,
  'label-alone': () => 'From a label alone: the foot behind it may lie half a size either way.',
  'coarse-from-foot': ({ scale }) => `From a foot, sizes in ${scale} are good to about one size.`,
  'half-is-width': ({ scale }) => `In ${scale} a half size is wider, not longer.`,
  'length-only': () => 'Length only. Width and instep decide as often: try it on, both feet, late in the day.'
};
/** What is to be kept in mind, a sentence. */
export const reservationWords = (reservation: Reservation): string => (RESERVATION[reservation.code] as (r: Reservation) => string)(reservation);

/** What a size leaves over, in words: `exact`, or `+1.2 mm`. */
export const remainderWords = (mm: number): string => (signedNumber(mm) === '0' ? 'exact' : formatDifference(mm));
