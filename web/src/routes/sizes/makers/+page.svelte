<script lang="ts">
  import { isFootLength } from '$lib/api/foot-length';
  import { invalidateAll } from '$app/navigation';
  import { formatDifference, formatFigure, formatLength, parseLength, trimNumber } from '@chiave/core/measure';
  import { convertFoot, makerScaleId, makerWidths, sizeInterval } from '@chiave/core/size';
  import { send } from '$lib/send/save.svelte';
  import MakerScaleForm from '$lib/ui/sizes/MakerScaleForm.svelte';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import RuleBench from '$lib/drawing/RuleBench.svelte';
  import { viewAround } from '$lib/drawing/rule-view';
  import { withFractions } from '$lib/size-fractions';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  let { data } = $props();
  let message = $state('');
  let footText = $state('245');
  const footMm = $derived.by(() => {
    const parsed = parseLength(footText, shown.unit);
    return parsed.ok && isFootLength(parsed.mm) ? parsed.mm : null;
  });
  const book = $derived(shopBook());
  /** What every kept scale is held against. */
  const BESIDE = 'eu';
  const scales = $derived([...data.makerScales.map((row) => book.get(makerScaleId(row.id))), book.get(BESIDE)]);
  let view = $state(viewAround([245]));
  /** The foot on the rule: it stays where it was while what is typed cannot be read. */
  let marked = $state(245);
  const marks = $derived([{ id: 'foot', letter: 'S', name: 'a foot', mm: marked, colour: 'var(--color-brass)', dash: '2 3', foot: false }]);
  $effect(() => {
    if (footMm !== null) marked = footMm;
  });
  const EITHER = new Intl.ListFormat('en-GB', { type: 'disjunction' });
  const LISTED = new Intl.ListFormat('en-GB');
  const takes = $derived.by(() => {
    if (data.makerScales.length === 0) return 'No maker’s own scale is kept yet; one that is kept lies on this rule beside the continental one.';
    const told = scales.map((scale) => {
      const sizes = convertFoot({ lengthMm: marked }, [scale.id], book)
        .readings.filter((read) => !read.outsideRange)
        .map((read) => withFractions(read.size));
      return `${sizes.length === 0 ? 'nothing' : EITHER.format([...new Set(sizes)])} in ${scale.name}`;
    });
    return `A foot of ${formatLength(marked, shown.unit)} takes ${LISTED.format(told)}.`;
  });
  async function remove(id: number): Promise<void> {
    const sent = await send(`/api/v1/maker-scales/${id}`, 'DELETE');
    if (sent.ok) await invalidateAll();
    else message = sent.detail;
  }
</script>

<svelte:head><title>Makers’ scales · Chiave</title></svelte:head>
<h1 class="sr-only">Makers’ own scales</h1>
<p class="says mb-1" aria-live="polite">{takes}</p>
<section class="mb-4" aria-label="Kept scales on the rule">
  <RuleBench
    {marks}
    active="foot"
    {scales}
    {view}
    unit={shown.unit}
    onmark={(_, mm) => (footText = formatFigure(mm, shown.unit))}
    onactive={() => {}}
    onview={(next) => (view = next)}
  />
</section>
<div class="grid gap-4 lg:grid-cols-2">
  <MakerScaleForm makers={data.makers} />

  <Sheet heading="Kept scales">
    <Field label="A foot, read in each" figures class="max-w-60" bind:value={footText} aria-invalid={footMm === null} />
    {#if footMm === null}<Notice class="mt-1" tone="caution" role="alert">Not a foot length: write it as 245, 24.5 cm or 9 5/8 in.</Notice>{/if}
    {#each data.makerScales as row (row.id)}
      {@const scale = book.get(makerScaleId(row.id))}
      <article class="mt-3 border-t border-line pt-2" data-maker-scale>
        <div class="flex items-baseline gap-2">
          <h3 class="mr-auto">{row.definition.name}, {row.maker}</h3>
          <Button kind="text" onclick={() => remove(row.id)}>remove</Button>
        </div>
        {#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
        <p class="text-sm">
          One size is <span class="figures">{trimNumber(row.definition.unitMm, 2)} mm</span>; {row.definition.from} to {row.definition.to}, {row.definition
            .cut === 'whole'
            ? 'whole sizes only'
            : row.definition.cut === 'half'
              ? 'half sizes'
              : 'a half is the next width'}, {row.definition.forWhom}; size {row.definition.knownSize} is a foot of
          <span class="figures">{formatLength(sizeInterval(scale, undefined, row.definition.knownSize).mm, shown.unit)}</span>.
          <span class="soft">{row.definition.note}</span>
        </p>
        {#if footMm !== null}
          {@const [read, eu] = convertFoot({ lengthMm: footMm }, [scale.id, 'eu'], book).readings}
          <p>
            <b class="figures text-xl">{read.outsideRange ? 'outside its run' : withFractions(read.size)}</b>
            <span class="soft figures text-sm">{read.outsideRange ? '' : formatDifference(read.remainderMm)}</span
            >{#if !read.outsideRange && scale.halfIsWidth}<span class="soft text-sm">, or {read.size}.5 for a wider one</span>{/if}
            <span class="soft text-sm">(continental by length: {withFractions(eu.size)})</span>
          </p>
        {/if}
        {#if row.definition.widths}<p class="text-sm">
            Widths: {#each makerWidths(row.definition.widths) as w, at (at)}<span class="figures mr-2">{w.name} {trimNumber(w.mm)} mm</span>{/each}
          </p>{/if}
      </article>
    {:else}<p class="soft mt-2">None yet. A kept scale is read everywhere: on the rule, in the quick box by its name, in charts, chains and columns.</p>{/each}
  </Sheet>
</div>
