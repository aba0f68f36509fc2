<script lang="ts">
  import type { Grip } from '@chiave/core/use';

  /** Materials on one floor along their grip: where it slips, where it turns, where it sticks. @prop wanted cuts of what is wanted: from, best from, best to, to */
  let { rows, wanted, floor }: { rows: readonly { name: string; grip: Grip }[]; wanted: readonly [number, number, number, number]; floor: string } = $props();
  const [WIDE, LEFT, ROW, TOP] = [640, 190, 34, 30];
  const MOST = 1;
  const x = (mu: number): number => LEFT + (Math.min(MOST, mu) / MOST) * (WIDE - LEFT - 20);
  const bottom = $derived(TOP + rows.length * ROW);
  const word = (mu: number): string => (mu < wanted[0] ? 'slips' : mu > wanted[3] ? 'sticks' : 'slides and holds');
  const tone = (mu: number): string =>
    mu < wanted[0]
      ? 'var(--color-loose)'
      : mu > wanted[3]
        ? 'var(--color-tight)'
        : mu >= wanted[1] && mu <= wanted[2]
          ? 'var(--color-ink)'
          : 'var(--color-brass-line)';
</script>

<svg viewBox="0 0 {WIDE} {bottom + 26}" class="block w-full" role="img" aria-label="On {floor}: {rows.map((r) => `${r.name} ${word(r.grip.mu)}`).join(', ')}">
  <rect x={x(wanted[0])} width={x(wanted[3]) - x(wanted[0])} y={TOP - 8} height={bottom - TOP + 8} fill="var(--color-brass-pale)" opacity="0.6" />
  <rect x={x(wanted[1])} width={x(wanted[2]) - x(wanted[1])} y={TOP - 8} height={bottom - TOP + 8} fill="var(--color-brass-pale)" />
  <text x={x(wanted[0]) - 8} y={TOP - 14} font-size="14" text-anchor="end" fill="currentColor">slips</text>
  <text x={(x(wanted[1]) + x(wanted[2])) / 2} y={TOP - 14} font-size="14" text-anchor="middle" fill="currentColor">slides and holds</text>
  <text x={x(wanted[3]) + 8} y={TOP - 14} font-size="14" fill="currentColor">sticks</text>
  {#each rows as r, i (r.name)}
    {@const y = TOP + (i + 0.5) * ROW}
    <text x={LEFT - 12} y={y + 5} font-size="15" text-anchor="end" fill="currentColor">{r.name}</text>
    <line x1={x(r.grip.low)} x2={x(r.grip.high)} y1={y} y2={y} stroke={tone(r.grip.mu)} stroke-width="5" stroke-linecap="round" opacity="0.45" />
    <circle cx={x(r.grip.mu)} cy={y} r="8" fill={r.grip.pulls > 0 ? tone(r.grip.mu) : 'var(--color-sheet)'} stroke={tone(r.grip.mu)} stroke-width="3" />
  {/each}
  <text x={LEFT} y={bottom + 18} font-size="13" fill="currentColor">filled: the shop’s own pull; ring: our estimate with its band</text>
</svg>
