<script lang="ts">
  import { CUT, flatSkin } from '@chiave/core/heel';
  import type { Side, TakenId } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { smoothOpen } from './above/paths';
  import { ANKLE, HOW_TAKEN, LEG_BACK, LEG_FRONT, raised, turned } from './how-taken';
  import { openPath } from './place';
  import Tape from './Tape.svelte';

  /** A leg from its inner side with the one measure that is being taken: where the tape lies, from where to where, or what turns. */
  let { id, side, words }: { id: TakenId; side: Side; words: string } = $props();

  const WIDTH = 210;
  const HEIGHT = 216;
  const FLOOR = 206;
  const SCALE = 110;
  /** The foot is drawn up to here, the leg down to round the ankle, of the foot's length. */
  const FOOT_UPTO = 0.4;
  const HEEL_CUP: readonly Point[] = [
    { x: 0.1, y: 0.26 },
    { x: 0.24, y: 0.2 },
    { x: 0.345, y: 0.3 }
  ];
  /** Of the flat foot's skin that which is not the leg. */
  const foot = flatSkin({ lengthMm: 1, ballLengthMm: 0.725 });
  const how = $derived(HOW_TAKEN[id]);
  /** Both feet look towards the middle of the page, as their inner sides do. */
  const dir = $derived(side === 'left' ? 1 : -1);
  const turns = $derived(how?.turnsDeg ?? 0);
  const out = $derived(how?.heldOutDeg ?? 0);
  /** A foot that turns hangs free: its ankle stands higher than on the floor. */
  const up = $derived(how?.turnsDeg === undefined ? 0 : 82);
  const at = (q: Point): Point => {
    const { x, y } = turned(q, ANKLE, out);
    return { x: WIDTH / 2 + dir * (x - 0.34) * SCALE, y: FLOOR - up - y * SCALE };
  };
  const lifts = $derived(how?.raisedDeg ?? 0);
  const footAt = (turn: number, lift = lifts): string =>
    `${smoothOpen([...foot.slice(CUT.back), ...foot.slice(0, CUT.front + 1)].filter((q) => q.y < FOOT_UPTO).map((q) => at(raised(turned(q, ANKLE, turn), lift, false))))}Z`;
  const leg = $derived(`${smoothOpen([...LEG_BACK, ...HEEL_CUP, ...LEG_FRONT].map((q) => at(raised(q, lifts, true))))}Z`);
  /** The heel's way up. */
  const lifted = $derived(Array.from({ length: 13 }, (_, i) => at(raised({ x: 0.02, y: 0.06 }, (lifts * i) / 12, false))));
  const arc = $derived(Array.from({ length: 13 }, (_, i) => at(turned({ x: 0.98, y: 0.05 }, ANKLE, (turns * i) / 12))));
  const hang = $derived(
    [
      { x: 0.02, y: 0.06 },
      { x: 0.98, y: 0.03 }
    ].map((q) => at(turned(q, ANKLE, turns)))
  );
  const beside = $derived(hang[1].x + dir * 16);
</script>

{#if how}
  <svg viewBox="0 0 {WIDTH} {HEIGHT}" width={WIDTH} height={HEIGHT} role="img" aria-label={words} data-how-taken={id}>
    {#if how.turnsDeg === undefined}<path d="M8 {FLOOR + 1}H{WIDTH - 8}" stroke="var(--color-ground)" stroke-width="1.6" />{/if}
    <!-- Both outlines first, then both skins: no line is seen where foot and leg meet. -->
    <g fill="none" stroke="var(--color-ink)" stroke-opacity="0.75" stroke-width="3" stroke-linejoin="round"><path d={leg} /><path d={footAt(turns)} /></g>
    <g fill="var(--color-skin)"><path d={leg} /><path d={footAt(turns)} /></g>
    {#if how.turnsDeg !== undefined && out === 0}
      <path d={footAt(0)} fill="none" stroke="var(--color-edge)" stroke-width="1.2" stroke-dasharray="5 4" />
      <path d={openPath(arc)} fill="none" stroke="var(--color-brass-line)" stroke-width="2.4" />
      <circle cx={arc[arc.length - 1].x} cy={arc[arc.length - 1].y} r="5" fill="var(--color-brass-bright)" stroke="var(--color-ink)" stroke-width="1.6" />
    {/if}
    {#if lifts > 0}
      <path d={footAt(0, 0)} fill="none" stroke="var(--color-edge)" stroke-width="1.2" stroke-dasharray="5 4" />
      <path d={openPath(lifted)} fill="none" stroke="var(--color-brass-line)" stroke-width="2.4" />
      <circle cx={lifted[12].x} cy={lifted[12].y} r="5" fill="var(--color-brass-bright)" stroke="var(--color-ink)" stroke-width="1.6" />
    {/if}
    {#if out !== 0}
      {#each hang as q, i (i)}<path d="M{q.x} {q.y}H{beside}" stroke="var(--color-edge)" stroke-dasharray="3 4" />{/each}
      <path
        d="M{beside - 7} {hang[0].y}h14M{beside} {hang[0].y}V{hang[1].y}M{beside - 7} {hang[1].y}h14"
        fill="none"
        stroke="var(--color-brass-line)"
        stroke-width="2.6"
      />
    {/if}
    {#if how.tape}<Tape d={openPath(how.tape.map(at))} />{/if}
    {#if how.height !== undefined}
      {@const top = at({ x: 0.62, y: how.height })}
      <path d="M{top.x} {FLOOR}V{top.y}M{top.x - 7} {FLOOR}h14M{top.x - 7} {top.y}h14" fill="none" stroke="var(--color-brass-line)" stroke-width="2.6" />
      <path d="M{top.x} {top.y}H{at({ x: 0.2, y: 0 }).x}" stroke="var(--color-edge)" stroke-dasharray="3 4" />
    {/if}
    {#if how.spot}
      {@const spot = at(how.spot)}
      <circle cx={spot.x} cy={spot.y} r="7" fill="var(--color-brass-bright)" stroke="var(--color-ink)" stroke-width="2.2" />
    {/if}
  </svg>
{/if}
