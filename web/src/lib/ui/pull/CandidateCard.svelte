<script lang="ts">
  import { VERDICT_WORDS, KIND, type Candidate } from '@chiave/core/fit';
  import { GROUND } from '@chiave/core/heel';
  import { TOE_FAMILY, type ToeFamilyId } from '@chiave/core/last';
  import { formatLength } from '@chiave/core/measure';
  import { SCALE } from '@chiave/core/size';
  import { USE, type Suit } from '@chiave/core/use';
  import SuitLine from '$lib/ui/use/SuitLine.svelte';
  import { useOfFitting } from '$lib/use-fitting';
  import type { Sketch, SuitTold } from '$lib/workers/messages';
  import SmallPair from '$lib/drawing/SmallPair.svelte';
  import FitStrip from '$lib/drawing/FitStrip.svelte';
  import CarryButton from '$lib/ui/fitting/CarryButton.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import { withFractions } from '$lib/size-fractions';
  import { capital } from '$lib/capital';
  import { inHundred } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { decided } from './decided';
  import Check from '$lib/ui/kit/Check.svelte';

  /** One candidate of a ranking: size, verdict, reason, every zone. */
  interface Props {
    desk: Desk;
    candidate: Candidate;
    family: ToeFamilyId;
    /** Both feet in it, once they are drawn. */
    drawn?: Omit<Sketch, 'styleId'>;
    /** How it suits the use that was asked for, and what is told of it. */
    suit?: Suit | null;
    told?: SuitTold;
    /** The best: carrying it to the chair is what the page is for. */
    first: boolean;
    /** Lies side by side with others, or cannot since there are enough. */
    compared: boolean;
    full: boolean;
    oncompare: (on: boolean) => void;
  }
  let { desk, candidate: c, family, drawn, suit = null, told, first, compared, full, oncompare }: Props = $props();
</script>

<li class="sheet" class:first data-candidate={c.styleId} data-verdict={c.verdict}>
  <div class="picture">
    {#if drawn}<SmallPair feet={drawn.feet} />{/if}
  </div>
  <div class="what">
    <p><span class="size figures" data-size>{withFractions(c.size)}</span> <b class="ml-1">{c.width}</b> <span class="soft">{SCALE[c.scale].short}</span></p>
    <a class="name" href="/fittings/{desk.fitting.id}/shoe/{c.styleId}?size={encodeURIComponent(c.size)}&width={encodeURIComponent(c.width)}">{c.name}</a>
    <p class="soft leading-snug">
      {c.maker}, {KIND[c.kind].name}, last {c.lastName} ({TOE_FAMILY[family].name} toe){c.heelHeightMm > 25
        ? `, heel ${formatLength(c.heelHeightMm, shown.unit)}`
        : ''}
    </p>
  </div>
  <div class="fit min-w-0">
    <FitStrip zones={c.zones} unit={shown.unit} />
    <p class="mt-1 leading-snug">
      {#if c.verdict === 'fits'}<b>{capital(VERDICT_WORDS[c.verdict])}, {c.character}.</b> {capital(c.reason)}.{:else}<b>{c.sentence}</b>{/if}
      {#if c.notTheLabel}<span class="soft" data-not-the-label>{c.notTheLabel}</span>{/if}
    </p>
  </div>
  <div class="suits leading-snug">
    {#if suit}<SuitLine {suit} {told} use={USE[useOfFitting(desk.fitting)!].name} />{/if}
    <p><b>{capital(inHundred(c.probability))}</b> within every limit</p>
    <p class={c.onShelf > 0 ? '' : 'soft'}>{c.onShelf > 0 ? `${c.onShelf} on the shelf` : 'not on the shelf in this size'}</p>
    <p class="soft">{capital(decided(c, shown.unit))}</p>
    {#if drawn && desk.fitting.ground !== ''}
      <p data-on-ground>
        <span class="soft">On {GROUND[desk.fitting.ground].name}:</span>
        {#if drawn.onGround}<b class={drawn.onGround.well ? '' : 'text-tight-word'}>{drawn.onGround.words}</b>{:else}no heel to speak of{/if}
      </p>
    {/if}
  </div>
  <div class="act grid content-start gap-2">
    <CarryButton primary={first} {desk} styleId={c.styleId} size={c.size} width={c.width} />
    <Check checked={compared} disabled={full && !compared} onchange={(e) => oncompare(e.currentTarget.checked)}>compare</Check>
  </div>
</li>

<style>
  /* Cards out of sight are neither laid out nor painted until they are scrolled to. */
  li[data-candidate] {
    display: grid;
    grid-template: 'picture what act' 'picture fit fit' 'picture suits suits' / 174px minmax(0, 1fr) 11rem;
    gap: 0.5rem 1.1rem;
    padding: 0.6rem 1rem;
    content-visibility: auto;
    contain-intrinsic-size: auto 9rem;
  }
  .what {
    grid-area: what;
  }
  .fit {
    grid-area: fit;
  }
  .act {
    grid-area: act;
  }
  .suits {
    display: flex;
    flex-wrap: wrap;
    column-gap: 1.1rem;
    grid-area: suits;
  }
  .first {
    border-color: var(--color-brass-line);
  }
  /* As high as the pair will be, before it is drawn. */
  .picture {
    aspect-ratio: 132 / 124;
    grid-area: picture;
  }
  @media (max-width: 40rem) {
    li[data-candidate] {
      grid-template: 'picture what' 'fit fit' 'suits suits' 'act act' / 132px minmax(0, 1fr);
    }
  }
  .name {
    font-size: 1.125rem;
    font-weight: 650;
  }
  @media (min-width: 62rem) {
    li[data-candidate] {
      grid-template: 'picture what fit suits act' / 132px minmax(10rem, 13.5rem) minmax(21rem, 1fr) minmax(11rem, 15rem) 11rem;
      align-items: center;
    }
    .suits {
      display: block;
      align-self: stretch;
      align-content: center;
      padding-left: 1rem;
      border-left: 1px solid var(--color-line);
    }
  }
  .size {
    font-family: var(--font-serif);
    font-size: 2.6rem;
    line-height: 1;
    font-weight: 600;
  }
</style>
