<script lang="ts">
  import { KIND, type Candidate } from '@chiave/core/fit';
  import { TOE_FAMILY, type ToeFamilyId } from '@chiave/core/last';
  import { formatLength } from '@chiave/core/measure';
  import { SCALE } from '@chiave/core/size';
  import ZoneStrip from '../../drawing/ZoneStrip.svelte';
  import CarryButton from '$lib/ui/fitting/CarryButton.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import { capital } from '$lib/capital';
  import { chance, VERDICT_WORDS } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/frame/units.svelte';
  import { decided } from './decided';
  import Check from '$lib/ui/kit/Check.svelte';

  /** One candidate of a ranking: size, verdict, reason, every zone. */
  interface Props {
    desk: Desk;
    candidate: Candidate;
    family: ToeFamilyId;
    /** Lies side by side with others, or cannot since there are enough. */
    compared: boolean;
    full: boolean;
    oncompare: (on: boolean) => void;
  }
  let { desk, candidate: c, family, compared, full, oncompare }: Props = $props();
</script>

<li class="sheet grid gap-2" data-candidate={c.styleId} data-verdict={c.verdict}>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
    <div class="min-w-64 flex-1">
      <a class="text-lg font-semibold" href="/fittings/{desk.fitting.id}/shoe/{c.styleId}?size={encodeURIComponent(c.size)}&width={encodeURIComponent(c.width)}"
        >{c.name}</a
      >
      <span class="soft"
        >{c.maker}, {KIND[c.kind].name}, last {c.lastName} ({TOE_FAMILY[family].name} toe){c.heelHeightMm > 25
          ? `, heel ${formatLength(c.heelHeightMm, shown.unit)}`
          : ''}</span
      >
    </div>
    <p class="text-right">
      <span class="figures text-2xl font-semibold">{c.size}</span> <span class="soft text-sm">{SCALE[c.scale].short},</span>
      <span class="soft text-sm">width</span> <span class="figures text-xl font-semibold">{c.width}</span>
    </p>
    <p class="verdict" data-fits={c.verdict}>{VERDICT_WORDS[c.verdict]}{c.verdict === 'fits' ? `, ${c.character}` : ''}</p>
    <CarryButton {desk} styleId={c.styleId} size={c.size} width={c.width} />
    <Check checked={compared} disabled={full && !compared} onchange={(e) => oncompare(e.currentTarget.checked)}>compare</Check>
  </div>
  <p>
    {c.sentence}
    <span class="soft"
      >{capital(decided(c, shown.unit))}; {chance(c.probability)}{c.onShelf > 0 ? `; ${c.onShelf} on the shelf` : '; not on the shelf in this size'}.</span
    >
  </p>
  {#if c.notTheLabel}<p class="text-sm" data-not-the-label>{c.notTheLabel}</p>{/if}
  <ZoneStrip zones={c.zones} unit={shown.unit} />
</li>

<style>
  /* Cards out of sight are neither laid out nor painted until they are scrolled to. */
  li[data-candidate] {
    content-visibility: auto;
    contain-intrinsic-size: auto 15rem;
  }
  .verdict {
    min-width: 9rem;
    border-radius: 6px;
    border: 1px solid var(--color-line);
    padding: 0.3rem 0.7rem;
    text-align: center;
    font-weight: 600;
  }
  .verdict[data-fits='fits'] {
    background: var(--color-ink);
    color: var(--color-sheet);
  }
  .verdict[data-fits='fits-with-help'] {
    border-color: var(--color-ink);
  }
  .verdict[data-fits='does-not-fit'] {
    color: var(--color-ink-soft);
    border-style: dashed;
  }
</style>
