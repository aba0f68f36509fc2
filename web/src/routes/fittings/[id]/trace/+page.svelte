<script lang="ts">
  import { onDestroy } from 'svelte';
  import { goto, invalidateAll } from '$app/navigation';
  import { trimNumber, type Side } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { outlineSvg } from '@chiave/core/tracing';
  import { feetOf } from '$lib/fit-feet';
  import LineOnSheet from '$lib/drawing/LineOnSheet.svelte';
  import { SHEETS } from '$lib/tracing/sheets';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { download } from '$lib/ui/kit/download';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { TRACED_WAYS, TracedFoot } from '$lib/ui/measure/traced-foot.svelte';
  import KeptOutlines from '$lib/ui/measure/KeptOutlines.svelte';
  import TracedLines from '$lib/ui/measure/TracedLines.svelte';
  import TracedValues from '$lib/ui/measure/TracedValues.svelte';
  import Underway from '$lib/ui/kit/Underway.svelte';
  import { SIDE_CHOICES } from '$lib/ui/kit/side-choices';

  let { data } = $props();
  const desk = getDesk();
  const traced = new TracedFoot();
  onDestroy(() => traced.stop());
  const sheets = $derived(traced.way === 'half' ? SHEETS.slice(0, 2) : SHEETS);
  const brings = $derived(traced.way === 'half' ? (traced.first ? 'Second sheet' : 'First sheet') : traced.way === 'card' ? 'Picture' : 'Picture or SVG');
  const exportSvg = (outline: readonly Point[], which: Side) =>
    download(`outline-${which}.svg`, new Blob([outlineSvg(outline, which, `${which} foot, mm`)], { type: 'image/svg+xml' }));

  async function keep(): Promise<void> {
    if (await traced.keep(desk)) await invalidateAll();
  }
</script>

<svelte:head><title>Tracing · {desk.fitting.customer.name} · Chiave</title></svelte:head>
<div class="grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
  <Sheet>
    <h1>From a tracing</h1>
    <Choice
      name="way"
      legend="How it was traced"
      options={TRACED_WAYS}
      value={traced.way}
      onchange={(v) => {
        traced.way = v;
        traced.begin();
      }}
    />
    <p class="soft mt-1 text-sm">{TRACED_WAYS.find((w) => w.id === traced.way)!.asks}</p>
    <div class="mt-2 flex flex-wrap items-end gap-4">
      <Choice name="side" legend="Which foot" options={SIDE_CHOICES} bind:value={traced.side} />
      {#if traced.way !== 'card'}<Select label={traced.way === 'half' ? 'Each sheet' : 'Sheet'} options={sheets} bind:value={traced.sheet} />{/if}
      <div class="w-44">
        <NumberField label="Pen stands off by" unit="mm" value={traced.standOff} low={0} high={8} step={0.5} onchange={(v) => (traced.standOff = v)} />
      </div>
      <FileButton primary={!traced.read.reading} accept="image/*,.svg" onfile={(file) => traced.take(file)}>{brings}</FileButton>
    </div>
    {#if traced.running}<Underway running={traced.running} oncancel={() => traced.cancel()} />{/if}
    {#if traced.message}<Notice class="mt-3" tone="caution" role="alert">{traced.message}</Notice>{/if}
    {#if traced.saved}
      <Notice class="mt-3" role="status">{traced.saved} <a href="/fittings/{desk.fitting.id}/measure">To Measure</a></Notice>
    {/if}
    {#if traced.asksUnit}
      <form
        class="notice mt-3 flex flex-wrap items-end gap-3"
        onsubmit={(e) => {
          e.preventDefault();
          traced.readSvg();
        }}
      >
        <p class="w-full">
          The SVG does not say how large it is. Its outline is {trimNumber(traced.asksUnit.width)} by {trimNumber(traced.asksUnit.height)} of its own units: how many
          millimetres is one?
        </p>
        <div class="w-40">
          <NumberField label="One unit is" unit="mm" value={traced.unitMm} low={0.001} high={100} step={0.1} onchange={(v) => (traced.unitMm = v)} />
        </div>
        <Button type="submit" disabled={traced.unitMm === null}>Read it so</Button>
      </form>
    {/if}
    {#if traced.first}
      <Notice class="mt-3" role="status">
        <p>The first sheet is read. Bring the other one.</p>
        <Button kind="text" onclick={() => traced.begin()}>Begin again</Button>
      </Notice>
      <LineOnSheet
        line={traced.first.points}
        pictures={traced.pictures}
        axis={null}
        side={traced.side}
        onmove={(points) => (traced.first = { ...traced.first!, points })}
      />
    {:else if traced.line.length > 0}
      <LineOnSheet
        line={traced.line}
        pictures={traced.pictures}
        axis={traced.read.reading?.axis ?? null}
        side={traced.side}
        onmove={(points) => (traced.line = points)}
      />
    {:else}
      <TracedLines feet={feetOf(desk.fitting)} />
    {/if}
  </Sheet>
  <Sheet class="content-start">
    <h2>What it says of the {traced.side} foot</h2>
    <TracedValues {traced} onkeep={keep} onsvg={() => exportSvg(traced.read.reading!.outline, traced.side)} />
    <h3 class="mt-4">Kept with this visit</h3>
    <KeptOutlines {desk} tracings={data.tracings} />
    <p class="mt-3"><Button kind="text" onclick={() => goto(`/fittings/${desk.fitting.id}/measure`)}>Back to Measure</Button></p>
  </Sheet>
</div>
