import { noteWords, wantedWords, type Judge, type Wanted } from '@chiave/core/use';
import { capital } from './capital';

/** What stands on a first pair's card. */
export interface FirstCard {
  title: string;
  wanted: readonly Wanted[];
  notes: Judge['notes'];
  /** Schools that were weighed, each with what was chosen. */
  schools: readonly { name: string; chosen: string }[];
  /** Styles on the shelf, best first, with how each suits. */
  shelf: readonly { name: string; suits: string }[];
}
/** The card as plain text, to be sent by whatever the shop writes with. */
export function firstCardText({ title, wanted, notes, schools, shelf }: FirstCard): string {
  const lines = [title, ''];
  for (const w of wanted) lines.push(`- ${capital(wantedWords(w))}${w.must ? ' (a must)' : ''}: ${w.why[0]}`);
  if (schools.length > 0) lines.push('', `Schools: ${schools.map((s) => `${s.name.toLowerCase()}: ${s.chosen}`).join('; ')}`);
  if (notes.length > 0) lines.push('', ...notes.map(({ note }) => noteWords(note)));
  if (shelf.length > 0) lines.push('', 'On our shelf:', ...shelf.map((s) => `- ${s.name}, ${s.suits}`));
  return lines.join('\n');
}
