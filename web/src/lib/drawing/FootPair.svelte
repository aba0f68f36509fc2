<script lang="ts">
  import type { Foot, Side } from '@chiave/core/measure';
  import { formatLength, sockOutlineMm, type LengthUnit } from '@chiave/core/measure';
  import { compileFootShape, footPolygon } from '@chiave/core/shape';
  import { closedPath, toScreen } from './place';

  let { feet, unit, active = '' }: { feet: Partial<Record<Side, Foot>>; unit: LengthUnit; active?: string } = $props();

  const WIDTH = 560;
  const HEIGHT = 600;
  const HEEL_Y = 556;
  const CENTRE: Record<Side, number> = { left: 150, right: 410 };

  const longest = $derived(Math.max(220, ...Object.values(feet).map((f) => f?.values.lengthMm.mm ?? 0)));
  const scale = $derived(Math.min(500 / longest, 2.1));

  function drawn(side: Side, foot: Foot) {
    const v = foot.values;
    const shape = compileFootShape(
      {
        lengthMm: v.lengthMm.mm,
        ballLengthMm: v.ballLengthMm.mm,
        outerBallLengthMm: v.outerBallLengthMm.mm,
        ballWidthMm: v.ballWidthMm.mm,
        heelWidthMm: v.heelWidthMm.mm,
        toeShape: foot.toeShape,
        bunionMm: foot.bunionMm,
        littleToeBunionMm: foot.littleToeBunionMm
      },
      sockOutlineMm(0)
    );
    const place = toScreen(side, CENTRE[side], HEEL_Y, scale);
    const inner = place({ x: v.ballLengthMm.mm, y: shape.innerAtBall });
    const outer = place({ x: v.outerBallLengthMm.mm, y: -shape.outerAtBall });
    const heelIn = place({ x: 0.17 * v.lengthMm.mm, y: v.heelWidthMm.mm / 2 });
    const heelOut = place({ x: 0.17 * v.lengthMm.mm, y: -v.heelWidthMm.mm / 2 });
    return { path: closedPath(footPolygon(shape).map(place)), inner, outer, heelIn, heelOut, top: HEEL_Y - v.lengthMm.mm * scale };
  }

  const isFilledIn = (foot: Foot, id: 'ballWidthMm' | 'heelWidthMm' | 'ballLengthMm') => foot.values[id].how === 'derived';
  const strong = (id: string) => (active === id ? 3 : 1.2);
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" role="img" aria-label="Both feet from above, drawn from the numbers; the wearer's left foot on the left" class="w-full">
  <text x={WIDTH / 2} y="18" text-anchor="middle" font-size="14" fill="var(--color-ink-soft)">from above, toes up · your left on the left</text>
  {#each ['left', 'right'] as const as side (side)}
    {@const foot = feet[side]}
    {@const letter = side === 'left' ? 'L' : 'R'}
    {@const colour = side === 'left' ? 'var(--color-side-left)' : 'var(--color-side-right)'}
    <text x={CENTRE[side]} y={HEEL_Y + 36} text-anchor="middle" font-size="22" font-weight="700" fill={colour}>{letter} {side}</text>
    {#if foot}
      {@const d = drawn(side, foot)}
      {@const edge = side === 'left' ? 22 : WIDTH - 22}
      {@const v = foot.values}
      <path d={d.path} fill="#f1e2cf" stroke={colour} stroke-width="2" />
      <line x1={edge} y1={d.top} x2={edge} y2={HEEL_Y} stroke="var(--color-ink)" stroke-width={strong('lengthMm')} />
      <line x1={edge - 6} y1={d.top} x2={edge + 6} y2={d.top} stroke="var(--color-ink)" />
      <line x1={edge - 6} y1={HEEL_Y} x2={edge + 6} y2={HEEL_Y} stroke="var(--color-ink)" />
      <text
        x={edge}
        y={d.top - 10}
        text-anchor={side === 'left' ? 'start' : 'end'}
        dx={side === 'left' ? -14 : 14}
        font-size="16"
        class="figures"
        fill="var(--color-ink)"
      >
        {formatLength(v.lengthMm.mm, unit)}
      </text>
      <line
        x1={d.inner.x}
        y1={d.inner.y}
        x2={d.outer.x}
        y2={d.outer.y}
        stroke="var(--color-brass)"
        stroke-width={strong('ballWidthMm')}
        stroke-dasharray={isFilledIn(foot, 'ballWidthMm') ? '4 4' : undefined}
      />
      <text
        x={CENTRE[side]}
        y={(d.inner.y + d.outer.y) / 2 - 8}
        text-anchor="middle"
        font-size="14"
        class="figures halo"
        font-style={isFilledIn(foot, 'ballWidthMm') ? 'italic' : undefined}
        fill="var(--color-ink)"
      >
        {formatLength(v.ballWidthMm.mm, unit)}
      </text>
      <line
        x1={d.heelIn.x}
        y1={d.heelIn.y}
        x2={d.heelOut.x}
        y2={d.heelOut.y}
        stroke="var(--color-brass)"
        stroke-width={strong('heelWidthMm')}
        stroke-dasharray={isFilledIn(foot, 'heelWidthMm') ? '4 4' : undefined}
      />
      <text
        x={CENTRE[side]}
        y={d.heelIn.y - 8}
        text-anchor="middle"
        font-size="14"
        class="figures halo"
        font-style={isFilledIn(foot, 'heelWidthMm') ? 'italic' : undefined}
        fill="var(--color-ink)"
      >
        {formatLength(v.heelWidthMm.mm, unit)}
      </text>
      <circle cx={d.inner.x} cy={d.inner.y} r={active === 'ballLengthMm' ? 7 : 4} fill="var(--color-brass)" />
    {:else}
      <rect x={CENTRE[side] - 70} y="150" width="140" height="360" rx="60" fill="none" stroke="var(--color-line)" stroke-dasharray="6 6" />
      <text x={CENTRE[side]} y="330" text-anchor="middle" font-size="15" fill="var(--color-ink-soft)">length first</text>
    {/if}
  {/each}
</svg>
