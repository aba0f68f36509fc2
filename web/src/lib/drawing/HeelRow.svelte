<script lang="ts">
  import BrassFill from './BrassFill.svelte';
  import { flatJoints, HEEL_SHAPE, tipOf, type Reach, type Rise } from '@chiave/core/heel';
  import { formatFigure, type LengthUnit } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { groundWord } from './ground-words';
  import type { HeelsOfFoot } from './stood';
  import { closedPath } from './place';
  import { columnsOf, draggedTo, heightAt, heightsFor, placeAlong, placeOf, stretchesOf, type DraggedId } from './heel-row';
  import SidePainted from './SidePainted.svelte';

  /**
   * One foot on heels of rising height on one ground line; the one looked at is dragged along the brass rule under them, and its platform,
   * tip and ground by the knobs on it. The knobs are for the hand: their sliders stand under the row.
   */
  interface Props {
    bench: HeelsOfFoot;
    unit: LengthUnit;
    onheight: (mm: number) => void;
    ondragged: (id: DraggedId, value: number) => void;
  }
  let { bench, unit, onheight, ondragged }: Props = $props();

  const id = $props.id();
  let width = $state(1248);
  let svg = $state<SVGSVGElement>();
  const TOP = 34;
  const STAND = 212;
  const EARTH = 34;
  const BRASS = 62;
  const HEIGHT = TOP + STAND + EARTH + BRASS;
  const GROUND = TOP + STAND;
  const MOST_SUNK_PX = 30;
  /** A knob is taken from so far around it, px. */
  const TOUCH_PX = 17;
  /** Which way a knob goes: two arrowheads. */
  const ARROWS = 'M-6 0L-1.5 -3.6V3.6ZM6 0L1.5 -3.6V3.6Z';
  /** The leg fades out: so much of it may stand above the sheet, mm. */
  const FADED_MM = 50;

  const heights = $derived(heightsFor(width, bench.platformMm));
  const slot = $derived(width / heights.length);
  const at = $derived(placeOf(heights, bench.heightMm));
  // The others stay as they are while one is dragged.
  const others = $derived(heights.map((mm) => bench.standAt(mm)));
  const columns = $derived(columnsOf(heights, bench.heightMm).map((c, i) => ({ ...c, ...(c.chosen ? bench.stood : others[i]) })));
  const L = $derived(bench.poseFoot.lengthMm);
  const tallest = $derived(Math.max(...others.map((o) => Math.max(...o.drawing.foot.map((p) => p.y)) - o.drawing.groundY)));
  const scale = $derived(Math.min((0.94 * slot) / (1.08 * L), (STAND - 6) / (tallest - FADED_MM)));
  const placed = (i: number, groundY: number) => {
    const left = (i + 0.5) * slot - 0.54 * L * scale;
    return (p: Point): Point => ({ x: left + p.x * scale, y: GROUND - (p.y - groundY) * scale });
  };
  const stretches = $derived(stretchesOf(columns.map((c) => c.report.reach)));
  const WORDS: Readonly<Record<Reach, (mm: string) => string>> = {
    comfortable: (mm) => `in comfort, to ${mm}`,
    'near-limit': (mm) => `near the limit, to ${mm}`,
    'out-of-reach': () => 'out of reach',
    unknown: () => 'reach of the ankle not measured'
  };
  const shown = (mm: number): string => `${formatFigure(Math.round(mm), unit)} ${unit}`;
  /** Over a single heel there is no room for more. */
  const SHORT: Readonly<Record<Reach, string>> = {
    comfortable: 'in comfort',
    'near-limit': 'near the limit',
    'out-of-reach': 'out of reach',
    unknown: 'not measured'
  };
  const wordsOf = (reach: Reach): string =>
    WORDS[reach](bench.limits === null ? '' : shown(reach === 'comfortable' ? bench.limits.comfortMm : bench.limits.mostMm));
  /** Where the ankle stands: it shows how much taller the wearer gets. */
  const barefoot = $derived(GROUND - flatJoints(bench.poseFoot).ankle.y * scale);
  const risen = $derived(columns.map((c, i) => ({ x: (i + 0.5) * slot - 0.3 * L * scale, y: barefoot - c.report.rise.centreMm * scale, rise: c.report.rise })));
  const chosen = $derived(columns[at]);
  const word = $derived(groundWord(chosen.report));
  const round = (mm: number): string => formatFigure(Math.round(mm), unit);
  const rangeOf = ({ lowMm, highMm }: Rise): string => (round(lowMm) === round(highMm) ? `+${round(lowMm)}` : `+${round(lowMm)}–${round(highMm)}`);

  /** Where each school of reach has its limit along the row, the lower first: its name stands before its tick, the other's behind. */
  const marks = $derived(
    [
      { name: 'share of range', mm: bench.limits?.comfortMm ?? null },
      { name: 'relaxed drop', mm: bench.relaxedDropMm === null ? null : bench.relaxedDropMm + bench.platformMm }
    ]
      .flatMap(({ name, mm }) => (mm === null ? [] : [{ name, mm, x: placeAlong(mm, width, heights) }]))
      .sort((a, b) => a.mm - b.mm)
      .map((m, i, all) => ({ ...m, before: i === 0 && all.length > 1, apart: i > 0 ? m.mm - all[0].mm : 0 }))
  );
  /** Half of what the ground's line spans, and how far it lies under the ground, px. */
  const [TILT_PX, TILT_UNDER_PX] = [58, 19];
  const radians = (deg: number): number => (deg * Math.PI) / 180;
  const tilt = $derived({ x: (at + 0.5) * slot, y: GROUND + TILT_UNDER_PX, dy: Math.tan(radians(bench.slopeDeg)) * TILT_PX });
  /** What is dragged by a knob of the heel looked at: where it is, and what a pixel to the right or upwards adds to it. */
  interface Knob {
    id: DraggedId;
    x: number;
    y: number;
    value: number;
    perRight: number;
    perUp: number;
  }
  const knobs = $derived.by((): Knob[] => {
    const { drawing, made, report } = chosen;
    const to = placed(at, drawing.groundY);
    const front = to({ x: report.pose.ball.x + 0.12 * L, y: 0 });
    const tip = tipOf(made, L);
    const edge = drawing.tip && HEEL_SHAPE[made.heel].tipWidthMm !== null ? to(drawing.tip[1]) : null;
    return [
      { id: 'platformMm', ...front, value: made.platformMm, perRight: 0, perUp: 1 / scale },
      ...(edge ? [{ id: 'tipMm' as const, x: edge.x + 4, y: GROUND - 7, value: tip.widthMm, perRight: tip.widthMm / tip.lengthMm / scale, perUp: 0 }] : []),
      { id: 'slopeDeg', x: tilt.x + TILT_PX, y: tilt.y + tilt.dy, value: bench.slopeDeg, perRight: 0, perUp: -Math.atan(1 / TILT_PX) / radians(1) }
    ];
  });
  let dragging = false;
  /** The knob that is held, as it was when it was taken, and where that was. */
  let held: (Knob & { fromX: number; fromY: number }) | null = null;
  function take(event: PointerEvent): void {
    const id = (event.target as Element).closest('[data-knob]')?.getAttribute('data-knob');
    const knob = knobs.find((k) => k.id === id);
    held = knob ? { ...knob, fromX: event.clientX, fromY: event.clientY } : null;
    dragging = true;
    svg!.setPointerCapture(event.pointerId);
    if (!held) place(event);
  }
  function move(event: PointerEvent): void {
    if (!dragging) return;
    if (!held) return place(event);
    const value = held.value + (event.clientX - held.fromX) * held.perRight + (held.fromY - event.clientY) * held.perUp;
    ondragged(held.id, draggedTo(held.id, value));
  }
  function place(event: PointerEvent): void {
    const box = svg!.getBoundingClientRect();
    onheight(heightAt(((event.clientX - box.left) / box.width) * width, width, heights));
  }
  function key(event: KeyboardEvent): void {
    const steps: Record<string, number> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 10, PageDown: -10 };
    const ends: Record<string, number> = { Home: bench.platformMm, End: bench.mostMm };
    const next = event.key in ends ? ends[event.key] : event.key in steps ? bench.heightMm + steps[event.key] : null;
    if (next === null) return;
    event.preventDefault();
    onheight(Math.min(bench.mostMm, Math.max(bench.platformMm, next)));
  }
</script>

<div bind:clientWidth={width} class="overflow-hidden rounded-lg border border-line bg-sheet select-none">
  <svg
    bind:this={svg}
    viewBox="0 0 {width} {HEIGHT}"
    {width}
    height={HEIGHT}
    class="block touch-pan-y"
    role="group"
    aria-label="One foot on heels of rising height, on one ground"
    onpointerdown={take}
    onpointermove={move}
    onpointerup={() => (dragging = false)}
    onpointercancel={() => (dragging = false)}
  >
    <defs>
      <BrassFill id="brass-{id}" />
      <pattern id="near-{id}" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
        ><path d="M0 0V9" stroke="var(--color-tight)" stroke-opacity="0.28" stroke-width="1.4" /></pattern
      >
    </defs>
    {#each stretches as s (s.from)}
      {@const [x, wide] = [s.from * slot + 6, Math.max(0, (s.to - s.from + 1) * slot - 8)]}
      {@const well = s.reach === 'comfortable' || s.reach === 'unknown'}
      <rect {x} y={TOP} width={wide} height={STAND} rx="8" fill={well ? 'var(--color-paper)' : 'var(--color-tight)'} fill-opacity={well ? 0.7 : 0.07} />
      {#if !well}<rect {x} y={TOP} width={wide} height={STAND} rx="8" fill="url(#near-{id})" opacity={s.reach === 'near-limit' ? 0.5 : 1} />{/if}
      <text x={x + 8} y="24" class={well ? 'stretch' : 'stretch far'}>{s.from === s.to ? SHORT[s.reach] : wordsOf(s.reach)}</text>
    {/each}
    <rect x="0" y={GROUND} {width} height={EARTH} fill="var(--color-earth, #e6e0c8)" />
    <line x1="0" x2={width} y1={GROUND} y2={GROUND} stroke="var(--color-ground)" stroke-width="2" />
    <path d="M0 {barefoot}H{width}" stroke="var(--color-brass-line)" stroke-dasharray="2 4" />
    {#each columns as c, i (i)}
      {@const to = placed(i, c.drawing.groundY)}
      {#if c.report.sinkMm && c.drawing.tip}
        {@const deep = Math.min(MOST_SUNK_PX, c.report.sinkMm.centre * scale)}
        {@const [a, b] = [to(c.drawing.tip[0]), to(c.drawing.tip[1])]}
        <rect x={Math.min(a.x, b.x)} y={GROUND} width={Math.max(2, Math.abs(b.x - a.x))} height={deep} fill="#120e0c" opacity={c.chosen ? 1 : 0.55} />
      {/if}
      <SidePainted drawing={c.drawing} at={to} {scale} plain={!c.chosen} />
    {/each}
    {#if bench.short}
      {@const to = placed(at, chosen.drawing.groundY)}
      {@const { pose } = bench.short}
      {@const ball = chosen.report.pose.ball}
      <path
        d={closedPath([pose.ankle, pose.pad, pose.ball].map((p) => to({ x: p.x - pose.ball.x + ball.x, y: p.y })))}
        fill="none"
        stroke="var(--color-tight-word)"
        stroke-width="1.8"
        stroke-dasharray="5 4"
      />
      <text x={(at + 0.5) * slot} y={TOP + 20} text-anchor="middle" class="clear far">{shown(bench.short.lowerMm)} too high</text>
    {/if}
    <path d="M{risen.map((r) => `${r.x} ${r.y}`).join('L')}" fill="none" stroke="var(--color-brass)" stroke-width="1.8" />
    {#each risen as r, i (i)}
      <path d="M{r.x} {barefoot}V{r.y}" stroke="var(--color-brass)" stroke-width="1.2" />
      <circle cx={r.x} cy={r.y} r="5" fill="#fff" stroke="var(--color-brass)" stroke-width="1.8" />
      <text x={r.x + 9} y={r.y - 9} class="figures clear rise">{i === 0 ? `${rangeOf(r.rise)} ${unit} taller` : rangeOf(r.rise)}</text>
    {/each}

    <rect x="0.5" y={GROUND + EARTH} width={width - 1} height={BRASS - 1} fill="url(#brass-{id})" stroke="var(--color-rule-edge)" />
    {#each Array.from({ length: heights.length * 8 }, (_, i) => i) as i (i)}
      <path d="M{(i * slot) / 8} {GROUND + EARTH + 1}v{i % 8 === 4 ? 12 : 7}" stroke="var(--color-rule-ink)" stroke-width={i % 8 === 4 ? 1.4 : 0.8} />
    {/each}
    {#each marks as m (m.name)}
      <path d="M{m.x} {GROUND + EARTH + 2}v14" stroke="var(--color-tight-word)" stroke-width="2.4" />
      <text x={m.x + (m.before ? -4 : 4)} y={GROUND + EARTH - 6} text-anchor={m.before ? 'end' : 'start'} class="mark clear"
        >{m.name} {round(m.mm)}{m.apart >= 0.5 ? `, ${round(m.apart)} apart` : ''}</text
      >
    {/each}
    {#each columns as c, i (i)}
      {@const x = (i + 0.5) * slot}
      <text x={x - 8} y={GROUND + EARTH + 46} text-anchor="end" class="figures height">{formatFigure(c.heightMm, unit)}</text>
      <text x={x - 2} y={GROUND + EARTH + 33} class="figures under"
        >{c.report.dropMm <= 0 ? 'flat' : `${c.report.pitchDeg.low.toFixed(0)}°–${c.report.pitchDeg.high.toFixed(0)}°`}</text
      >
      <text x={x - 2} y={GROUND + EARTH + 52} class="under">{groundWord(c.report).words}</text>
    {/each}
    <rect
      x={at * slot + 4}
      y={TOP + 1}
      width={Math.max(0, slot - 8)}
      height={HEIGHT - TOP - 4}
      rx="8"
      fill="transparent"
      class="frame"
      role="slider"
      tabindex="0"
      aria-label="Heel height, {unit}"
      aria-valuemin={bench.platformMm}
      aria-valuemax={bench.mostMm}
      aria-valuenow={bench.heightMm}
      aria-valuetext="{shown(bench.heightMm)}: pitch {chosen.report.pitchDeg.pose.toFixed(0)} degrees, {wordsOf(chosen.report.reach)}, {word.words}"
      onkeydown={key}
    />
    {#if bench.slopeDeg !== 0}<path d="M{tilt.x - TILT_PX} {tilt.y - tilt.dy}L{tilt.x + TILT_PX} {tilt.y + tilt.dy}" class="tilt" />{/if}
    {#each knobs as k (k.id)}
      <g data-knob={k.id} class="knob" class:upright={k.perUp !== 0} aria-hidden="true">
        <circle cx={k.x} cy={k.y} r={TOUCH_PX} fill="transparent" />
        <circle cx={k.x} cy={k.y} r="8" fill="url(#brass-{id})" stroke="var(--color-rule-edge)" stroke-width="1.6" />
        <path d={ARROWS} transform="translate({k.x} {k.y}) rotate({k.perUp === 0 ? 0 : 90})" fill="var(--color-rule-ink)" />
      </g>
    {/each}
  </svg>
</div>

<style>
  .stretch {
    font-size: 17px;
    font-weight: 650;
    fill: var(--color-ink);
  }
  .far {
    font-weight: 650;
    fill: var(--color-tight-word);
  }
  .clear {
    font-size: 16px;
    paint-order: stroke;
    stroke: var(--color-sheet);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
  .rise {
    font-weight: 650;
    fill: var(--color-brass);
  }
  .mark {
    font-size: 15px;
    font-weight: 650;
    fill: var(--color-tight-word);
  }
  .height {
    font-family: var(--font-serif);
    font-size: 26px;
    font-weight: 600;
    fill: var(--color-rule-ink);
  }
  .under {
    font-size: 15px;
    font-weight: 600;
    fill: var(--color-rule-ink);
  }
  .frame {
    stroke: var(--color-brass);
    stroke-width: 3px;
    cursor: ew-resize;
  }
  .tilt {
    fill: none;
    stroke: var(--color-brass);
    stroke-width: 2.4px;
  }
  .knob {
    cursor: ew-resize;
    touch-action: none;
  }
  .upright {
    cursor: ns-resize;
  }
</style>
