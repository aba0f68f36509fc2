<script lang="ts">
  import { onDestroy, onMount, untrack } from 'svelte';
  import { MAKING_SD } from '@chiave/core/fit';
  import { formatDifference } from '@chiave/core/measure';
  import { capital } from '$lib/capital';
  import { feetOf, wearOf } from '$lib/fit-feet';
  import { writePut } from '$lib/put-text';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { chance, VERDICT_WORDS } from '$lib/ui/fitting/names';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import FeetInside from '$lib/ui/shoe/FeetInside.svelte';
  import ForecastPanel from '$lib/ui/shoe/ForecastPanel.svelte';
  import HeelSheet from '$lib/ui/shoe/HeelSheet.svelte';
  import HelpList from '$lib/ui/shoe/HelpList.svelte';
  import NextMeasurePanel from '$lib/ui/shoe/NextMeasurePanel.svelte';
  import { OpenedPair } from '$lib/ui/shoe/opened-pair.svelte';
  import ShoeHead from '$lib/ui/shoe/ShoeHead.svelte';
  import SizeGridTable from '$lib/ui/shoe/SizeGridTable.svelte';
  import SymptomFinder from '$lib/ui/shoe/SymptomFinder.svelte';
  import TradePanel from '$lib/ui/shoe/TradePanel.svelte';
  import ZoneTable from '$lib/ui/shoe/ZoneTable.svelte';

  let { data } = $props();
  const desk = getDesk();
  const f = $derived(desk.fitting);
  const pair = new OpenedPair(desk, () => data);
  const measured = $derived(pair.worn.length === 2);
  const feet = $derived(feetOf(f));
  const open = () => void pair.open(data.put);

  /** Another pair is opened when this changes, and not whenever the same is loaded again. */
  const pairOpened = $derived(`${data.style.id} ${data.size} ${data.width} ${writePut(data.put)}`);
  onMount(() => {
    $effect(() => {
      void pairOpened;
      untrack(open);
    });
  });
  onDestroy(() => pair.leave());

  const hrefTo = (styleId: string, size: string, width: string) =>
    `/fittings/${f.id}/shoe/${styleId}?size=${encodeURIComponent(size)}&width=${encodeURIComponent(width)}`;
  const href = (label: string, width: string) => hrefTo(data.style.id, label, width);
</script>

<svelte:head><title>{data.style.name} {data.sizeLabel} {data.width} · {f.customer.name} · Chiave</title></svelte:head>

<ShoeHead {desk} style={data.style} size={data.size} sizeLabel={data.sizeLabel} width={data.width} shoe={pair.shoe} put={pair.put} {measured} />

{#if pair.failed}<Notice role="alert" class="mt-2" tone="caution"
    >The fit engine stopped: {pair.failed}. <Button kind="text" onclick={open}>Try again</Button></Notice
  >{/if}
{#if !measured}
  <Notice class="mt-3">Measure the length of both feet first: <a href="/fittings/{f.id}/measure">Measure</a>.</Notice>
{:else if pair.opened && pair.seen}
  {@const { fit } = pair.seen}
  <p class="sheet mt-3 text-lg" data-verdict={fit.verdict}>
    {#if pair.laid}<PutWords put={pair.put} lead="With" />:{/if}
    <b>{capital(VERDICT_WORDS[fit.verdict])}.</b>
    {capital(fit.reason)}.
    <span class="soft text-base">{capital(chance(fit.probability))}, from the errors of measuring, of the last and of making.</span>
    {#if pair.laid}<Button kind="text" onclick={() => pair.putIn({})}>Take it all out</Button>{/if}
  </p>
  <NextMeasurePanel next={pair.opened.next} footHref="/fittings/{f.id}/measure" lastHref="/stock/lasts/{data.style.last.id}" />
  {#each fit.cautions as caution, at (at)}<Notice class="mt-2" tone="caution">{caution}</Notice>{/each}

  <div class="mt-3 grid gap-4 lg:grid-cols-[minmax(0,11fr)_minmax(0,10fr)]">
    <FeetInside {pair} seen={pair.seen} sock={f.sockMm > 0} />
    <Sheet heading="Zone by zone">
      <p class="soft text-sm">Millimetres of room: plus loose, minus tight. Open a row for the sum behind it.</p>
      <ZoneTable {fit} unit={shown.unit} />
    </Sheet>
  </div>

  <HeelSheet {feet} fits={fit.feet} shoe={pair.shoe} drop={pair.drop} />

  <Sheet class="mt-4" heading="Neighbouring sizes">
    <SizeGridTable grid={pair.opened.grid} size={data.size} width={data.width} {href} />
    <TradePanel trade={pair.opened.trade} split={pair.opened.split} {href} />
  </Sheet>

  <Sheet class="mt-4" heading="What would help">
    <HelpList
      feet={pair.opened.fit.feet}
      fits={pair.opened.fit.verdict === 'fits'}
      put={pair.put}
      onput={(next) => pair.putIn(next)}
      others={pair.others}
      unit={shown.unit}
      href={(o) => hrefTo(o.styleId, o.size, o.width)}
    />
  </Sheet>
  <ForecastPanel feet={pair.worn} shoe={pair.shoe} wear={wearOf(f)} put={pair.put} />
  <SymptomFinder feet={fit.feet} unit={shown.unit} />
  <p class="soft mt-2 text-sm">
    Making left and right of a pair: each shoe errs by about {MAKING_SD.lengthMm} mm in length and {MAKING_SD.girthMm} mm in girth (estimate). Difference of these
    feet in length: {formatDifference(feet[1].values.lengthMm.mm - feet[0].values.lengthMm.mm)} (right less left).
  </p>
{:else}
  <p class="soft mt-4" role="status">Laying both feet in the shoe …</p>
{/if}
