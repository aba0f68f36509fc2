<script lang="ts">
  import type { HeelFit } from '@chiave/core/fit';
  import type { Pitch } from '@chiave/core/heel';
  import { formatLength, type LengthUnit } from '@chiave/core/measure';
  import { rangeWords, slides } from '$lib/range-words';
  import { curveThrough, openPath } from './place';

  // prettier-ignore
  let {
    lengthMm, toeHeightMm, heelHeightMm, platformMm, pitch, heel = null, unit, side
  }: {
    lengthMm: number; toeHeightMm: number; heelHeightMm: number; platformMm: number; pitch: Pitch; heel?: HeelFit | null; unit: LengthUnit; side: 'left' | 'right';
  } = $props();

  const WIDTH = 420;
  const scale = $derived(300 / lengthMm);

  /** Bottom of the foot in its own length: seat wedged, shank at the angle that makes up the drop, forepart flat. */
  const bottom = $derived.by(() => {
    const L = lengthMm;
    const wedge = (pitch.wedgeDeg * Math.PI) / 180;
    const seat = 0.175 * L;
    const shank = 0.55 * L;
    const left = pitch.dropMm - seat * Math.sin(wedge);
    const sine = Math.min(0.98, Math.max(0, left / shank));
    const a = Math.asin(sine);
    const p0 = { x: 0, y: pitch.dropMm };
    const p1 = { x: seat * Math.cos(wedge), y: pitch.dropMm - seat * Math.sin(wedge) };
    const p2 = { x: p1.x + shank * Math.cos(a), y: p1.y - shank * sine };
    const p3 = { x: p2.x + 0.275 * L, y: 0 };
    return { points: [p0, p1, { ...p2, y: 0 }, p3], shankDeg: (a * 180) / Math.PI };
  });

  const ground = 300;
  const at = (p: { x: number; y: number }) => ({ x: 92 + p.x * scale, y: ground - (p.y + platformMm) * scale });

  const outline = $derived.by(() => {
    const [p0, p1, p2, p3] = bottom.points;
    const L = lengthMm;
    const a = (bottom.shankDeg * Math.PI) / 180;
    const n = { x: Math.sin(a), y: Math.cos(a) };
    const mid = { x: p1.x + (p2.x - p1.x) * 0.42, y: p1.y + (p2.y - p1.y) * 0.42 };
    // Over the toes, instep and ankle, down the calf and round the heel, each place in its own share of the foot's length.
    const top = [
      { x: p3.x, y: 0.03 * L },
      { x: p3.x - 0.02 * L, y: toeHeightMm * 0.85 },
      { x: p3.x - 0.08 * L, y: toeHeightMm * 1.02 },
      { x: p2.x + 0.1 * L, y: toeHeightMm * 1.05 + 0.005 * L },
      { x: p2.x, y: 0.155 * L + 0.02 * (p1.y - p2.y) },
      { x: mid.x + n.x * 0.22 * L, y: mid.y + n.y * 0.22 * L },
      { x: p1.x + n.x * 0.1 * L + 0.1 * L, y: p1.y + 0.3 * L },
      { x: p1.x + 0.08 * L, y: p1.y + 0.42 * L },
      { x: p1.x + 0.085 * L, y: p1.y + 0.6 * L }
    ];
    const back = [
      { x: p0.x - 0.01 * L, y: p1.y + 0.6 * L },
      { x: p0.x + 0.02 * L, y: p0.y + 0.33 * L },
      { x: p0.x - 0.005 * L, y: p0.y + 0.18 * L },
      { x: p0.x - 0.022 * L, y: p0.y + 0.09 * L },
      { x: p0.x - 0.008 * L, y: p0.y + 0.02 * L },
      p0
    ];
    return `${openPath([p0, p1, p2, { x: p3.x - 0.02 * L, y: 0 }, top[0]].map(at))}${curveThrough(top.map(at))}L${at(back[0]).x} ${at(back[0]).y}${curveThrough(back.map(at))}Z`;
  });
</script>

<figure>
  <svg
    viewBox="0 -30 {WIDTH} 370"
    role="img"
    aria-label="{side} foot from the side on this heel, to scale: pitch {pitch.centralDeg.toFixed(0)} degrees"
    class="w-full"
  >
    <line x1="10" y1={ground} x2={WIDTH - 10} y2={ground} stroke="var(--color-ink)" stroke-width="1.5" />
    {#if platformMm > 0}
      <rect
        x={at(bottom.points[2]).x - 30}
        y={ground - platformMm * scale}
        width={0.275 * lengthMm * scale + 36}
        height={platformMm * scale}
        fill="#e6dcc8"
        stroke="var(--color-ink-soft)"
      />
    {/if}
    <path d={outline} fill="#f1e2cf" stroke="var(--color-ink-soft)" stroke-width="1.5" stroke-linejoin="round" />
    <path d={openPath(bottom.points.map(at))} fill="none" stroke="var(--color-ink)" stroke-width="3" stroke-linejoin="round" />
    <path
      d="M{at(bottom.points[0]).x - 4} {at(bottom.points[0]).y} L{at(bottom.points[1]).x} {at(bottom.points[1]).y} L{at({ x: 0.1 * lengthMm, y: 0 })
        .x} {ground} L{at({ x: 0.05 * lengthMm, y: 0 }).x} {ground} Z"
      fill="#6a5c4e"
      fill-opacity="0.8"
    />
    <line x1="40" y1={ground} x2="40" y2={at(bottom.points[0]).y} stroke="var(--color-brass)" stroke-width="1.5" />
    <line x1="30" y1={at(bottom.points[0]).y} x2="50" y2={at(bottom.points[0]).y} stroke="var(--color-brass)" />
    <text x="8" y={at(bottom.points[0]).y - 8} font-size={14} class="figures">{formatLength(heelHeightMm, unit)}</text>
    <text x={WIDTH - 12} y="26" text-anchor="end" font-size={16} font-weight="650"
      >{side === 'left' ? 'L' : 'R'} · pitch {pitch.lowDeg.toFixed(0)}° to {pitch.centralDeg.toFixed(0)}°</text
    >
    <text x={WIDTH - 12} y="46" text-anchor="end" font-size="13.5" fill="var(--color-ink-soft)">effective drop {formatLength(pitch.dropMm, unit)}</text>
    {#if heel}
      <text x={WIDTH - 12} y="64" text-anchor="end" font-size="13.5" fill="var(--color-ink-soft)"
        >{slides(heel.slide, unit) ? `slides ${rangeWords(heel.slide.lowMm, heel.slide.highMm, unit)}` : 'does not slide forward'}</text
      >
    {/if}
    <text x={WIDTH / 2} y={ground + 26} text-anchor="middle" font-size={13} fill="var(--color-ink-soft)">side view to scale for this foot</text>
  </svg>
</figure>
