<script lang="ts">
  import { formatSignedFixed, type LengthUnit } from '@chiave/core/measure';
  import type { AnyScale } from '@chiave/core/size';
  import { isWritten, type Strip } from './rule-strips';
  import { readStrip, type Mark } from './rule-readings';
  import { labelEvery } from './rule-view';
  import type { RuleFrame } from './rule-frame';
  import RuleLine from './RuleLine.svelte';

  /** One size scale laid along the rule: a row a school, its sizes where they lie, what the marks read boxed and written at the right. */
  // prettier-ignore
  let { scale, strip, top, frame, marks, active, unit, x, shift }: {
    scale: AnyScale; strip: Strip; top: number; frame: RuleFrame; marks: readonly Mark[]; active: Mark; unit: LengthUnit;
    /** Foot length to place within what slides, px; how far that is slid. */
    x: (mm: number) => number; shift: number;
  } = $props();

  const read = $derived(readStrip(scale, strip, marks, active));
  const height = $derived(strip.rows.length * frame.row);
  const right = $derived(frame.width - frame.read);
  /** At its ends what lies along the rule fades rather than being cut, px. */
  const FADE = 26;
  const apart = $derived(read.apart ? Math.round(read.apart.highMm - read.apart.lowMm) : 0);
</script>

<g data-strip={strip.scale}>
  <rect x="0.5" y={top} width={frame.width - 1} {height} rx="6" fill="var(--color-sheet)" stroke="var(--color-line)" />
  <text x="14" y={top + 24} class="name">{frame.narrow ? scale.short : scale.name}</text>
  {#if apart > 0 && strip.rows.length > 1}
    <text x="14" y={top + 46} class="apart">{apart} mm apart</text>
    <path d="M{right + 14} {top + 8}h-8V{top + height - 8}h8" class="bracket" />
  {/if}
  {#if strip.rows.length > 1}
    {#each strip.rows as { school }, r (school.id)}
      {@const y = top + r * frame.row}
      {#if r > 0}<path d="M{frame.name - 96} {y}H{right}" stroke="var(--color-line)" stroke-opacity="0.6" />{/if}
      <text x={frame.name - 12} y={y + 23} text-anchor="end" class="school">{school.short ?? school.name}</text>
    {/each}
  {/if}
  <g clip-path="url(#window)">
    <g transform="translate({shift} 0)">
      {#if read.apart}
        <rect
          x={x(read.apart.lowMm)}
          y={top + 1}
          width={x(read.apart.highMm) - x(read.apart.lowMm)}
          height={height - 2}
          fill="var(--color-brass-bright)"
          fill-opacity="0.14"
        />
      {/if}
      {#each strip.rows as row, r (row.school.id)}
        {@const y = top + r * frame.row}
        {@const { sizes } = read.rows[r]}
        {#each sizes as size (size.label)}
          {@const colour = size.mark?.colour ?? (active.foot ? 'var(--color-brass)' : active.colour)}
          <rect
            x={x(size.lowMm)}
            y={y + 3}
            width={x(size.highMm) - x(size.lowMm)}
            height={frame.row - 6}
            rx="6"
            fill="var(--color-brass-pale)"
            fill-opacity="0.75"
            stroke={colour}
            stroke-width="1.6"
          />
        {/each}
      {/each}
      {#each marks as mark (mark.id)}<RuleLine {mark} here={mark.id === active.id} {x} from={top} to={top + height} />{/each}
      {#each strip.rows as row, r (row.school.id)}
        {@const y = top + r * frame.row}
        {@const { sizes } = read.rows[r]}
        {@const perTick = row.ticks.length > 1 ? x(row.ticks[1].mm) - x(row.ticks[0].mm) : 60}
        {@const every = labelEvery(perTick, (row.ticks[0]?.label.length ?? 0) > 2 ? 44 : 34)}
        {#each row.ticks as tick (tick.mm)}
          {@const boxed = sizes.some((s) => Math.abs(s.mm - tick.mm) < 1e-6)}
          <path d="M{x(tick.mm)} {y + 1}v{tick.whole ? 9 : 6}" stroke="var(--color-ink)" stroke-width={tick.whole ? 1.6 : 0.9} />
          {#if boxed || isWritten(tick, every, strip.step)}
            <text x={x(tick.mm)} y={y + 27} text-anchor="middle" class="figures {boxed ? 'boxed' : tick.whole ? 'whole' : 'part'}">{tick.label}</text>
          {/if}
        {/each}
      {/each}
    </g>
    <rect x={frame.name} y={top + 1} width={FADE} height={height - 2} fill="url(#fade-in)" />
    <rect x={right - FADE} y={top + 1} width={FADE} height={height - 2} fill="url(#fade-out)" />
  </g>
  {#each strip.rows as row, r (row.school.id)}
    {@const { sizes, overMm } = read.rows[r]}
    {@const y = top + r * frame.row}
    <text x={right + frame.takes} y={y + 25} text-anchor="end" class="figures takes" data-read="{strip.scale}-{row.school.id}"
      >{#each sizes as size, i (size.label)}{#if i > 0}<tspan fill="var(--color-ink-soft)">{' · '}</tspan>{/if}<tspan
          fill={size.mark?.colour ?? 'var(--color-ink)'}>{size.label}</tspan
        >{:else}–{/each}</text
    >
    {#if overMm !== null && !frame.narrow}
      <text x={frame.width - 14} y={y + 24} text-anchor="end" class="figures over">{formatSignedFixed(overMm, unit)}</text>
    {/if}
  {/each}
</g>

<style>
  .name {
    font-size: 17px;
    font-weight: 650;
    fill: var(--color-ink);
  }
  .apart {
    font-size: 15px;
    font-weight: 650;
    fill: var(--color-tight-word);
  }
  .bracket {
    fill: none;
    stroke: var(--color-tight);
    stroke-width: 1.8;
  }
  .school,
  .over {
    font-size: 16px;
    fill: var(--color-ink-soft);
  }
  .part {
    font-size: 15px;
    fill: var(--color-ink-soft);
  }
  .whole {
    font-size: 17px;
    font-weight: 600;
    fill: var(--color-ink);
  }
  .boxed {
    font-family: var(--font-serif);
    font-size: 21px;
    font-weight: 600;
    fill: var(--color-ink);
    paint-order: stroke;
    stroke: var(--color-brass-pale);
    stroke-width: 3px;
  }
  .takes {
    font-family: var(--font-serif);
    font-size: 20px;
    font-weight: 600;
    fill: var(--color-ink);
  }
</style>
