<script lang="ts">
  import BrassFill from './BrassFill.svelte';
  import { scaleLinear } from 'd3-scale';
  import { lengthStep, readLabel, schoolOf, sizeInterval, type AnyScale } from '@chiave/core/size';
  import { formatFigure, formatLength, type LengthUnit } from '@chiave/core/measure';
  import { gestures, type DragStep, type Gestures } from './gestures';
  import { flagPath, FLAG, layFlags } from './rule-flags';
  import { RULE_AT, ruleFrame, STRIP_GAP } from './rule-frame';
  import { outOfView, type Mark } from './rule-readings';
  import { stripOf } from './rule-strips';
  import RuleLine from './RuleLine.svelte';
  import RuleStrip from './RuleStrip.svelte';
  import { graduation, panned, RULE_LIMITS, zoomed, type View } from './rule-view';

  /** A brass rule of foot lengths with marks on it, and size scales laid along it. */
  // prettier-ignore
  let {
    marks, active, scales, view, unit, snap = null, onmark, onactive, onview
  }: {
    marks: Mark[]; active: string; scales: readonly AnyScale[]; view: View; unit: LengthUnit; snap?: AnyScale | null;
    /** Left out where the marks are measured feet: they can be read, not moved. */
    onmark?: (id: string, mm: number) => void; onactive: (id: string) => void; onview: (view: View) => void;
  } = $props();

  let width = $state(1100);
  const frame = $derived(ruleFrame(width));
  const right = $derived(width - frame.read);
  const foot = RULE_AT.top + RULE_AT.height;

  // Rounded, so that sliding the rule does not seem to zoom it.
  const span = $derived(Number((view.toMm - view.fromMm).toFixed(6)));
  const scaleX = $derived((right - frame.name) / span);
  const x = $derived(scaleLinear([view.fromMm, view.toMm], [frame.name, right]));
  const mmAt = (px: number) => x.invert(px);
  const activeMark = $derived(marks.find((m) => m.id === active) ?? marks[0]);

  // What lies along the rule is laid a little beyond the view and moved as one: dragging a mark or sliding the rule leaves the ticks alone.
  const BEYOND = 4;
  const fromMm = $derived((Math.floor((view.fromMm * BEYOND) / span) * span) / BEYOND);
  const toMm = $derived((Math.ceil((view.toMm * BEYOND) / span) * span) / BEYOND);
  const shift = $derived(frame.name - view.fromMm * scaleX);
  const along = $derived.by(() => {
    const scale = scaleX;
    return (mm: number): number => mm * scale;
  });
  const strips = $derived(scales.map((scale) => ({ scale, strip: stripOf(scale, fromMm, toMm) })));
  const laid = $derived(strips.filter(({ strip }) => strip.rows.some((row) => row.ticks.some((t) => t.mm >= view.fromMm && t.mm <= view.toMm))));
  const away = $derived(strips.filter((s) => !laid.includes(s)).map(({ scale }) => ({ scale, ...outOfView(scale, view.fromMm) })));
  const tops = $derived.by(() => {
    let y = foot + RULE_AT.gap;
    return laid.map(({ strip }) => {
      const top = y;
      y += strip.rows.length * frame.row + STRIP_GAP;
      return top;
    });
  });
  const height = $derived(foot + RULE_AT.gap + laid.reduce((sum, { strip }) => sum + strip.rows.length * frame.row + STRIP_GAP, 0));
  const cut = $derived(graduation(unit, scaleX));
  const ticks = $derived.by(() => {
    const first = Math.ceil(fromMm / cut.tickMm);
    return Array.from({ length: Math.floor(toMm / cut.tickMm) - first + 1 }, (_, i) => ({ n: first + i, mm: (first + i) * cut.tickMm }));
  });
  const seen = $derived(marks.filter((m) => m.mm >= view.fromMm && m.mm <= view.toMm));
  const flags = $derived(layFlags(seen.map((m) => x(m.mm))));
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
      : { role: 'button' as const, 'aria-label': `${mark.letter} ${formatLength(mark.mm, unit)}, ${mark.name}`, 'aria-pressed': mark.id === active };
  // One on a mark drags it, one elsewhere slides the rule, two zoom. Not shown, so not reactive.
  let dragging: string | null = null;
  /** From the finger to the mark it took, px: a mark stays where it was held. */
  let heldOff = 0;
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
        const mark = marks.find((m) => m.id === taken);
        heldOff = mark ? x(mark.mm) - px(step.at.x - step.by.x) : 0;
      }
      if (dragging) onmark?.(dragging, snapped(mmAt(px(step.at.x) + heldOff)));
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
      <BrassFill id="brass" />
      <linearGradient id="fade-in"
        ><stop offset="0" stop-color="var(--color-sheet)" /><stop offset="1" stop-color="var(--color-sheet)" stop-opacity="0" /></linearGradient
      >
      <linearGradient id="fade-out"
        ><stop offset="0" stop-color="var(--color-sheet)" stop-opacity="0" /><stop offset="1" stop-color="var(--color-sheet)" /></linearGradient
      >
      <clipPath id="window"><rect x={frame.name} y="0" width={right - frame.name} {height} /></clipPath>
    </defs>

    {#each seen as mark (mark.id)}<RuleLine {mark} here={mark.id === active} {x} from={foot} to={height - STRIP_GAP} />{/each}
    {#each laid as { scale, strip }, i (scale.id)}
      <RuleStrip {scale} {strip} top={tops[i]} {frame} {marks} active={activeMark} {unit} x={along} {shift} />
    {/each}

    <rect
      x={frame.name - 8}
      y={RULE_AT.top}
      width={right - frame.name + 16}
      height={RULE_AT.height}
      rx="5"
      fill="url(#brass)"
      stroke="var(--color-rule-edge)"
    />
    <text x="14" y={RULE_AT.top + 30} class="head">foot, {unit}</text>
    {#if onmark}<text x="14" y={RULE_AT.top + 52} class="hint">drag a mark</text>{/if}
    <text x={right + frame.takes} y={RULE_AT.top + 30} text-anchor="end" class="head">takes</text>
    {#if !frame.narrow}
      <text x={width - 14} y={RULE_AT.top + 30} text-anchor="end" class="head">over</text>
      <text x={width - 14} y={RULE_AT.top + 52} text-anchor="end" class="hint">{unit}</text>
    {/if}
    <g clip-path="url(#window)">
      <g transform="translate({shift} 0)">
        {#each ticks as { n, mm } (n)}
          {@const long = n % (cut.longer * cut.figure) === 0 ? 14 : n % cut.longer === 0 ? 11 : 6}
          <path
            d="M{along(mm)} {RULE_AT.top + 1}v{long}M{along(mm)} {foot - 1}v{-long}"
            stroke="var(--color-rule-ink)"
            stroke-width={long === 14 ? 1.5 : 0.8}
          />
          {#if n % (cut.longer * cut.figure) === 0 && x(mm) < right - 20 && x(mm) > frame.name + 20}<text
              x={along(mm)}
              y={RULE_AT.top + 41}
              text-anchor="middle"
              class="figures figure">{cut.words(mm)}</text
            >{/if}
        {/each}
      </g>
    </g>

    {#each seen as mark, i (mark.id)}
      {@const here = mark.id === active}
      {@const place = x(mark.mm)}
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
        <path d={flagPath(flags[i], place, 3, foot)} fill={mark.colour} stroke="var(--color-sheet)" stroke-width={here ? 2 : 1} />
        <rect x={flags[i].at - FLAG.width / 2} y="0" width={FLAG.width} height="48" fill="transparent" />
        <text x={flags[i].at} y="25" text-anchor="middle" class="figures flag">{mark.letter} {formatFigure(mark.mm, unit)}</text>
      </g>
    {/each}
  </svg>
  {#if away.length > 0}
    <p class="soft mt-1">
      Not along this part: {#each away as { scale, ends, mm }, i (scale.id)}{i > 0 ? ', ' : ''}{scale.name}
        {ends ? 'ends at' : 'begins at'} <span class="figures">{formatLength(Math.round(mm), unit)}</span>{/each}.
    </p>
  {/if}
</div>

<style>
  .handle:focus {
    outline: none;
  }
  .handle:focus-visible path {
    stroke: var(--color-ink);
    stroke-width: 3.5;
  }
  .head {
    font-size: 17px;
    font-weight: 650;
    fill: var(--color-ink);
  }
  .hint {
    font-size: 16px;
    fill: var(--color-ink-soft);
  }
  .figure {
    font-family: var(--font-serif);
    font-size: 20px;
    font-weight: 600;
    fill: var(--color-rule-ink);
  }
  .flag {
    font-size: 18px;
    font-weight: 650;
    fill: #fff;
  }
</style>
