<script lang="ts">
  import { completeFoot, type Side } from '@chiave/core/measure';
  import { footOutline, type Point } from '@chiave/core/shape';
  import FootSkin from '$lib/drawing/above/FootSkin.svelte';
  import { smooth, smoothOpen } from '$lib/drawing/above/paths';
  import { ARCH_ABOVE_FLOOR, fromSide, shapeOf, sideHeights, sidesAt } from '$lib/drawing/foot-places';
  import { toScreen } from '$lib/drawing/place';
  import type { OnFoot, Shown } from './looks';

  /** What one choice of Look means, drawn: an ordinary foot with what is seen on it. The word stands beside it. */
  let { shows, side }: { shows: Shown; side: Side } = $props();

  const LENGTH_MM = 240;
  const WIDE = 34;
  const HIGH = 56;
  const SIDE_WIDE = 62;
  /** Of the length, how much is seen where the toes alone are. */
  const TOES = 0.42;
  const scale = $derived((HIGH - 6) / ((LENGTH_MM + 8) * (shows.toes ? TOES : 1)));
  const wide = $derived(shows.toes ? 1.5 * WIDE : WIDE);
  const plain = completeFoot({ side: 'left', values: { lengthMm: { mm: LENGTH_MM } } }).values;
  const foot = $derived(
    completeFoot({
      side,
      toeShape: shows.toeShape,
      values: {
        lengthMm: { mm: LENGTH_MM },
        ballWidthMm: { mm: plain.ballWidthMm.mm * (shows.ball ?? 1) },
        heelWidthMm: { mm: plain.heelWidthMm.mm * (shows.heel ?? 1) }
      }
    })
  );
  const shape = $derived(shapeOf(foot));
  const place = $derived(toScreen(side, wide / 2, 3 + (LENGTH_MM + 8) * scale, scale));
  function at([along, across]: OnFoot): Point {
    const x = along * LENGTH_MM;
    const [inner, outer] = sidesAt(shape, x);
    return place({ x, y: across > 0 ? across * inner : -across * outer });
  }
  const mark = $derived((shows.mark ?? []).map(at));
  const arched = $derived(shows.arch ? fromSide(foot, { ...sideHeights(foot, {}), archMm: ARCH_ABOVE_FLOOR[shows.arch] * LENGTH_MM }).skin : []);
  const sideScale = (SIDE_WIDE - 8) / LENGTH_MM;
</script>

{#if shows.arch}
  <svg viewBox="0 0 {SIDE_WIDE} 40" width={SIDE_WIDE} height="40" aria-hidden="true" class="ml-3">
    <path
      d={smooth(arched.map((p) => ({ x: 4 + p.x * sideScale, y: 36 - p.y * sideScale })))}
      fill="var(--color-skin)"
      stroke="var(--color-ink)"
      stroke-width="1.2"
    />
    <path d="M0 36.6H{SIDE_WIDE}" stroke="var(--color-edge)" />
  </svg>
{:else}
  <svg viewBox="0 0 {wide} {HIGH}" width={wide} height={HIGH} aria-hidden="true">
    <FootSkin foot={footOutline(shape)} {place} {scale} small />
    {#if mark.length > 1}
      <path d={smoothOpen(mark)} fill="none" stroke="var(--color-sheet)" stroke-width="5.4" stroke-linecap="round" />
      <path
        d={smoothOpen(mark)}
        fill="none"
        stroke={shows.way ? 'var(--color-ink)' : 'var(--color-tight)'}
        stroke-width={shows.way ? 1.8 : 3.4}
        stroke-linecap="round"
      />
      {#if shows.way}<circle cx={mark.at(-1)?.x} cy={mark.at(-1)?.y} r="3" fill="var(--color-ink)" />{/if}
    {:else if mark.length === 1}
      <circle cx={mark[0].x} cy={mark[0].y} r="4.4" fill="var(--color-tight)" stroke="var(--color-sheet)" stroke-width="1.6" />
    {/if}
  </svg>
{/if}
