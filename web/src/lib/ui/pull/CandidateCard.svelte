<script lang="ts">
  import { KIND, type Candidate } from '@chiave/core/fit';
  import { TOE_FAMILY, type ToeFamilyId } from '@chiave/core/last';
  import { formatLength } from '@chiave/core/measure';
  import { SCALE } from '@chiave/core/size';
  import FitStrip from '$lib/drawing/FitStrip.svelte';
  import CarryButton from '$lib/ui/fitting/CarryButton.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import { capital } from '$lib/capital';
  import { chance, VERDICT_WORDS } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { decided } from './decided';
  import Check from '$lib/ui/kit/Check.svelte';

  /** One candidate of a ranking: size, verdict, reason, every zone. */
  interface Props {
    desk: Desk;
    candidate: Candidate;
    family: ToeFamilyId;
    /** The best: carrying it to the chair is what the page is for. */
    first: boolean;
    /** Lies side by side with others, or cannot since there are enough. */
    compared: boolean;
    full: boolean;
    oncompare: (on: boolean) => void;
  }
  let { desk, candidate: c, family, first, compared, full, oncompare }: Props = $props();
</script>

<li class="sheet" data-candidate={c.styleId} data-verdict={c.verdict}>
  <div class="who">
    <p><span class="size figures" data-size>{c.size}</span> <b>{c.width}</b> <span class="soft text-sm">{SCALE[c.scale].short}</span></p>
    <a class="text-lg font-semibold" href="/fittings/{desk.fitting.id}/shoe/{c.styleId}?size={encodeURIComponent(c.size)}&width={encodeURIComponent(c.width)}"
      >{c.name}</a
    >
    <p class="soft">
      {c.maker}, {KIND[c.kind].name}, last {c.lastName} ({TOE_FAMILY[family].name} toe){c.heelHeightMm > 25
        ? `, heel ${formatLength(c.heelHeightMm, shown.unit)}`
        : ''}
    </p>
  </div>
  <div class="min-w-0">
    <FitStrip zones={c.zones} unit={shown.unit} />
    <p class="mt-1">
      {#if c.verdict === 'fits'}<b>{capital(VERDICT_WORDS[c.verdict])}, {c.character}.</b> {capital(c.reason)}.{:else}<b>{c.sentence}</b>{/if}
      <span class="soft"
        >{capital(decided(c, shown.unit))}; {chance(c.probability)}{c.onShelf > 0 ? `; ${c.onShelf} on the shelf` : '; not on the shelf in this size'}.</span
      >
    </p>
    {#if c.notTheLabel}<p class="text-sm" data-not-the-label>{c.notTheLabel}</p>{/if}
  </div>
  <div class="grid content-start gap-2">
    <CarryButton primary={first} {desk} styleId={c.styleId} size={c.size} width={c.width} />
    <Check checked={compared} disabled={full && !compared} onchange={(e) => oncompare(e.currentTarget.checked)}>compare</Check>
  </div>
</li>

<style>
  /* Cards out of sight are neither laid out nor painted until they are scrolled to. */
  li[data-candidate] {
    display: grid;
    gap: 0.75rem 1.25rem;
    content-visibility: auto;
    contain-intrinsic-size: auto 10.5rem;
  }
  @media (min-width: 50rem) {
    li[data-candidate] {
      grid-template-columns: minmax(11rem, 15rem) minmax(0, 1fr) auto;
      align-items: start;
    }
  }
  .size {
    font-family: var(--font-serif);
    font-size: 2.375rem;
    line-height: 1;
    font-weight: 600;
  }
</style>
