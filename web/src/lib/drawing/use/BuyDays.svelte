<script lang="ts">
  import { differenceInCalendarDays, format, parseISO } from 'date-fns';

  /** From today to the event: how long a pair is worn in, and the days to buy it by. Days as YYYY-MM-DD. */
  let { today, better, last, event }: { today: string; better: string; last: string; event: string } = $props();
  const [WIDE, LEFT, AT] = [640, 16, 58];
  const fromToday = (day: string): number => differenceInCalendarDays(parseISO(day), parseISO(today));
  /** The drawing begins with today, or with the better day where that is past. */
  const from = $derived(Math.min(0, fromToday(better)) - 1);
  const to = $derived(Math.max(0, fromToday(event)) + 1);
  const x = (day: string): number => LEFT + ((fromToday(day) - from) / (to - from)) * (WIDE - 2 * LEFT);
  const shortDay = (day: string): string => format(parseISO(day), 'd MMM');
  const marks = $derived([
    { day: better, words: 'better by', up: true },
    { day: last, words: 'at the latest', up: false },
    { day: event, words: 'the day', up: true }
  ]);
  const anchorOf = (at: number): string => (at < 90 ? 'start' : at > WIDE - 90 ? 'end' : 'middle');
</script>

<svg viewBox="0 0 {WIDE} 124" class="block w-full" role="img" aria-label="Buy by {shortDay(better)}, at the latest {shortDay(last)}, for {shortDay(event)}">
  <line x1={LEFT} x2={WIDE - LEFT} y1={AT} y2={AT} stroke="var(--color-line)" stroke-width="6" stroke-linecap="round" />
  <line x1={x(better)} x2={x(last)} y1={AT} y2={AT} stroke="var(--color-brass-bright)" stroke-width="10" />
  <line x1={x(last)} x2={x(event)} y1={AT} y2={AT} stroke="var(--color-tight-soft)" stroke-width="10" />
  <line x1={x(today)} x2={x(today)} y1={AT - 14} y2={AT + 14} stroke="var(--color-ink)" stroke-width="2.5" />
  <text x={x(today)} y={AT + 30} font-size="14" text-anchor={anchorOf(x(today))} fill="currentColor">today</text>
  {#each marks as m (m.words)}
    {@const at = x(m.day)}
    <circle cx={at} cy={AT} r="7" fill="var(--color-sheet)" stroke="var(--color-ink)" stroke-width="2" />
    <text x={at} y={m.up ? AT - 32 : AT + 48} font-size="14" text-anchor={anchorOf(at)} fill="currentColor">{m.words}</text>
    <text x={at} y={m.up ? AT - 15 : AT + 65} font-size="15" font-weight="600" text-anchor={anchorOf(at)} fill="currentColor">{shortDay(m.day)}</text>
  {/each}
</svg>
