<script lang="ts">
  import { onDestroy, onMount, untrack } from 'svelte';
  import { page } from '$app/state';
  import { formatLength } from '@chiave/core/measure';
  import { VERDICT_WORDS } from '@chiave/core/fit';
  import WaitingFeet from '$lib/drawing/WaitingFeet.svelte';
  import BallSection from '$lib/drawing/BallSection.svelte';
  import { capital } from '$lib/capital';
  import { feetOf, wearOf } from '$lib/fit-feet';
  import { writePut } from '$lib/put-text';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SectionBar from '$lib/ui/kit/SectionBar.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import ChanceBar from '$lib/ui/shoe/ChanceBar.svelte';
  import FeetInside from '$lib/ui/shoe/FeetInside.svelte';
  import ForecastPanel from '$lib/ui/shoe/ForecastPanel.svelte';
  import HeelSheet from '$lib/ui/shoe/HeelSheet.svelte';
  import HelpList from '$lib/ui/shoe/HelpList.svelte';
  import AlikeFeet from '$lib/ui/shoe/AlikeFeet.svelte';
  import MadeLike from '$lib/ui/shoe/MadeLike.svelte';
  import NextMeasurePanel from '$lib/ui/shoe/NextMeasurePanel.svelte';
  import { OpenedPair } from '$lib/ui/shoe/opened-pair.svelte';
  import { hrefOfSection, SECTIONS, sectionOf, type SectionId } from '$lib/ui/shoe/sections';
  import ShoeHead from '$lib/ui/shoe/ShoeHead.svelte';
  import SizeGridTable from '$lib/ui/shoe/SizeGridTable.svelte';
  import SymptomFinder from '$lib/ui/shoe/SymptomFinder.svelte';
  import TradePanel from '$lib/ui/shoe/TradePanel.svelte';
  import UseSheet from '$lib/ui/use/UseSheet.svelte';
  import ToeTable from '$lib/ui/shoe/ToeTable.svelte';
  import ZoneRows from '$lib/ui/shoe/ZoneRows.svelte';
  import ZoneTable from '$lib/ui/shoe/ZoneTable.svelte';

  /** A slide of less is within what nobody feels, mm. */
  const SLIDE_TOLD_MM = 1;
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
  const section = $derived(sectionOf(page.url));
  /** What a section has found, beside its name. */
  const findings = $derived.by((): Partial<Record<SectionId, string>> => {
    if (!pair.bare || !pair.seen) return {};
    const slide = Math.max(0, ...pair.seen.fit.feet.map((foot) => foot.heel?.slide.centreMm ?? 0));
    const helps = new Set(pair.bare.fit.feet.flatMap((foot) => foot.remedies.map((r) => r.kind))).size;
    return {
      ...(slide >= SLIDE_TOLD_MM ? { heel: `slides ${formatLength(Math.round(slide), shown.unit)}` } : {}),
      ...(helps > 0 ? { helps: String(helps) } : {})
    };
  });
  const parts = $derived(
    SECTIONS.filter((s) => s.id !== 'use' || f.use.uses.length > 0).map((s) => ({ ...s, href: hrefOfSection(page.url, s.id), finding: findings[s.id] }))
  );
  const href = (label: string, width: string) => hrefTo(data.style.id, label, width);
</script>

<svelte:head><title>{data.style.name} {data.sizeLabel} {data.width} · {f.customer.name} · Chiave</title></svelte:head>

<ShoeHead {desk} style={data.style} sizeLabel={data.sizeLabel} width={data.width} put={pair.put} {measured} />

{#if pair.failed}<Notice role="alert" class="mt-2" tone="caution"
    >The fit engine stopped: {pair.failed}. <Button kind="text" onclick={open}>Try again</Button></Notice
  >{/if}
{#if !measured}
  <Notice class="mt-3">Measure the length of both feet first: <a href="/fittings/{f.id}/measure">Measure</a>.</Notice>
{:else if pair.bare && pair.seen}
  {@const { fit } = pair.seen}
  <div class="my-2 flex flex-wrap items-center gap-x-6 gap-y-1 lg:flex-nowrap">
    <p class="verdict mr-auto min-w-0" data-verdict={fit.verdict}>
      {#if pair.laid}<PutWords put={pair.put} lead="With" />:{/if}
      <b>{capital(VERDICT_WORDS[fit.verdict])}.</b>
      {capital(fit.reason)}.
      {#if pair.laid}<Button kind="text" onclick={() => pair.putIn({})}>Take it all out</Button>{/if}
    </p>
    <div class="shrink-0"><ChanceBar probability={fit.probability} /></div>
  </div>
  <SectionBar label="Sections of this shoe" {parts} current={section} />
  <div class="mt-2.5" data-section={section}>
    {#if section === 'brief'}
      <div class="grid gap-3 lg:grid-cols-[minmax(0,770fr)_minmax(0,466fr)]">
        <FeetInside {pair} seen={pair.seen} sock={f.sockMm > 0} />
        <div class="grid min-w-0 content-start gap-3">
          <Sheet class="!py-2" aria-label="Zone by zone"><ZoneRows {fit} unit={shown.unit} /></Sheet>
          <Sheet class="!p-2" aria-label="Sizes beside it">
            {#if pair.opened}
              <SizeGridTable brief grid={pair.opened.grid} size={data.size} width={data.width} {href} />
            {:else}<p class="soft grid min-h-52 place-items-center">Trying the sizes beside it …</p>{/if}
          </Sheet>
        </div>
      </div>
      {#each fit.cautions as caution, at (at)}<Notice class="mt-2" tone="caution">{caution}</Notice>{/each}
      {#if pair.opened}<NextMeasurePanel next={pair.opened.next} footHref="/fittings/{f.id}/measure" lastHref="/stock/lasts/{data.style.last.id}" />{/if}
    {:else if section === 'heel'}
      <HeelSheet
        feet={pair.worn}
        fits={fit.feet}
        shoe={pair.shoe}
        wear={wearOf(f)}
        put={pair.put}
        ground={f.ground}
        weightKg={f.weightKg}
        onput={(next) => pair.putIn(next)}
        benchHref="/stock/heel?person={f.customer.id}&style={data.style.id}"
      />
      {#each fit.cautions as caution, at (at)}<Notice class="mt-2" tone="caution">{caution}</Notice>{/each}
    {:else if section === 'sizes'}
      <Sheet heading="Neighbouring sizes">
        {#if pair.opened}
          <SizeGridTable grid={pair.opened.grid} size={data.size} width={data.width} {href} />
          <TradePanel trade={pair.opened.trade} split={pair.opened.split} {href} />
        {:else}<p class="soft">Trying the sizes beside it …</p>{/if}
      </Sheet>
    {:else if section === 'helps'}
      <div class="grid gap-3 lg:grid-cols-2">
        <Sheet heading="What would help">
          <HelpList
            feet={pair.bare.fit.feet}
            fits={pair.bare.fit.verdict === 'fits'}
            put={pair.put}
            onput={(next) => pair.putIn(next)}
            others={pair.others}
            unit={shown.unit}
            href={(o) => hrefTo(o.styleId, o.size, o.width)}
          />
        </Sheet>
        <div class="grid content-start gap-3 lg:sticky lg:top-2 lg:self-start">
          <FeetInside {pair} seen={pair.seen} sock={f.sockMm > 0} />
        </div>
      </div>
    {:else if section === 'use'}
      <UseSheet {desk} style={data.style} shoe={pair.shoe} />
    {:else if section === 'wear'}
      <ForecastPanel feet={pair.worn} shoe={pair.shoe} wear={wearOf(f)} put={pair.put} />
    {:else if section === 'trouble'}
      <SymptomFinder feet={fit.feet} unit={shown.unit} />
    {:else}
      <div class="grid gap-3 lg:grid-cols-2">
        <Sheet heading="Zone by zone">
          <p class="soft">Room in {shown.unit}: plus loose, minus tight. Open a row for the sum behind it.</p>
          <ZoneTable {fit} unit={shown.unit} />
        </Sheet>
        <Sheet class="lg:self-start" heading="Across the ball, and toe by toe">
          <BallSection sections={pair.seen.drawings} feet={fit.feet} unit={shown.unit} />
          <ToeTable drawings={pair.drawings} feet={fit.feet} unit={shown.unit} />
          <MadeLike style={data.style} size={data.size} shoe={pair.shoe} {feet} />
          <AlikeFeet fittingId={f.id} styleId={data.style.id} />
        </Sheet>
      </div>
    {/if}
  </div>
{:else}
  <WaitingFeet {feet} words="Laying both feet in the shoe …" />
{/if}

<style>
  .verdict {
    font-family: var(--font-serif);
    font-size: 1.75rem;
    line-height: 1.16;
  }
</style>
