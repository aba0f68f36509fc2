<script lang="ts">
  import { completeFoot, type Foot, type Side } from '@chiave/core/measure';
  import { footOutline } from '@chiave/core/shape';
  import FootSkin from '../above/FootSkin.svelte';
  import { shapeOf } from '../foot-places';
  import { toScreen } from '../place';

  /** Both feet from above with the places of troubles; a press says where. Places are shares of the foot's length from the heel, inner side up. */
  interface PlaceOn {
    side: Side;
    x: number;
    y: number;
  }
  // prettier-ignore
  let { feet, marks, chosen = null, onplace }: {
    feet: readonly Foot[]; marks: readonly (PlaceOn & { words: string })[]; chosen?: PlaceOn | null; onplace: (side: Side, place: { x: number; y: number }) => void;
  } = $props();
  const [WIDE, HIGH, HEEL] = [320, 270, 256];
  const SIDES: readonly Side[] = ['left', 'right'];
  const CENTRE: Record<Side, number> = { left: 86, right: 234 };
  const UNKNOWN_MM = 245;
  const both = $derived(SIDES.map((side) => feet.find((f) => f.side === side) ?? completeFoot({ side, values: { lengthMm: { mm: UNKNOWN_MM } } })));
  const scale = $derived((HIGH - 40) / Math.max(...both.map((f) => f.values.lengthMm.mm)));
  const lengthOf = (side: Side): number => both.find((f) => f.side === side)!.values.lengthMm.mm;
  function at({ side, x, y }: PlaceOn): { x: number; y: number } {
    const mm = lengthOf(side);
    return toScreen(side, CENTRE[side], HEEL, scale)({ x: x * mm, y: y * mm });
  }
  const round = (v: number): number => Math.round(v * 100) / 100;
  function press(event: MouseEvent & { currentTarget: SVGSVGElement }): void {
    const box = event.currentTarget.getBoundingClientRect();
    const px = ((event.clientX - box.left) / box.width) * WIDE;
    const py = ((event.clientY - box.top) / box.height) * HIGH;
    const side: Side = px < WIDE / 2 ? 'left' : 'right';
    const per = lengthOf(side) * scale;
    const inner = ((px - CENTRE[side]) / per) * (side === 'left' ? 1 : -1);
    onplace(side, { x: round(Math.min(1.1, Math.max(-0.1, (HEEL - py) / per))), y: round(Math.min(0.3, Math.max(-0.3, inner))) });
  }
</script>

<!-- The side is chosen beside the drawing too; the place is for the hand. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<svg
  viewBox="0 0 {WIDE} {HIGH}"
  class="mx-auto block w-full max-w-[360px] cursor-crosshair"
  role="img"
  aria-label="Both feet from above: {marks.map((m) => `${m.side} ${m.words}`).join('; ') || 'no trouble marked'}"
  onclick={press}
>
  {#each both as foot (foot.side)}
    <FootSkin foot={footOutline(shapeOf(foot))} place={toScreen(foot.side, CENTRE[foot.side], HEEL, scale)} {scale} small={false} />
    <text x={CENTRE[foot.side]} y="16" text-anchor="middle" font-size="16" font-weight="650" fill="var(--color-side-{foot.side})"
      >{foot.side === 'left' ? 'L' : 'R'}</text
    >
  {/each}
  {#each marks as m, i (i)}
    {@const p = at(m)}
    <g
      ><title>{m.words}</title><circle
        cx={p.x}
        cy={p.y}
        r="9"
        fill="var(--color-tight-tint)"
        fill-opacity="0.8"
        stroke="var(--color-tight)"
        stroke-width="2.4"
      /><circle cx={p.x} cy={p.y} r="2.4" fill="var(--color-tight)" /></g
    >
  {/each}
  {#if chosen}
    {@const p = at(chosen)}
    <path d="M{p.x - 10} {p.y} H{p.x + 10} M{p.x} {p.y - 10} V{p.y + 10}" stroke="var(--color-ink)" stroke-width="2.6" />
  {/if}
</svg>
<p class="soft text-center">wearer’s left on the left, seen from above</p>
