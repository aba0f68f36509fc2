<script lang="ts">
  import type { FootOutline } from '@chiave/core/shape';
  import { nail, shadeOf, smooth, smoothOpen, type OnSheet } from './paths';

  /** One foot from above: outline, toes, nails and light, all from its numbers. One clay tone for everybody. */
  interface Props {
    foot: FootOutline;
    place: OnSheet;
    /** Pixels of the sheet to a millimetre: the light is as wide as the foot is large. */
    scale: number;
    /** On a card only what is seen at its size. */
    small?: boolean;
    /** Not the one that is asked about: paler. */
    pale?: boolean;
    /** Filled in, not measured: its line is dashed. */
    dashed?: boolean;
  }
  let { foot, place, scale, small = false, pale = false, dashed = false }: Props = $props();
  const id = $props.id();
  const outline = $derived(smooth(foot.knots.map(place)));
  const shade = $derived(shadeOf(foot));
  const wide = (mm: number) => (mm * scale).toFixed(2);
  const blurs = $derived(!small && scale > 0.5);
</script>

<g opacity={pale ? 0.62 : 1}>
  <defs>
    <clipPath id="clip-{id}"><path d={outline} /></clipPath>
    {#if blurs}
      <filter id="soft-{id}" x="-30%" y="-30%" width="160%" height="160%"><feGaussianBlur stdDeviation={wide(3)} /></filter>
    {/if}
  </defs>
  <path d={outline} fill="var(--color-skin)" class="skin morphs" style="d:path('{outline}')" />
  <g clip-path="url(#clip-{id})" fill="none" stroke-linecap="round" filter={blurs ? `url(#soft-${id})` : undefined} class="light">
    <path d={outline} stroke="var(--color-skin-shade)" stroke-opacity={small ? 0.32 : 0.5} stroke-width={wide(9)} />
    {#if !small}
      <path d={smoothOpen(shade.arch.map(place))} stroke="var(--color-skin-shade)" stroke-opacity="0.5" stroke-width={wide(13)} />
      {#each shade.clefts as [a, b], i (i)}<path
          d={smoothOpen([a, b].map(place))}
          stroke="var(--color-skin-deep)"
          stroke-opacity="0.5"
          stroke-width={wide(5.5)}
        />{/each}
    {/if}
    {#each shade.ridges as [a, b], i (i)}<path
        d={smoothOpen([a, b].map(place))}
        stroke="var(--color-light)"
        stroke-opacity={small ? 0.45 : 0.6}
        stroke-width={wide(5)}
      />{/each}
  </g>
  {#each foot.toes as toe, i (i)}
    <path d={nail(toe.nail.map(place))} fill="var(--color-nail)" fill-opacity="0.85" stroke="var(--color-nail-edge)" stroke-width={small ? 0.5 : 0.9} />
    {#if !small}
      {#each toe.creases as [a, b], c (c)}<path
          d={smoothOpen([a, b].map(place))}
          fill="none"
          stroke="var(--color-nail-edge)"
          stroke-opacity="0.6"
          stroke-width="0.9"
        />{/each}
    {/if}
  {/each}
  <path
    d={outline}
    fill="none"
    stroke="var(--color-ink)"
    stroke-opacity={small ? 0.75 : 0.85}
    stroke-width={small ? 1.1 : 1.6}
    stroke-linejoin="round"
    stroke-dasharray={dashed ? '5 4' : undefined}
    class="morphs"
    style="d:path('{outline}')"
  />
</g>

<style>
  @media print, (forced-colors: active) {
    .light {
      display: none;
    }
    .skin {
      fill: #fff;
    }
  }
</style>
