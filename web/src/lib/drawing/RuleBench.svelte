<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { inRun, lengthStep, readLabel, schoolOf, sizeInterval, type AnyScale, type School } from '@chiave/core/size';
  import { formatLength, trimNumber, type LengthUnit } from '@chiave/core/measure';
  import { gestures, type DragStep, type Gestures } from './gestures';
  import { isWritten, shortLabel, stripOf } from './rule-strips';
  import { labelEvery, panned, RULE_LIMITS, zoomed, type View } from './rule-view';

  export interface Mark {
    id: string;
    letter: string;
    name: string;
    mm: number;
    colour: string;
    dash: string;
  }

  // prettier-ignore
  let {
    marks, active, scales, view, unit, snap = null, onmark, onactive, onview
  }: {
    marks: Mark[]; active: string; scales: readonly AnyScale[]; view: View; unit: LengthUnit; snap?: AnyScale | null;
    /** Left out where the marks are measured feet: they can be read, not moved. */
    onmark?: (id: string, mm: number) => void; onactive: (id: string) => void; onview: (view: View) => void;
  } = $props();

  let width = $state(1100);
  const NAME = $derived(width < 700 ? 108 : 176);
  const READ = $derived(width < 700 ? 64 : 92);
  const ROW = 27;
  const GAP = 9;
  const RULE_TOP = 34;
  const RULE_H = 46;
  const TOP = RULE_TOP + RULE_H + 14;

  const span = $derived(view.toMm - view.fromMm);
  const scaleX = $derived((width - NAME - READ) / span);
  const x = $derived(scaleLinear([view.fromMm, view.toMm], [NAME, width - READ]));
  const mmAt = (px: number) => x.invert(px);
  const activeMark = $derived(marks.find((m) => m.id === active) ?? marks[0]);

  // The ticks depend on the view, not on the marks: dragging a mark leaves them alone.
  const rows = $derived(scales.map((scale) => stripOf(scale, view.fromMm, view.toMm)));
  const tops = $derived.by(() => {
    let y = TOP;
    return rows.map((s) => {
      const top = y;
      y += Math.max(1, s.rows.length) * ROW + GAP;
      return top;
    });
  });
  const height = $derived(TOP + rows.reduce((sum, s) => sum + Math.max(1, s.rows.length) * ROW + GAP, 0) + 8);
  const mmEvery = $derived(labelEvery(scaleX * 5, 34) * 5);
  const mmTicks = $derived.by(() => {
    const step = scaleX < 1.6 ? 5 : 1;
    const first = Math.ceil(view.fromMm / step) * step;
    return Array.from({ length: Math.floor((view.toMm - first) / step) + 1 }, (_, i) => first + i * step);
  });

  /** What the active mark reads on each row: label, interval, remainder. */
  const readings = $derived(
    rows.map((strip, i) =>
      strip.rows.map(({ school }) => {
        const read = readLabel(scales[i], school.id, activeMark.mm);
        return inRun(scales[i], read.size) ? { ...read, ...sizeInterval(scales[i], school.id, read.size) } : null;
      })
    )
  );
  /** Where the schools of a scale put the size the active mark reads. */
  const gaps = $derived(
    rows.map((strip, i) => {
      const scale = scales[i];
      const size = readings[i][0]?.size;
      if (strip.rows.length < 2 || size === undefined) return null;
      const places = strip.rows.map(({ school }) => sizeInterval(scale, school.id, size).mm);
      return { low: Math.min(...places), high: Math.max(...places), label: readings[i][0]!.label };
    })
  );

  /** Handles stand apart where marks stand close; their tips still point at their places. */
  const handles = $derived.by(() => {
    const sorted = marks.map((m) => ({ id: m.id, place: x(m.mm), at: x(m.mm) })).sort((p, q) => p.at - q.at);
    for (let i = 1; i < sorted.length; i++) sorted[i].at = Math.max(sorted[i].at, sorted[i - 1].at + 30);
    const drift = sorted.reduce((sum, h) => sum + h.at - h.place, 0) / Math.max(1, sorted.length);
    return Object.fromEntries(sorted.map((h) => [h.id, h.at - drift]));
  });
  /** Where a mark's length is written: outward of the handles at either end; a mark between them is read in the table. */
  function outward(id: string): -1 | 0 | 1 {
    const inOrder = marks.filter((m) => m.mm >= view.fromMm && m.mm <= view.toMm).sort((p, q) => handles[p.id] - handles[q.id]);
    return inOrder.length > 1 && inOrder[0].id === id ? -1 : inOrder.at(-1)?.id === id ? 1 : 0;
  }
  /** A mark that moves is a slider; one that only reads is a switch between feet. */
  const roleOf = (mark: Mark) =>
    onmark
      ? {
          role: 'slider' as const,
          'aria-label': `${mark.name}, foot length`,
          'aria-valuemin': RULE_LIMITS.fromMm,
          'aria-valuemax': RULE_LIMITS.toMm,
          'aria-valuenow': Number(mark.mm.toFixed(1)),
          'aria-valuetext': `${mark.name} ${formatLength(mark.mm, unit)}`
        }
      : { role: 'button' as const, 'aria-label': `${mark.name} ${formatLength(mark.mm, unit)}`, 'aria-pressed': mark.id === active };
  /** Where a scale that has no size here begins or ends. */
  function runs(scale: AnyScale): string {
    const [low, high] = scale.range.map((size) => sizeInterval(scale, undefined, size).mm);
    if (high < view.fromMm) return `ends at ${formatLength(Math.round(high), unit)}`;
    return low > view.toMm ? `begins at ${formatLength(Math.round(low), unit)}` : '';
  }

  // One on a mark drags it, one elsewhere slides the rule, two zoom. Not shown, so not reactive.
  let dragging: string | null = null;
  let svg: SVGSVGElement;
  const px = (clientX: number) => ((clientX - svg.getBoundingClientRect().left) / svg.getBoundingClientRect().width) * width;
  /** A pointer this near to a mark takes it, px. */
  const NEAR_PX = 18;

  function snapped(mm: number): number {
    if (!snap) return Math.round(mm * 10) / 10;
    return sizeInterval(snap, undefined, readLabel(snap, undefined, mm).size).mm;
  }
  function take({ at, target }: DragStep): string | null {
    const handle = target.closest('[data-mark]')?.getAttribute('data-mark');
    const near = marks.map((m) => ({ m, d: Math.abs(x(m.mm) - px(at.x)) })).sort((p, q) => p.d - q.d)[0];
    return handle ?? (near && near.d < NEAR_PX ? near.m.id : null);
  }
  const moves = (): Gestures => ({
    ondrag: (step) => {
      if (step.first) {
        const taken = take(step);
        if (taken) onactive(taken);
        dragging = onmark ? taken : null;
      }
      if (dragging) onmark?.(dragging, snapped(mmAt(px(step.at.x))));
      else onview(panned(view, -step.by.x / scaleX));
      if (step.last) dragging = null;
    },
    onpinch: (ratio, at) => onview(zoomed(view, 1 / ratio, mmAt(px(at.x)))),
    onwheel: (by, at) => onview(Math.abs(by.x) > Math.abs(by.y) ? panned(view, by.x / scaleX) : zoomed(view, Math.exp(by.y * 0.0015), mmAt(px(at.x))))
  });

  function stepOf(): number {
    if (!snap) return 1;
    return lengthStep(snap) * schoolOf(snap).unitMm;
  }
  function key(event: KeyboardEvent, mark: Mark): void {
    const way = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (way !== undefined && !onmark) onview(panned(view, way * 2));
    else if (way !== undefined) onmark?.(mark.id, event.shiftKey ? Math.round((mark.mm + way * 0.1) * 10) / 10 : snapped(mark.mm + way * stepOf()));
    else if (event.key === 'PageUp' || event.key === 'PageDown') onmark?.(mark.id, snapped(mark.mm + (event.key === 'PageUp' ? 10 : -10)));
    else if (event.key === '+' || event.key === '=') onview(zoomed(view, 0.8, mark.mm));
    else if (event.key === '-') onview(zoomed(view, 1.25, mark.mm));
    else return;
    event.preventDefault();
  }
  const shortName = (scale: AnyScale) => (width < 700 ? scale.short : scale.name);
  const schoolWord = ({ name, short }: School) => (width < 700 ? (short ?? name) : name);
</script>

<div bind:clientWidth={width} class="select-none">
  <svg
    bind:this={svg}
    use:gestures={moves}
    viewBox="0 0 {width} {height}"
    {width}
    {height}
    class="block touch-none"
    role="group"
    aria-label={onmark ? 'The rule: drag a mark, slide the rule, or use the arrow keys on a mark' : 'The rule: both feet and the size scales'}
  >
    <defs>
      <linearGradient id="brass" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" stop-color="#f3dfa9" /><stop offset="0.45" stop-color="#e3c478" /><stop offset="1" stop-color="#c99c43" />
      </linearGradient>
      <linearGradient id="paper" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#fffdf8" /><stop offset="1" stop-color="#f4ead6" /></linearGradient>
      <clipPath id="window"><rect x={NAME} y="0" width={width - NAME - READ} {height} /></clipPath>
    </defs>

    {#each rows as strip, i (strip.scale)}
      {@const h = Math.max(1, strip.rows.length) * ROW}
      <rect x="0.5" y={tops[i] + 0.5} width={width - 1} height={h} rx="4" fill="url(#paper)" stroke="#dccfb5" />
      <text x="10" y={tops[i] + 18} font-size={width < 700 ? 13 : 15} font-weight="650" fill="var(--color-ink)">{shortName(scales[i])}</text>
      {#if strip.rows.length > 1}
        {#each strip.rows as row, r (row.school.id)}
          {#if r > 0 || width >= 700}
            <text x={r === 0 ? NAME - 8 : 16} y={tops[i] + r * ROW + 18} text-anchor={r === 0 ? 'end' : 'start'} font-size={11} fill="var(--color-ink-soft)"
              >{r === 0 ? '' : schoolWord(row.school)}</text
            >
          {/if}
        {/each}
      {/if}
      {#if strip.rows.every((row) => row.ticks.length === 0)}
        <text x={NAME + 12} y={tops[i] + 18} font-size="12.5" fill="var(--color-ink-soft)">{runs(scales[i])}</text>
      {/if}
      <g clip-path="url(#window)">
        {#if gaps[i]}
          {@const gap = gaps[i]!}
          <rect
            x={x(gap.low)}
            y={tops[i] + 1}
            width={Math.max(2, (gap.high - gap.low) * scaleX)}
            height={h - 1}
            fill="var(--color-brass-bright)"
            fill-opacity="0.2"
          />
        {/if}
        {#each strip.rows as row, r (row.school.id)}
          {@const y = tops[i] + r * ROW}
          {@const reading = readings[i][r]}
          {@const perTick = row.ticks.length > 1 ? (row.ticks[1].mm - row.ticks[0].mm) * scaleX : 60}
          {@const every = labelEvery(perTick, row.ticks[0]?.label.length > 3 ? 40 : 30)}
          {#if reading}
            <rect
              x={x(reading.lowMm)}
              y={y + 2}
              width={(reading.highMm - reading.lowMm) * scaleX}
              height={ROW - 4}
              rx="3"
              fill={activeMark.colour}
              fill-opacity="0.13"
              stroke={activeMark.colour}
              stroke-opacity="0.45"
            />
          {/if}
          {#each row.ticks as tick (tick.mm)}
            <line x1={x(tick.mm)} x2={x(tick.mm)} y1={y + 1} y2={y + (tick.whole ? 8 : 5)} stroke="var(--color-ink)" stroke-width={tick.whole ? 1.5 : 0.8} />
            {#if isWritten(tick, every, strip.step) && x(tick.mm) < width - READ - 8 && x(tick.mm) > NAME + 4}
              <text
                x={x(tick.mm)}
                y={y + 21}
                text-anchor="middle"
                font-size={tick.whole ? 14 : 12}
                class="figures"
                fill={tick.whole ? 'var(--color-ink)' : 'var(--color-ink-soft)'}>{tick.label}</text
              >
            {/if}
          {/each}
        {/each}
      </g>
      {#each strip.rows as row, r (row.school.id)}
        {@const reading = readings[i][r]}
        {@const y = tops[i] + r * ROW}
        <text
          x={width - READ + 8}
          y={y + 18}
          font-size={15}
          font-weight="700"
          class="figures"
          fill={activeMark.colour}
          data-read="{strip.scale}-{row.school.id}">{reading ? shortLabel(reading.label) : '–'}</text
        >
        {#if reading && width >= 700}
          <text x={width - 6} y={y + 18} text-anchor="end" font-size="10.5" class="figures" fill="var(--color-ink-soft)"
            >{reading.remainderMm < -0.05 ? '−' : reading.remainderMm > 0.05 ? '+' : ''}{trimNumber(Math.abs(reading.remainderMm))}</text
          >
        {/if}
      {/each}
    {/each}

    <!-- The brass rule itself. -->
    <rect x={NAME - 6} y={RULE_TOP} width={width - NAME - READ + 12} height={RULE_H} rx="5" fill="url(#brass)" stroke="var(--color-brass)" />
    <rect x={NAME - 6} y={RULE_TOP + 1} width={width - NAME - READ + 12} height="3" rx="2" fill="#fff" fill-opacity="0.45" />
    <text x="10" y={RULE_TOP + 28} font-size={15} font-weight="650" fill="var(--color-ink)">foot, mm</text>
    <g clip-path="url(#window)">
      {#each mmTicks as mm (mm)}
        <line
          x1={x(mm)}
          x2={x(mm)}
          y1={RULE_TOP + RULE_H}
          y2={RULE_TOP + RULE_H - (mm % 10 === 0 ? 20 : mm % 5 === 0 ? 14 : 8)}
          stroke="#3a2b10"
          stroke-width={mm % 10 === 0 ? 1.4 : 0.8}
        />
        {#if mm % mmEvery === 0 && x(mm) < width - READ - 8}<text
            x={x(mm)}
            y={RULE_TOP + 20}
            text-anchor="middle"
            font-size={14}
            font-weight="600"
            class="figures"
            fill="#3a2b10">{mm}</text
          >{/if}
      {/each}
    </g>

    {#each marks as mark (mark.id)}
      {#if mark.mm >= view.fromMm && mark.mm <= view.toMm}
        {@const here = mark.id === active}
        {@const hx = handles[mark.id]}
        <line
          x1={x(mark.mm)}
          x2={x(mark.mm)}
          y1={RULE_TOP - 4}
          y2={height - 4}
          stroke={mark.colour}
          stroke-width={here ? 2.6 : 1.8}
          stroke-dasharray={mark.dash}
          pointer-events="none"
        />
        <!-- A slider where marks move, a switch where they only read. -->
        <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
        <g
          data-mark={mark.id}
          {...roleOf(mark)}
          tabindex="0"
          class="handle {onmark ? 'cursor-ew-resize' : 'cursor-pointer'}"
          onfocus={() => onactive(mark.id)}
          onkeydown={(event) => key(event, mark)}
        >
          <path
            d="M{x(mark.mm)} {RULE_TOP + 4} L{hx - 13} {RULE_TOP - 8} v-20 a6 6 0 0 1 6 -6 h14 a6 6 0 0 1 6 6 v20 z"
            fill={mark.colour}
            stroke="#fffdf8"
            stroke-width={here ? 2.5 : 1}
          />
          <rect x={hx - 22} y={RULE_TOP - 34} width="44" height="44" fill="transparent" />
          <text x={hx} y={RULE_TOP - 12} text-anchor="middle" font-size={14} font-weight="700" fill="#fff">{mark.letter}</text>
        </g>
        {#if outward(mark.id) !== 0}
          <text
            x={hx + outward(mark.id) * 18}
            y={RULE_TOP - 12}
            text-anchor={outward(mark.id) < 0 ? 'end' : 'start'}
            font-size={14}
            font-weight={here ? 700 : 500}
            class="figures"
            fill={mark.colour}>{mark.letter} {formatLength(mark.mm, unit)}</text
          >
        {/if}
      {/if}
    {/each}
  </svg>
</div>

<style>
  .handle:focus {
    outline: none;
  }
  .handle:focus-visible path {
    stroke: var(--color-ink);
    stroke-width: 3.5;
  }
</style>
