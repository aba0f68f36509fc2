<script lang="ts">
  import { PAIR_USE } from '@chiave/core/keep';
  import { format, parseISO } from 'date-fns';
  import type { RotationAnswer } from '$lib/api/keep-schema';

  /** Which pair on which day: a row a pair, a column a day; between two wears it rests. */
  let { turns }: { turns: RotationAnswer['turns'] } = $props();
  const days = $derived([...new Set(turns.map((t) => t.on))].sort());
  const pairs = $derived([...new Set(turns.flatMap((t) => (t.pair ? [t.pair.name] : [])))]);
  const [NAME, ROW, TOP] = [210, 44, 30];
  const wide = $derived(NAME + 74 * days.length);
  const high = $derived(TOP + ROW * Math.max(1, pairs.length) + 6);
  const x = (day: string): number => NAME + 74 * days.indexOf(day) + 37;
  const y = (pair: string): number => TOP + ROW * pairs.indexOf(pair) + ROW / 2;
  const said = $derived(
    turns.map((t) => `${format(parseISO(t.on), 'EEE')} ${PAIR_USE[t.use].name}: ${t.pair?.name ?? 'no pair'}${t.rested ? '' : ', not rested'}`).join('; ')
  );
</script>

<svg viewBox="0 0 {wide} {high}" class="block w-full" style="max-width: {wide}px" role="img" aria-label={said}>
  {#each days as day (day)}<text x={x(day)} y="18" font-size="15" text-anchor="middle" fill="currentColor">{format(parseISO(day), 'EEE d')}</text>{/each}
  {#each pairs as pair (pair)}
    <text x="4" y={y(pair) + 5} font-size="16" font-weight="600" fill="currentColor">{pair}</text>
    <line x1={NAME} x2={wide - 8} y1={y(pair)} y2={y(pair)} stroke="var(--color-line)" stroke-width="3" />
  {/each}
  {#each turns as t, at (at)}
    {#if t.pair}
      <rect
        x={x(t.on) - 33}
        y={y(t.pair.name) - 15}
        width="66"
        height="30"
        rx="6"
        fill="var(--color-brass-pale)"
        stroke={t.rested ? 'var(--color-brass-line)' : 'var(--color-tight)'}
        stroke-width={t.rested ? 1.5 : 2.5}
        stroke-dasharray={t.rested ? undefined : '5 3'}
      />
      <text x={x(t.on)} y={y(t.pair.name) + 5} font-size="14" text-anchor="middle" fill="currentColor">{PAIR_USE[t.use].name.split(' ')[0]}</text>
    {/if}
  {/each}
</svg>
