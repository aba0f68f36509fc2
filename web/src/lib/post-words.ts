import { CHAIR_STEP, protocolFor, stepsOf } from '@chiave/core/chair';
import type { FlagId, Style } from '@chiave/core/fit';

/** What somebody is asked to look at when they try at home: what takes time, and what the kinds need. */
export function checkWords(styles: readonly Style[], feels: readonly string[], flags: readonly FlagId[]): string {
  const long = [...new Set(styles.flatMap((s) => stepsOf(protocolFor(s.kind, flags)).filter((step) => step.minutes).map((step) => step.id)))].map((id) => CHAIR_STEP[id].name.toLowerCase()); // prettier-ignore
  const look = [...new Set(feels)].filter(Boolean);
  return [
    'On carpet only, with the sock they are for, both feet.',
    ...(long.length > 0 ? [`Take the time: ${long.join('; ')}.`] : []),
    ...(look.length > 0 ? [`Tell how these are: ${look.join('; ')}.`] : []),
    'What hurts, goes back.'
  ].join(' ');
}
/** Where a parcel stands against its last day to send back. */
export function dueWords(dueOn: string | null, today: string): string {
  if (dueOn === null) return 'no last day was noted';
  const days = Math.round((Date.parse(dueOn) - Date.parse(today)) / 86_400_000);
  if (days < 0) return `${-days === 1 ? 'one day' : `${-days} days`} past the last day to send back: ask the maker before anything is promised`;
  return days === 0 ? 'today is the last day to send back' : days === 1 ? 'goes back tomorrow at the latest' : `${days} days left to send back`;
}
