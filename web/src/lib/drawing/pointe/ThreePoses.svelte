<script lang="ts">
  import { HARD_TO_ROLL_DEG, overState, type PointeReport, type PointeSide } from '@chiave/core/pointe';
  import { formatLength, type LengthUnit, type Side } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { smallLength } from '../../small-length';
  import BrassFill from '../BrassFill.svelte';
  import SidePose from './SidePose.svelte';

  /** One foot in one shoe, flat, in demi-pointe and on pointe, to scale over the brass rule. A right foot looks the other way. */
  interface Props {
    side: Side;
    unit: LengthUnit;
    report: PointeReport;
    drawn: { flat: PointeSide; demi: PointeSide; pointe: PointeSide; tipped: number };
  }
  let { side, unit, report, drawn }: Props = $props();
  const id = $props.id();
  const [WIDTH, HEIGHT, RULE] = [780, 354, 20];
  const FLOOR = HEIGHT - RULE - 8;
  const SCALE = 0.81;
  const sign = $derived(side === 'left' ? 1 : -1);
  /** Where each pose begins on the sheet, px. */
  const POSES = [
    { id: 'flat', from: 14 },
    { id: 'demi', from: 276 },
    { id: 'pointe', from: 540 }
  ] as const;
  const TOPS = { flat: 84, demi: 66, pointe: 52 } as const;
  const placed = $derived(
    POSES.map(({ id: pose, from }) => {
      const d = drawn[pose];
      const xs = d.satin.map((p) => sign * p.x);
      const left = from + 26 - Math.min(...xs) * SCALE;
      return { pose, d, at: (p: Point): Point => ({ x: left + sign * p.x * SCALE, y: FLOOR - p.y * SCALE }) };
    })
  );
  const over = $derived(report.over);
  const state = $derived(over && overState(over));
  const round = (deg: number): number => Math.round(Math.abs(deg));
  const margin = $derived(
    over === null || state === null
      ? 'point reach not taken'
      : { short: `${round(over.toSpareDeg)}° short`, falls: `falls over by ${round(over.heldBackDeg)}°`, holds: `over by ${round(over.toSpareDeg)}°, held by ${round(over.heldBackDeg)}°` }[state] // prettier-ignore
  );
  const wrong = $derived(state === 'short' || state === 'falls');
  const AT_END = { low: 'toes bend', lowish: 'toes pressed at the end', right: 'toes long, just at the end' } as const;
  const length = $derived(report.zones.find((z) => z.zone === 'length')!);
  const WORDS = $derived({
    flat: {
      name: 'Flat',
      words: length.state === 'highish' || length.state === 'high' ? `${smallLength(length.value, unit)} before the end` : AT_END[length.state]
    },
    demi: { name: 'Demi', words: `${report.demiDeg < HARD_TO_ROLL_DEG ? 'hard to roll through, ' : 'rolls to '}${Math.round(report.demiDeg)}°` },
    pointe: { name: 'Full', words: margin }
  });
  const full = $derived(placed[2]);
  const plumb = $derived(full.at({ x: 0, y: 0 }).x);
  const heel = $derived(full.at(full.d.heel));
  const vampEnd = $derived(full.at(full.d.vampEnd));
  const flatVamp = $derived(placed[0].at(placed[0].d.vampEnd));
  const flatToe = $derived(placed[0].at({ x: 0, y: 0 }));
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  class="block w-full"
  role="img"
  aria-label="{side} foot from its inner side: flat, {WORDS.flat.words}; demi-pointe, {WORDS.demi.words}; on pointe, {margin}"
>
  <defs><BrassFill id="brass-{id}" /></defs>
  {#each placed as { pose, d, at } (pose)}
    <SidePose drawing={d} {at} scale={SCALE} fadeY={TOPS[pose]} />
  {/each}
  <path d="M{plumb} 58V{FLOOR}" stroke="var(--color-brass-line)" stroke-width="1.8" stroke-dasharray="7 4" />
  <g class="figures" font-size="15">
    <path
      d="M{flatVamp.x} {flatVamp.y - 8}V{flatVamp.y - 30}M{flatToe.x} {flatToe.y - 30}V{flatVamp.y - 30}M{flatVamp.x} {flatVamp.y - 26}H{flatToe.x}"
      stroke="var(--color-brass-line)"
      fill="none"
    />
    <text x={(flatVamp.x + flatToe.x) / 2} y={flatVamp.y - 34} text-anchor="middle" class="call">vamp {formatLength(Math.round(report.box.vampMm), unit)}</text>
    <path d="M{heel.x} {heel.y}l{-sign * 20} -26" stroke="var(--color-brass-line)" />
    <text x={heel.x - sign * 24} y={heel.y - 30} text-anchor={sign > 0 ? 'end' : 'start'} class="call">fold {smallLength(report.pinchMm, unit)}</text>
    <path d="M{vampEnd.x} {vampEnd.y}l{sign * 14} 20" stroke="var(--color-brass-line)" />
    <text x={vampEnd.x + sign * 18} y={vampEnd.y + 34} text-anchor={sign > 0 ? 'start' : 'end'} class="call"
      >{smallLength(report.inBox.cover.vampMm, unit)} over<tspan x={vampEnd.x + sign * 18} dy="17">the crease</tspan></text
    >
  </g>
  {#each POSES as { id: pose, from } (pose)}
    <text x={from} y="22" class="pose">{WORDS[pose].name}</text>
    <text x={from} y="43" class={pose === 'pointe' && wrong ? 'words far' : 'words'}>{WORDS[pose].words}</text>
  {/each}
  <rect x="6" y={FLOOR} width={WIDTH - 12} height={RULE} rx="2" fill="url(#brass-{id})" stroke="var(--color-rule-edge)" />
  {#each Array.from({ length: 78 }, (_, i) => i) as i (i)}
    <path d="M{14 + i * 9.6} {FLOOR + 1}v{i % 5 === 0 ? 10 : 6}" stroke="var(--color-rule-ink)" stroke-width={i % 5 === 0 ? 1.3 : 0.7} />
  {/each}
</svg>

<style>
  .pose {
    font-family: var(--font-serif);
    font-size: 22px;
    font-weight: 600;
    fill: var(--color-ink);
  }
  .words {
    font-size: 16px;
    font-weight: 600;
    fill: var(--color-ink);
    paint-order: stroke;
    stroke: var(--color-sheet);
    stroke-width: 4px;
  }
  .far {
    fill: var(--color-tight-word);
  }
  .call {
    font-weight: 650;
    fill: var(--color-brass);
    paint-order: stroke;
    stroke: var(--color-sheet);
    stroke-width: 4px;
  }
</style>
