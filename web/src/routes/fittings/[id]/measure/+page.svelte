<script lang="ts">
  import { untrack } from 'svelte';
  import {
    nameOfTaken,
    EXTRA,
    isExtraId,
    MEASURE,
    SIDE_LETTER,
    SIDES,
    SIDES_EXCHANGED_WORDS,
    slipWords,
    type Foot,
    type MeasureId,
    type Side,
    type TakenId
  } from '@chiave/core/measure';
  import { format } from 'date-fns';
  import FootPair from '$lib/drawing/FootPair.svelte';
  import HowTaken from '$lib/drawing/HowTaken.svelte';
  import { HOW_TAKEN } from '$lib/drawing/how-taken';
  import { signedMm } from '$lib/agreement-words';
  import type { TakenValue } from '$lib/api/foot-schema';
  import { corrected, feetOf } from '$lib/fit-feet';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import FootFeatures from '$lib/ui/measure/FootFeatures.svelte';
  import FootState from '$lib/ui/measure/FootState.svelte';
  import GaugePanel from '$lib/ui/measure/GaugePanel.svelte';
  import { judgeVisit } from '$lib/ui/measure/judged-visit';
  import JudgedFeet from '$lib/ui/measure/JudgedFeet.svelte';
  import Keypad from '$lib/ui/measure/Keypad.svelte';
  import { MeasureOrder } from '$lib/ui/measure/measure-order.svelte';
  import MeasureGroups from '$lib/ui/measure/MeasureGroups.svelte';

  let { data } = $props();
  const desk = getDesk();
  const f = $derived(desk.fitting);
  const order = new MeasureOrder(
    desk,
    untrack(() => data.measureOrder)
  );
  let gauge = $state(false);
  const feet = $derived(Object.fromEntries(feetOf(f).map((foot) => [foot.side, foot])) as Partial<Record<Side, Foot>>);
  const judged = $derived(judgeVisit(f, data.earlier));
  const looked = $derived(order.fast ? order.now : order.active);
  const definitionOf = (id: TakenId): string => (isExtraId(id) ? EXTRA[id] : MEASURE[id]).definition;
  /** What the fit takes off values because their instrument was found to be off. */
  const inFit = $derived(
    SIDES.flatMap((side) =>
      (Object.entries(f.feet[side].values) as [TakenId, TakenValue][]).flatMap(([id, value]) => {
        const by = corrected(id, value, f.shopInstruments).mm - value.mm;
        return by === 0 ? [] : [`${SIDE_LETTER[side]} ${nameOfTaken(id)} ${signedMm(by)} mm`];
      })
    )
  );
  const filledIn = $derived(feet.left?.assumed.filter((id) => id in MEASURE).map((id) => MEASURE[id as MeasureId].name) ?? []);
</script>

<svelte:head><title>Measure · {f.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Measure</h1>

<div class="grid gap-4 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)] {order.fast ? 'pb-84 lg:pb-0' : ''}">
  <Sheet class="!p-2 lg:sticky lg:top-2 lg:self-start" aria-label="Drawing">
    <div class="relative mx-auto max-w-[520px] lg:max-w-none">
      <FootPair {feet} taken={{ left: f.feet.left.values, right: f.feet.right.values }} unit={shown.unit} active={looked} onpick={order.focus} />
      {#if looked && HOW_TAKEN[looked.id]}
        <figure class="sheet float absolute bottom-0 left-1/2 w-60 -translate-x-1/2 p-2 text-center">
          <HowTaken id={looked.id} side={looked.side} words={definitionOf(looked.id)} />
          <figcaption class="leading-tight"><SideMark side={looked.side} /> {definitionOf(looked.id)}</figcaption>
        </figure>
      {/if}
    </div>
    <p class="soft px-2 leading-tight">Dashed, hollow or with ~: filled in, not taken. Tap a place for its field.</p>
    {#if order.fast}
      <!-- Under the thumb on a tablet, wherever the page is scrolled to. -->
      <div class="fixed inset-x-0 bottom-0 z-10 lg:static lg:mt-2">
        <Keypad {desk} active={order.now} earlier={data.earlier?.feet ?? null} unit={shown.unit} onkey={(key) => order.press(key)} />
      </div>
    {/if}
  </Sheet>

  <div class="grid min-w-0 content-start gap-4">
    <Sheet>
      <div class="flex flex-wrap items-center gap-3">
        <h2 class="mr-auto">Both feet, heel back</h2>
        <Button
          pressed={order.fast}
          disabled={shown.unit !== 'mm'}
          title={shown.unit === 'mm' ? 'fields move on by themselves' : 'fast entry is in millimetres'}
          onclick={() => order.toggleFast()}>Fast entry</Button
        >
        <Button pressed={gauge} onclick={() => (gauge = !gauge)}>Digital gauge</Button>
        <Button href="/fittings/{f.id}/trace">From a tracing</Button>
        <Button href="/fittings/{f.id}/scan">From a scan</Button>
        {#if data.earlier && !feet.left && !feet.right}
          <Button onclick={() => desk.startFrom(data.earlier!.feet, data.earlier!.weightKg)}>
            Start from {format(new Date(data.earlier.openedAt), 'd MMM yyyy')}
          </Button>
        {/if}
      </div>
      <p class="soft text-sm">
        {#if order.fast}
          Figures move on by themselves. Right foot: = the same as the left, +2 or −1 from it. Enter goes on.
        {:else}
          Type 243, 24.3 cm or 9 1/2 in. A bare number is read in {shown.unit}. Up and down keys step by 1 mm, with Shift by 0.1. Only length is required.
        {/if}
      </p>
      {#if gauge}<GaugePanel {desk} unit={shown.unit} />{/if}
      {#if judged.exchanged?.asked}<Notice class="mt-2" role="alert">{SIDES_EXCHANGED_WORDS}</Notice>{/if}
      {#each judged.slips as slip (slip.side + slip.id)}
        <Notice class="mt-2" role="alert" data-slip="{slip.id}-{slip.side}">
          {slipWords(slip)}
          {#if slip.offerMm !== null}
            <Button class="ml-1" kind="text" onclick={() => desk.type(slip.side, slip.id, `${slip.offerMm} mm`, 'mm')}>Take {slip.offerMm} mm</Button>
          {/if}
          <Button class="ml-1" kind="text" onclick={() => order.focus(slip.id, slip.side)}>Go to the field</Button>
        </Notice>
      {/each}
      {#if judged.slips.length > 0}
        <p class="soft text-sm">
          Judged together with every other value: proportions from surveys, spreads of this project’s own (estimate). Nothing is changed unasked.
        </p>
      {/if}
      {#each judged.between as finding, at (at)}<Notice class="mt-2" role="alert">{finding.message}</Notice>{/each}
      <MeasureGroups {desk} {order} {feet} unit={shown.unit} fast={order.fast} />
      <FootFeatures {desk} />
      {#if inFit.length > 0}
        <p class="soft mt-2 text-sm" data-corrected>
          In the fit, by what the shop accepted of its <a href="/stock/instruments">instruments</a>: {inFit.join('; ')}. What was read stays as it stands here.
        </p>
      {/if}
      {#if filledIn.length > 0}<p class="soft mt-2 text-sm">Filled in from proportions, with a wider error: {filledIn.join(', ')}.</p>{/if}
    </Sheet>
    <FootState {desk} foot={feet.left ?? feet.right} />
    {#if feet.left || feet.right}<JudgedFeet {feet} taken={f.feet} group={f.customer.fitsAs} />{/if}
  </div>
</div>
