import { lifeKm, type Runs } from './life';
import type { KindId } from '../fit';

/** Days a new pair is worn in: at least, and better [practice]. */
interface WearIn {
  least: number;
  better: number;
}
const WEAR_IN = { sport: { least: 7, better: 14 }, walking: { least: 5, better: 10 }, device: { least: 14, better: 21 }, pullOn: { least: 14, better: 28 }, lacedBoot: { least: 21, better: 42 }, slipper: { least: 2, better: 4 } } as const; // prettier-ignore
/** By kind; what stands nowhere is worn in like a walking shoe. */
const BY_KIND_DAYS: Partial<Readonly<Record<KindId, WearIn>>> = {
  running: WEAR_IN.sport, 'heels-dance': WEAR_IN.sport, pump: WEAR_IN.sport, sandal: WEAR_IN.sport, character: WEAR_IN.sport, 'pole-sandal': WEAR_IN.sport, 'pole-boot': WEAR_IN.sport,
  'lace-boot': WEAR_IN.lacedBoot, 'elastic-boot': WEAR_IN.pullOn, 'western-boot': WEAR_IN.pullOn, 'tall-boot': WEAR_IN.pullOn, 'ballet-slipper': WEAR_IN.slipper
}; // prettier-ignore
/** Days a kind is worn in; with a device longer. */
export const wearIn = (kind: KindId, withDevice: boolean): WearIn => {
  const own = BY_KIND_DAYS[kind] ?? WEAR_IN.walking;
  return withDevice ? { least: Math.max(own.least, WEAR_IN.device.least), better: Math.max(own.better, WEAR_IN.device.better) } : own;
};
/** A day so many days before another, as YYYY-MM-DD. */
export function daysBefore(day: string, days: number): string {
  const at = new Date(`${day}T12:00:00Z`);
  at.setUTCDate(at.getUTCDate() - days);
  return at.toISOString().slice(0, 10);
}
/** Days before an event at which to buy at the latest, and better. */
export function lastBuyDays(kind: KindId, withDevice: boolean, postDays: number): WearIn {
  const { least, better } = wearIn(kind, withDevice);
  return { least: least + postDays, better: better + postDays };
}
/** Last day to buy for an event, and the better one. @param postDays days in the post */
export const lastBuy = (event: string, kind: KindId, { withDevice = false, postDays = 0 } = {}): { last: string; better: string } => {
  const { least, better } = lastBuyDays(kind, withDevice, postDays);
  return { last: daysBefore(event, least), better: daysBefore(event, better) };
};
/** Whether a pair lives until a day, and what to do where it does not. */
export const UNTILS = [
  { id: 'lives', name: 'lives until then' },
  { id: 'look', name: 'look at the foam' },
  { id: 'next', name: 'plan the next pair' }
] as const;
export type Until = (typeof UNTILS)[number]['id'];
/** By what is left of its life on that day, shorter and middle: nought and less is over. */
export const untilBy = ({ low, centre }: { low: number; centre: number }): Until => (low > 0 ? 'lives' : centre > 0 ? 'look' : 'next');
/** Whether a running pair lives until the race. */
export function livesUntil(runKm: number, toComeKm: number, runs: Runs): Until {
  const { low, centre } = lifeKm(runs);
  return untilBy({ low: low - runKm - toComeKm, centre: centre - runKm - toComeKm });
}
export const UNTIL_WORDS = Object.fromEntries(UNTILS.map((u) => [u.id, u.name])) as Readonly<Record<Until, string>>;
