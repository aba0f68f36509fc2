/** Days before an event by which things are done [practice]. */
export const BEFORE = { hemDone: 3, hemBegun: 13, inHand: 14 } as const;
const DAY_MS = 86_400_000;

/** A day some days from another. @param day `2026-06-12` */
export const dayFrom = (day: string, days: number): string => new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

export interface PlanDates {
  orderBy: string;
  inHandBy: string;
  /** With the shoes on. */
  hemBy: string | null;
  hemDoneBy: string | null;
  /** Last day to try them at home and send them back. */
  lastTry: string | null;
  /** Ordering is too late: what is in stock or owned only. */
  tooLateToOrder: boolean;
  eventPassed: boolean;
}
/**
 * Dates backward from an event.
 * @param deliveryDays from the order to the door @param returnDays in which they may go back; none where they may not
 */
export function planDates(
  event: string,
  today: string,
  { deliveryDays, hem, returnDays }: { deliveryDays: number; hem: boolean; returnDays: number | null }
): PlanDates {
  const hemBy = hem ? dayFrom(event, -BEFORE.hemBegun) : null;
  const worn = dayFrom(event, -BEFORE.inHand);
  const inHandBy = hemBy !== null && dayFrom(hemBy, -1) < worn ? dayFrom(hemBy, -1) : worn;
  const orderBy = dayFrom(inHandBy, -deliveryDays);
  const back = returnDays === null ? null : dayFrom(inHandBy, returnDays);
  return {
    orderBy,
    inHandBy,
    hemBy,
    hemDoneBy: hem ? dayFrom(event, -BEFORE.hemDone) : null,
    lastTry: back !== null && back > event ? event : back,
    tooLateToOrder: orderBy < today,
    eventPassed: event < today
  };
}
