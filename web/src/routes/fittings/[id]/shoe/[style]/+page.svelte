<script lang="ts">
  import { capital } from '$lib/capital';
  import { onDestroy, onMount, untrack } from 'svelte';
  import {
    claimedFootMm,
    drawFit,
    KIND,
    LATER_HOURS,
    MAKING_SD,
    nothingIn,
    shoeOf,
    wornWith,
    type FlagId,
    type OtherShoe,
    type PairPutIn
  } from '@chiave/core/fit';
  import { effectiveDrop, pitchOf } from '@chiave/core/heel';
  import { TOE_FAMILY } from '@chiave/core/last';
  import { formatDifference, formatLength } from '@chiave/core/measure';
  import { SCALE } from '@chiave/core/size';
  import FootInShoe from '$lib/drawing/FootInShoe.svelte';
  import BallSection from '$lib/drawing/BallSection.svelte';
  import HeelSide from '$lib/drawing/HeelSide.svelte';
  import { feetOf, wearOf, wornFeetOf } from '$lib/fit-feet';
  import { writePut } from '$lib/put-text';
  import CarryButton from '$lib/ui/fitting/CarryButton.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import ForecastPanel from '$lib/ui/shoe/ForecastPanel.svelte';
  import HelpList from '$lib/ui/shoe/HelpList.svelte';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import NextMeasurePanel from '$lib/ui/shoe/NextMeasurePanel.svelte';
  import SizeGridTable from '$lib/ui/shoe/SizeGridTable.svelte';
  import SymptomFinder from '$lib/ui/shoe/SymptomFinder.svelte';
  import ToeTable from '$lib/ui/shoe/ToeTable.svelte';
  import TradePanel from '$lib/ui/shoe/TradePanel.svelte';
  import ZoneTable from '$lib/ui/shoe/ZoneTable.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { chance, REACH_WORDS, VERDICT_WORDS } from '$lib/ui/fitting/names';
  import { aboutWords, slides } from '$lib/range-words';
  import { shown } from '$lib/ui/frame/units.svelte';
  import { askWorker } from '$lib/workers/fit-client';
  import { forWorker } from '$lib/workers/for-worker';
  import type { Laid, Opened, PairAsk } from '$lib/workers/messages';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  let { data } = $props();
  const desk = getDesk();
  const f = $derived(desk.fitting);
  const worn = $derived(wornFeetOf(f));
  const measured = $derived(worn.length === 2);
  let opened = $state.raw<Opened | null>(null);
  let others = $state.raw<OtherShoe[] | null>(null);
  /** What is put into either shoe, and the pair laid with it. */
  let put = $state.raw<PairPutIn>({});
  let laid = $state.raw<Laid | null>(null);
  const seen = $derived<Laid | null>(laid ?? opened);
  let failed = $state('');
  let stop: (() => void) | undefined;
  let stopLaying: (() => void) | undefined;

  const shoe = $derived(shoeOf(data.style, data.size, data.width));
  const drop = $derived(effectiveDrop(shoe.heelHeightMm, shoe.platformMm));
  /** The drawing as it will be worn; or bare, or after hours of wear. */
  let drawnSock = $state<'worn' | 'bare'>('worn');
  let drawnWhen = $state<'now' | 'later'>('now');
  const drawings = $derived.by(() => {
    if (!seen || (drawnSock === 'worn' && drawnWhen === 'now')) return seen?.drawings ?? [];
    return worn.map((foot) => {
      const { wear, aids } = wornWith(shoe, wearOf(f), put[foot.foot.side]);
      const drawn = {
        ...wear,
        sockMm: drawnSock === 'bare' ? 0 : wear.sockMm,
        hoursWorn: drawnWhen === 'later' ? wear.hoursWorn + LATER_HOURS : wear.hoursWorn
      };
      return { side: foot.foot.side, drawing: drawFit(foot, shoe, drawn, aids) };
    });
  });
  const sides = $derived(
    feetOf(f).map((foot) => ({
      foot,
      pitch: pitchOf(Math.max(0, drop), foot.values.lengthMm.mm),
      heel: seen?.fit.feet.find((x) => x.side === foot.side)?.heel ?? null
    }))
  );
  const habit = $derived(shoe.inside.madeForFootMm - claimedFootMm(data.style, data.size));

  const pair = (): PairAsk => ({
    fitting: forWorker(f),
    style: data.style,
    size: data.size,
    width: data.width,
    flags: f.customer.flags as FlagId[]
  });

  /** Puts helps in or takes them out: the whole fit is worked out and drawn again. */
  function putIn(next: PairPutIn): void {
    put = next;
    stopLaying?.();
    if (nothingIn(next)) {
      laid = null;
      return;
    }
    stopLaying = askWorker({ kind: 'lay', ...pair(), put: next }, (answer) => {
      if (answer.kind === 'laid') laid = answer.laid;
      else if (answer.kind === 'failed') failed = answer.message;
    });
  }

  function open(): void {
    stop?.();
    others = null;
    failed = '';
    if (!measured) return;
    putIn(data.put);
    stop = askWorker({ kind: 'open', stamp: data.stamp, ...pair() }, (answer) => {
      if (answer.kind === 'opened') opened = answer.opened;
      else if (answer.kind === 'others') others = answer.others;
      else if (answer.kind === 'failed') failed = answer.message;
    });
  }
  /** Another pair is opened when this changes, and not whenever the same is loaded again. */
  const pairOpened = $derived(`${data.style.id} ${data.size} ${data.width} ${writePut(data.put)}`);
  onMount(() => {
    $effect(() => {
      void pairOpened;
      untrack(open);
    });
  });
  onDestroy(() => {
    stop?.();
    stopLaying?.();
  });

  const href = (label: string, width: string) => `/fittings/${f.id}/shoe/${data.style.id}?size=${encodeURIComponent(label)}&width=${encodeURIComponent(width)}`;
</script>

<svelte:head><title>{data.style.name} {data.sizeLabel} {data.width} · {f.customer.name} · Chiave</title></svelte:head>

<div class="flex flex-wrap items-center gap-x-4 gap-y-1">
  <div class="mr-auto">
    <h1>
      {data.style.name} <span class="figures">{data.sizeLabel} {data.width}</span>
      <span class="soft text-base font-normal">{SCALE[data.style.scale].name}</span>
    </h1>
    <p class="soft">
      {data.style.maker.name}, {KIND[data.style.kind].name}, last {data.style.last.name}, {TOE_FAMILY[data.style.last.family].name} toe, heel {formatLength(
        data.style.heelHeightMm,
        shown.unit
      )}{data.style.platformMm > 0 ? `, under the ball ${formatLength(data.style.platformMm, shown.unit)}` : ''}. Inside {data.style.last.evidence.mark}: {data
        .style.last.evidence.note}. Made for a foot of {formatLength(shoe.inside.madeForFootMm, shown.unit)}: {Math.abs(habit) < 1
        ? 'as its label says'
        : `${formatLength(Math.abs(habit), 'mm')} ${habit > 0 ? 'longer' : 'shorter'} than its label says`}.
    </p>
  </div>
  <CarryButton {desk} styleId={data.style.id} size={data.sizeLabel} width={data.width} {put} />
  <a href="/fittings/{f.id}/pull" class="inline-flex min-h-11 items-center">Back to Pull</a>
  {#if measured}<a
      href="/api/v1/fittings/{f.id}/card?style={data.style.id}&size={encodeURIComponent(data.sizeLabel)}&width={encodeURIComponent(data.width)}&put={writePut(
        put
      )}"
      target="_blank"
      rel="noopener"
      class="inline-flex min-h-11 items-center">Fit card, PDF</a
    >{/if}
  <a href="/stock/bench?shoes=style:{data.style.id}&person={f.customer.id}" class="inline-flex min-h-11 items-center">Lay it over another</a>
</div>

{#if failed}<Notice role="alert" class="mt-2" tone="caution">The fit engine stopped: {failed}. <Button kind="text" onclick={open}>Try again</Button></Notice
  >{/if}
{#if !measured}
  <Notice class="mt-3">Measure the length of both feet first: <a href="/fittings/{f.id}/measure">Measure</a>.</Notice>
{:else if opened && seen}
  {@const fit = seen.fit}
  <p class="sheet mt-3 text-lg" data-verdict={fit.verdict}>
    {#if laid}<PutWords {put} lead="With" />:{/if}
    <b>{capital(VERDICT_WORDS[fit.verdict])}.</b>
    {capital(fit.reason)}.
    <span class="soft text-base">{chance(fit.probability)}, from the errors of measuring, of the last and of making.</span>
    {#if laid}<Button kind="text" onclick={() => putIn({})}>Take it all out</Button>{/if}
  </p>
  <NextMeasurePanel next={opened.next} footHref="/fittings/{f.id}/measure" lastHref="/stock/lasts/{data.style.last.id}" />
  {#each fit.cautions as caution, at (at)}<Notice class="mt-2" tone="caution">{caution}</Notice>{/each}

  <div class="mt-3 grid gap-4 lg:grid-cols-[minmax(0,11fr)_minmax(0,10fr)]">
    <Sheet class="lg:sticky lg:top-2 lg:self-start" aria-label="Foot in the shoe">
      <div class="flex flex-wrap gap-4">
        <Choice
          name="drawn-when"
          legend="Drawn"
          hideLegend
          options={[
            { id: 'now', name: 'now' },
            { id: 'later', name: `after ${LATER_HOURS} hours` }
          ]}
          value={drawnWhen}
          onchange={(v) => (drawnWhen = v ?? 'now')}
        />
        {#if f.sockMm > 0}
          <Choice
            name="drawn-sock"
            legend="Sock"
            hideLegend
            options={[
              { id: 'worn', name: 'in its sock' },
              { id: 'bare', name: 'bare' }
            ]}
            value={drawnSock}
            onchange={(v) => (drawnSock = v ?? 'worn')}
          />
        {/if}
      </div>
      <FootInShoe {drawings} feet={fit.feet} unit={shown.unit} asDrawn={drawnSock === 'bare' || drawnWhen === 'later'} />
      <BallSection sections={seen.drawings} feet={fit.feet} unit={shown.unit} />
      <ToeTable {drawings} feet={fit.feet} unit={shown.unit} />
    </Sheet>
    <Sheet heading="Zone by zone">
      <p class="soft text-sm">Millimetres of room: plus loose, minus tight. Open a row for the sum behind it.</p>
      <ZoneTable {fit} unit={shown.unit} />
    </Sheet>
  </div>

  <Sheet class="mt-4" heading="From the side, on this heel">
    <div class="grid gap-4 md:grid-cols-2">
      {#each sides as { foot, pitch, heel } (foot.side)}
        <div>
          <HeelSide
            lengthMm={foot.values.lengthMm.mm}
            toeHeightMm={foot.values.toeHeightMm.mm}
            heelHeightMm={shoe.heelHeightMm}
            platformMm={shoe.platformMm}
            {pitch}
            {heel}
            unit={shown.unit}
            side={foot.side}
          />
          {#if heel}
            <p class="text-sm">
              <SideMark side={foot.side} />
              {REACH_WORDS[heel.reach]}{foot.ankleReachDeg === null ? '' : ` (${foot.ankleReachDeg}° measured)`}. {slides(heel.slide, shown.unit)
                ? `Slides forward ${aboutWords(heel.slide, shown.unit)}, which leaves ${aboutWords(heel.toeRoomAfter, shown.unit)} of toe room`
                : `Does not slide forward; ${aboutWords(heel.toeRoomAfter, shown.unit)} of toe room`}.
            </p>
          {/if}
        </div>
      {/each}
    </div>
    <p class="soft text-sm">
      Effective drop is heel height less what is under the ball. Two figures of pitch: lever from the back of the heel, and from the wedged seat. Slide and
      pitch are this project’s estimates.
    </p>
  </Sheet>

  <Sheet class="mt-4" heading="Neighbouring sizes">
    <SizeGridTable grid={opened.grid} size={data.size} width={data.width} {href} />
    <TradePanel trade={opened.trade} split={opened.split} {href} />
  </Sheet>

  <Sheet class="mt-4" heading="What would help">
    <HelpList
      feet={opened.fit.feet}
      fits={opened.fit.verdict === 'fits'}
      {put}
      onput={putIn}
      {others}
      unit={shown.unit}
      href={(o) => `/fittings/${f.id}/shoe/${o.styleId}?size=${encodeURIComponent(o.size)}&width=${encodeURIComponent(o.width)}`}
    />
  </Sheet>
  <ForecastPanel feet={worn} {shoe} wear={wearOf(f)} {put} />
  <SymptomFinder feet={fit.feet} unit={shown.unit} />
  <p class="soft mt-2 text-sm">
    Making left and right of a pair: each shoe errs by about {MAKING_SD.lengthMm} mm in length and {MAKING_SD.girthMm} mm in girth (estimate). Difference of these
    feet in length: {formatDifference(sides[1].foot.values.lengthMm.mm - sides[0].foot.values.lengthMm.mm)} (right less left).
  </p>
{:else}
  <p class="soft mt-4" role="status">Laying both feet in the shoe …</p>
{/if}
