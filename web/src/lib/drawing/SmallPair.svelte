<script lang="ts">
  import { SMALL, type SmallPairLines } from './above/small-pair';

  /** Both feet in their shoes from above as large as a card allows: coloured where they are not right. */
  let { feet: f }: { feet: SmallPairLines } = $props();
</script>

<svg viewBox="0 0 {SMALL.width} {SMALL.height}" aria-hidden="true" class="mx-auto block w-full" data-small-pair>
  <path d={f.outside} fill="var(--color-leather)" stroke="var(--color-ink)" stroke-width="0.6" class="ink" />
  <path d={f.inside} fill="var(--color-lining)" class="lining" />
  <path d={f.foot} fill="var(--color-skin)" stroke="var(--color-skin-rim)" stroke-width={6 * f.scale} stroke-linejoin="round" class="lining" />
  <path d={f.ridges} fill="none" stroke="var(--color-light)" stroke-opacity="0.45" stroke-width={5 * f.scale} stroke-linecap="round" class="light" />
  <path d={f.nails} fill="var(--color-nail)" fill-opacity="0.85" stroke="var(--color-nail-edge)" stroke-width="0.5" />
  <path d="{f.inside}{f.opening}" fill="#2a2420" fill-opacity="0.12" fill-rule="evenodd" class="light" />
  <path d={f.foot} fill="none" stroke="var(--color-ink)" stroke-opacity="0.75" stroke-width="1.1" stroke-linejoin="round" />
  <path d={f.opening} fill="none" stroke="var(--color-leather-light)" stroke-width="0.8" />
  {#each f.edges as edge (edge.colour)}
    <path d={edge.path} fill="none" stroke="var(--color-light)" stroke-width="4.4" stroke-linecap="round" />
    <path d={edge.path} fill="none" stroke={edge.colour} stroke-width="3" stroke-linecap="round" />
  {/each}
</svg>

<style>
  @media print, (forced-colors: active) {
    .ink,
    .lining {
      fill: #fff;
    }
    .light {
      display: none;
    }
  }
</style>
