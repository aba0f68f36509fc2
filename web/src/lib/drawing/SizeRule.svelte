<script lang="ts">
  import { formatLength, type LengthUnit } from '@chiave/core/measure';
  import { STRIPS, stripOf } from './rule-strips';

  let { leftMm, rightMm, unit }: { leftMm: number; rightMm: number; unit: LengthUnit } = $props();

  const WIDTH = 1180;
  const NAME = 196;
  const ROW = 24;
  const PAD = 10;
  const TOP = 66;

  const longer = $derived(Math.max(leftMm, rightMm));
  const from = $derived(Math.min(leftMm, rightMm) - 30);
  const to = $derived(longer + 30);
  const x = (mm: number) => NAME + ((mm - from) / (to - from)) * (WIDTH - NAME - 10);
  const strips = $derived(STRIPS.map((id) => stripOf(id, from, to, longer)).filter((s) => s.rows.some((r) => r.ticks.length > 0)));
  const tops = $derived.by(() => {
    let y = TOP;
    return strips.map((s) => {
      const top = y;
      y += s.rows.length * ROW + PAD;
      return top;
    });
  });
  const height = $derived(TOP + strips.reduce((sum, s) => sum + s.rows.length * ROW + PAD, 0) + 12);
  const marks = $derived(Array.from({ length: Math.floor(to) - Math.ceil(from) + 1 }, (_, i) => Math.ceil(from) + i));
  const close = $derived(Math.abs(x(leftMm) - x(rightMm)) < 70);
</script>

<!-- Scrollable by keyboard. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-x-auto" tabindex="0" role="region" aria-label="The rule: both feet and the size scales">
  <svg
    viewBox="0 0 {WIDTH} {height}"
    role="img"
    aria-label="Millimetre rule with left foot at {formatLength(leftMm, 'mm')} and right foot at {formatLength(
      rightMm,
      'mm'
    )}, and size scales as strips along it"
    style="min-width:860px"
    class="w-full"
  >
    <rect x={NAME} y="30" width={WIDTH - NAME} height="30" fill="#ecd9a8" stroke="var(--color-brass)" />
    {#each marks as mm (mm)}
      <line x1={x(mm)} x2={x(mm)} y1="60" y2={mm % 10 === 0 ? 42 : mm % 5 === 0 ? 48 : 54} stroke="var(--color-ink)" stroke-width={mm % 10 === 0 ? 1.4 : 0.7} />
      {#if mm % 10 === 0}
        <text x={x(mm)} y="40" text-anchor="middle" font-size="11" class="figures">{mm}</text>
      {/if}
    {/each}
    <text x="4" y="50" font-size="14" font-weight="600">foot, mm</text>

    {#each strips as strip, i (strip.scale)}
      {@const top = tops[i]}
      <rect x="0" y={top} width={WIDTH} height={strip.rows.length * ROW} fill={i % 2 ? '#fffdf8' : '#f6efe0'} />
      <text x="4" y={top + 16} font-size="14" font-weight="600">{strip.name}</text>
      {#if strip.gap}
        <rect
          x={x(strip.gap.lowMm)}
          y={top}
          width={x(strip.gap.highMm) - x(strip.gap.lowMm)}
          height={strip.rows.length * ROW}
          fill="var(--color-brass-bright)"
          fill-opacity="0.28"
        />
      {/if}
      {#each strip.rows as row, r (row.school.id)}
        {#if strip.rows.length > 1}
          <text x={NAME - 6} y={top + r * ROW + 16} text-anchor="end" font-size="10.5" fill="var(--color-ink-soft)">{row.school.name}</text>
        {/if}
        {#each row.ticks as tick (tick.mm)}
          <line x1={x(tick.mm)} x2={x(tick.mm)} y1={top + r * ROW} y2={top + r * ROW + 6} stroke="var(--color-ink)" stroke-width={tick.whole ? 1.6 : 0.9} />
          <text
            x={x(tick.mm)}
            y={top + r * ROW + 19}
            text-anchor="middle"
            font-size={tick.whole ? 13 : 11}
            class="figures"
            fill={tick.whole ? 'var(--color-ink)' : 'var(--color-ink-soft)'}>{tick.label}</text
          >
        {/each}
      {/each}
    {/each}

    {#each [{ mm: leftMm, letter: 'L', colour: 'var(--color-side-left)', dash: '' }, { mm: rightMm, letter: 'R', colour: 'var(--color-side-right)', dash: '7 3' }] as mark (mark.letter)}
      {@const outward = close ? (mark.mm < longer || (leftMm === rightMm && mark.letter === 'L') ? -1 : 1) : 0}
      <line x1={x(mark.mm)} x2={x(mark.mm)} y1="24" y2={height - 6} stroke={mark.colour} stroke-width="2.5" stroke-dasharray={mark.dash} />
      <text
        x={x(mark.mm) + outward * 6}
        y="18"
        text-anchor={outward < 0 ? 'end' : outward > 0 ? 'start' : 'middle'}
        font-size="16"
        font-weight="700"
        fill={mark.colour}>{mark.letter} {formatLength(mark.mm, unit)}</text
      >
    {/each}
  </svg>
</div>
