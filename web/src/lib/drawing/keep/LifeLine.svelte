<script lang="ts">
  import { LIFE_EVENT } from '@chiave/core/keep';
  import { addDays, differenceInCalendarDays, format, parseISO } from 'date-fns';
  import type { PairRow } from '$lib/api/keep-schema';
  import { leftWords, lifeWords, shortDay, wornWords } from '$lib/keep-words';

  /** The life of a pair on a line: what was done to it, what it has done, and the band in which it ends. */
  let { pair, today }: { pair: PairRow; today: string } = $props();
  const [WIDE, HIGH, LEFT, AT] = [560, 74, 10, 34];
  const worn = $derived(pair.counts === 'km' ? pair.worn.km : pair.worn.hours);
  const life = $derived({ low: worn + pair.left.low, centre: worn + pair.left.centre, high: worn + pair.left.high });
  const end = $derived(1.04 * Math.max(life.high, worn, 1));
  const x = (amount: number): number => LEFT + (amount / end) * (WIDE - 2 * LEFT);
  /** Where a day lies: wear goes on evenly between the days that are known. */
  const begun = $derived(pair.body.boughtOn ?? pair.life.at(-1)?.on ?? today);
  const all = $derived(Math.max(1, differenceInCalendarDays(parseISO(today), parseISO(begun))));
  const xDay = (day: string): number => x(worn * Math.min(1, Math.max(0, differenceInCalendarDays(parseISO(day), parseISO(begun)) / all)));
  /** What stands as a mark on the line: everything but plain wear. */
  const marks = $derived(pair.life.filter((e) => !LIFE_EVENT[e.what].wears));
  const isOver = $derived(pair.state !== 'owned' && pair.state !== 'ordered');
  /** When it will have reached the middle of its life, as it goes now. */
  const ends = $derived.by(() => {
    const rate = worn / all;
    return rate > 0 && pair.left.centre > 0 && pair.left.centre / rate < 3650
      ? format(addDays(parseISO(today), Math.round(pair.left.centre / rate)), 'MMM yyyy')
      : '';
  });
</script>

<svg
  viewBox="0 0 {WIDE} {HIGH}"
  class="block w-full"
  role="img"
  aria-label="{wornWords(pair)} worn, {leftWords(pair)}; {marks.map((m) => `${shortDay(m.on)} ${lifeWords(m)}`).join('; ')}"
>
  {#if !isOver && life.high > worn}
    <rect
      x={x(Math.max(worn, life.low))}
      width={Math.max(0, x(life.high) - x(Math.max(worn, life.low)))}
      y={AT - 13}
      height="26"
      fill="var(--color-brass-pale)"
    />
    {#if life.centre > worn}<line x1={x(life.centre)} x2={x(life.centre)} y1={AT - 13} y2={AT + 13} stroke="var(--color-brass-line)" stroke-width="2" />{/if}
  {/if}
  <line x1={x(0)} x2={WIDE - LEFT} y1={AT} y2={AT} stroke="var(--color-line)" stroke-width="3" />
  <rect x={x(0)} width={Math.max(2, x(worn) - x(0))} y={AT - 6} height="12" rx="2" fill="var(--color-leather)" opacity={isOver ? 0.45 : 1} />
  {#each marks as m (m.id)}
    <g transform="translate({xDay(m.on)} {AT})">
      <title>{shortDay(m.on)}: {lifeWords(m)}</title>
      {#if LIFE_EVENT[m.what].renews}<rect x="-5" y="-5" width="10" height="10" fill="var(--color-sheet)" stroke="var(--color-ink)" stroke-width="2" />
      {:else if LIFE_EVENT[m.what].checks}<circle r="5.5" fill="var(--color-sheet)" stroke="var(--color-ink)" stroke-width="2" />
      {:else if LIFE_EVENT[m.what].ends}<path d="M-6 -6 L6 6 M6 -6 L-6 6" stroke="var(--color-ink)" stroke-width="2.5" />
      {:else}<path d="M0 -7 L6 5 L-6 5 Z" fill="var(--color-sheet)" stroke="var(--color-ink)" stroke-width="2" />{/if}
    </g>
  {/each}
  {#if !isOver}<line x1={x(worn)} x2={x(worn)} y1={AT - 16} y2={AT + 16} stroke="var(--color-ink)" stroke-width="2.5" />{/if}
  <text x={x(0)} y="14" font-size="15" fill="currentColor">{pair.body.boughtOn ? format(parseISO(pair.body.boughtOn), 'MMM yyyy') : 'not noted when'}</text>
  <text x={Math.min(WIDE - 60, Math.max(28, x(worn)))} y={HIGH - 6} font-size="16" font-weight="600" text-anchor="middle" fill="currentColor"
    >{wornWords(pair)}</text
  >
  {#if ends && !isOver}<text x={WIDE - LEFT} y="14" font-size="15" text-anchor="end" fill="currentColor">about until {ends}</text>{/if}
</svg>
