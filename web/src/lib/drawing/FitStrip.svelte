<script lang="ts">
  import { ZONE, ZONE_PARTS, type ZoneBrief } from '@chiave/core/fit';
  import { formatSigned, SIDES, type LengthUnit, type Side } from '@chiave/core/measure';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { colourOf, wordOf } from './tightness';

  /**
   * Every zone of both feet at a glance, in four groups from toes to heel: a dot within the band is right, a block above it is loose, one
   * below it tight. A calm line is a right shoe.
   */
  let { zones, unit }: { zones: Record<Side, ZoneBrief[]>; unit: LengthUnit } = $props();
  const ZONE_PX = 27;
  const GAP = 9;
  /** Half the height of the band; the whole of a row. */
  const BAND = 8;
  const ROW = 36;
  const HALF = ROW / 2;
  const ids = $derived([...new Set([...zones.left, ...zones.right].map((z) => z.zone))]);
  /** Each group with where it begins and which zones it holds. */
  const groups = $derived.by(() => {
    let at = 0;
    return ZONE_PARTS.flatMap((part) => {
      const own = ids.filter((id) => ZONE[id].part === part);
      if (own.length === 0) return [];
      const group = { part, x: at, ids: own, width: own.length * ZONE_PX };
      at += group.width + GAP;
      return [group];
    });
  });
  const width = $derived((groups.at(-1)?.x ?? 0) + (groups.at(-1)?.width ?? 0));
  const rows = $derived(
    SIDES.map((side) => ({
      side,
      marks: groups.flatMap((g) =>
        g.ids.flatMap((id, i) => {
          const zone = zones[side].find((z) => z.zone === id);
          return zone ? [{ ...zone, x: g.x + (i + 0.5) * ZONE_PX, right: zone.state === 'right' }] : [];
        })
      )
    }))
  );
  const wordsOf = (z: ZoneBrief) => `${ZONE[z.zone].name} ${formatSigned(z.clearanceMm, unit)} ${wordOf(z.state)}`;
  const yOf = (level: number) => HALF - level * BAND;
</script>

<div class="strip" data-strip>
  <span></span>
  <svg viewBox="0 0 {width} 18" {width} height="18" aria-hidden="true"
    >{#each groups as g (g.part)}<text x={g.x + g.width / 2} y="13" text-anchor="middle" font-size="14" fill="var(--color-ink-soft)">{g.part}</text>{/each}</svg
  >
  {#each rows as { side, marks } (side)}
    <SideMark {side} />
    <svg viewBox="0 0 {width} {ROW}" {width} height={ROW} role="img" aria-label="{side}: {marks.map(wordsOf).join(', ')}">
      {#each groups as g (g.part)}
        <rect x={g.x} y={HALF - BAND} width={g.width} height={2 * BAND} rx="3" fill="var(--color-band)" />
        <line x1={g.x + 2} x2={g.x + g.width - 2} y1={HALF} y2={HALF} stroke="#c9b99c" stroke-dasharray="2 3" />
      {/each}
      {#each marks as m (m.zone)}
        {@const y = yOf(m.level)}
        {@const edge = m.level > 0 ? HALF - BAND : HALF + BAND}
        <g>
          <title>{wordsOf(m)}</title>
          {#if m.right}<circle cx={m.x} cy={y} r="3.6" fill="var(--color-ink-soft)" />
          {:else if Math.abs(m.level) <= 1}<circle cx={m.x} cy={y} r="3.6" fill={colourOf(m.state)} />
          {:else}
            <rect x={m.x - 8} y={Math.min(y, edge)} width="16" height={Math.max(4, Math.abs(y - edge))} rx="1.5" fill={colourOf(m.state)} />
            <rect
              x={m.x - 8}
              y={m.level > 0 ? y - 1 : Math.max(y, edge + 4) - 2}
              width="16"
              height="3"
              fill={m.level > 0 ? 'var(--color-loose-word)' : 'var(--color-tight-word)'}
            />
          {/if}
        </g>
      {/each}
    </svg>
  {/each}
</div>

<style>
  .strip {
    display: grid;
    grid-template-columns: auto auto;
    justify-content: start;
    align-items: center;
    column-gap: 0.6rem;
  }
  svg {
    max-width: 100%;
    overflow: visible;
  }
  rect {
    transition: height 120ms ease-out;
  }
  @media (prefers-reduced-motion: reduce) {
    rect {
      transition: none;
    }
  }
</style>
