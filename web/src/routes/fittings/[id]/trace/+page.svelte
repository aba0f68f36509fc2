<script lang="ts">
  import { onDestroy } from 'svelte';
  import { goto, invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import { EXTRA, formatLength, isExtraId, MEASURE, trimNumber, type Side, type TakenId } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { joinOutlines, measureOutline, outlineSd, outlineSvg, type OutlineReading } from '@chiave/core/tracing';
  import LineOnSheet from '$lib/drawing/LineOnSheet.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Progress from '$lib/ui/kit/Progress.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { download } from '$lib/ui/frame/download';
  import { send } from '$lib/send/save.svelte';
  import { shown } from '$lib/ui/frame/units.svelte';
  import { layPicture, type LaidPicture } from '$lib/tracing/laid-picture';
  import type { HalfReading } from '$lib/tracing/read-half';
  import { SHEETS, type SheetId } from '$lib/tracing/sheets';
  import { readSvgOutline } from '$lib/tracing/svg-outline';
  import type { TracingAnswer, TracingAsk } from '$lib/workers/tracing.worker';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';

  let { data } = $props();
  const desk = getDesk();
  const MOST_BYTES = 20_000_000;
  /** What a drawn outline of unknown origin errs by, mm [estimate]. */
  const SVG_SD_MM = 0.8;
  const WAYS = [
    { id: 'sheet', name: 'whole foot on one sheet' },
    { id: 'half', name: 'across two sheets, edge to edge' },
    { id: 'card', name: 'any paper, a card beside it' }
  ] as const;
  type Way = (typeof WAYS)[number]['id'];
  const ASKS: Readonly<Record<Way, string>> = {
    sheet:
      'Stand on a sheet of known size, trace right round with a dark pen held upright, close the line. Photograph the sheet from above on something darker, all four corners in the picture. Or bring an outline as SVG.',
    half: 'For feet longer than one sheet: lay two sheets edge to edge, the seam between heel and ball, and trace across both. Take them apart and photograph or scan each on its own, either way up; one after the other here.',
    card: 'Paper of any size: lay a bank card flat beside the tracing, touching no line, and photograph both from straight above, close enough that the card is large. Everything is measured from the card, so the error is larger than with a sheet.'
  };

  let side = $state<Side>('left');
  let way = $state<Way>('sheet');
  let sheet = $state<SheetId>('a4');
  let standOff = $state<number | null>(0);
  let running = $state<{ done: number; what: string } | null>(null);
  let message = $state('');
  let saved = $state('');
  /** What the pictures themselves err by, and how wide their line is, mm. */
  let found = $state.raw<{ sdMm: number; lineMm: number } | null>(null);
  /** The first of two sheets, waiting for the second. */
  let first = $state.raw<HalfReading | null>(null);
  let pictures = $state.raw<LaidPicture[]>([]);
  /** The line being read, mm on the sheet, y down. */
  let line = $state.raw<Point[]>([]);
  let source = $state<'photograph' | 'svg'>('photograph');
  let svgText = $state('');
  let unitMm = $state<number | null>(null);
  let asksUnit = $state<{ width: number; height: number } | null>(null);
  let worker: Worker | undefined;

  const read = $derived.by((): { reading: OutlineReading | null; problem: string } => {
    if (line.length === 0) return { reading: null, problem: '' };
    try {
      return { reading: measureOutline(line, side), problem: '' };
    } catch (error) {
      return { reading: null, problem: error instanceof Error ? error.message : String(error) };
    }
  });
  /** A pencil held upright draws this far outside of the foot: lengths and widths are twice that less. */
  const off = $derived(standOff ?? 0);
  const WIDTHS = new Set<TakenId>(['lengthMm', 'ballWidthMm', 'heelWidthMm']);
  const values = $derived(
    Object.fromEntries(
      Object.entries(read.reading?.values ?? {}).map(([id, mm]) => [
        id,
        WIDTHS.has(id as TakenId) ? mm! - 2 * off : id === 'ballLengthMm' || id === 'outerBallLengthMm' ? mm! - off : mm!
      ])
    ) as Partial<Record<TakenId, number>>
  );
  const sd = $derived(found?.sdMm ?? SVG_SD_MM);
  const nameOf = (id: string) => (isExtraId(id) ? EXTRA[id].name : MEASURE[id as keyof typeof MEASURE].name);

  async function take(file: File): Promise<void> {
    message = '';
    saved = '';
    asksUnit = null;
    if (file.size > MOST_BYTES) {
      message = `${file.name} has ${Math.round(file.size / 1e6)} MB; pictures up to ${MOST_BYTES / 1e6} MB are read. Take it smaller, or save it as JPEG.`;
      return;
    }
    if (file.name.toLowerCase().endsWith('.svg') || file.type === 'image/svg+xml') {
      svgText = await file.text();
      readSvg();
      return;
    }
    source = 'photograph';
    if (way !== 'half' || line.length > 0) begin();
    running = { done: 0, what: 'beginning' };
    worker?.terminate();
    worker = new Worker(new URL('../../../../lib/workers/tracing.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data: answer }: MessageEvent<TracingAnswer>) => {
      if (answer.kind === 'step') running = answer;
      else {
        running = null;
        if (answer.kind === 'refused') message = answer.message;
        else if (answer.kind === 'half') takeHalf(answer.half);
        else {
          found = answer.sheet;
          line = answer.sheet.outline;
          pictures = [layPicture(answer.sheet.straight, answer.sheet.pxPerMm)];
        }
      }
    };
    worker.onerror = (e) => {
      running = null;
      message = `The reading stopped: ${e.message}`;
    };
    worker.postMessage((way === 'card' ? { file, how: 'card' } : { file, how: way, sheet }) satisfies TracingAsk);
  }
  function begin(): void {
    found = null;
    first = null;
    line = [];
    pictures = [];
  }
  /** The second of two sheets is joined to the first; where they do not belong together the first one stays. */
  function takeHalf(half: HalfReading): void {
    if (!first) {
      first = half;
      pictures = [layPicture(half.straight, half.pxPerMm, half.turns)];
      return;
    }
    try {
      const { outline, gapMm, shiftMm } = joinOutlines(first.points, half.points);
      pictures = [layPicture(first.straight, first.pxPerMm, first.turns), layPicture(half.straight, half.pxPerMm, half.turns, shiftMm)];
      found = { sdMm: Math.hypot(first.sdMm, half.sdMm, gapMm / 2), lineMm: Math.max(first.lineMm, half.lineMm) };
      line = outline;
      first = null;
    } catch (error) {
      const reason = error instanceof Error ? error.message : String(error);
      message = `${reason[0].toUpperCase()}${reason.slice(1)}. The first sheet is still here: bring its other half.`;
    }
  }
  function readSvg(): void {
    source = 'svg';
    begin();
    const outline = readSvgOutline(svgText, unitMm);
    if (outline.kind === 'refused') message = outline.message;
    else if (outline.kind === 'no-units') asksUnit = outline;
    else {
      asksUnit = null;
      line = outline.points;
    }
  }
  function cancel(): void {
    worker?.terminate();
    running = null;
    message = 'Stopped. Nothing was read.';
  }
  onDestroy(() => worker?.terminate());

  async function keep(): Promise<void> {
    const { reading } = read;
    if (!reading) return;
    const every = Math.max(1, Math.ceil(reading.outline.length / 1500));
    const outline = reading.outline.filter((_, i) => i % every === 0).map((p) => [Math.round(p.x * 100) / 100, Math.round(p.y * 100) / 100]);
    const sent = await send(`/api/v1/fittings/${desk.fitting.id}/tracings`, 'POST', { side, outline, source, lengthSdMm: sd, widthSdMm: sd });
    if (!sent.ok) {
      message = sent.detail;
      return;
    }
    desk.fill(side, values, 'tracing', (id) => outlineSd(id, sd));
    await desk.settle();
    saved = `Kept, and the ${side} foot is filled in from it.`;
    await invalidateAll();
  }
  const exportSvg = (outline: readonly Point[], which: Side) =>
    download(`outline-${which}.svg`, new Blob([outlineSvg(outline, which, `${which} foot, mm`)], { type: 'image/svg+xml' }));
</script>

<svelte:head><title>Tracing · {desk.fitting.customer.name} · Chiave</title></svelte:head>
<div class="grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
  <Sheet>
    <h1 class="text-2xl">From a tracing</h1>
    <Choice
      name="way"
      legend="How it was traced"
      options={WAYS}
      value={way}
      onchange={(v) => {
        way = v ?? 'sheet';
        begin();
      }}
    />
    <p class="soft mt-1 text-sm">{ASKS[way]}</p>
    <div class="mt-2 flex flex-wrap items-end gap-4">
      <Choice
        name="side"
        legend="Which foot"
        options={[
          { id: 'left', name: 'L left' },
          { id: 'right', name: 'R right' }
        ]}
        value={side}
        onchange={(v) => (side = v ?? 'left')}
      />
      {#if way !== 'card'}
        <Select label={way === 'half' ? 'Each sheet' : 'Sheet'} bind:value={sheet}>
          {#each way === 'half' ? SHEETS.slice(0, 2) : SHEETS as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
        </Select>
      {/if}
      <div class="w-44"><NumberField label="Pen stands off by" unit="mm" value={standOff} low={0} high={8} step={0.5} onchange={(v) => (standOff = v)} /></div>
      <FileButton accept="image/*,.svg" onfile={take}
        >{way === 'half' ? (first ? 'Second sheet' : 'First sheet') : way === 'card' ? 'Picture' : 'Picture or SVG'}</FileButton
      >
    </div>
    {#if running}
      <div class="mt-3 flex items-center gap-3" role="status">
        <div class="flex-1"><Progress done={running.done} of={1} what={running.what} /></div>
        <span class="text-sm">{running.what} …</span>
        <Button onclick={cancel}>Cancel</Button>
      </div>
    {/if}
    {#if message}<Notice class="mt-3" tone="caution" role="alert">{message}</Notice>{/if}
    {#if saved}
      <Notice class="mt-3" role="status">{saved} <a href="/fittings/{desk.fitting.id}/measure">To Measure</a></Notice>
    {/if}
    {#if asksUnit}
      <form
        class="notice mt-3 flex flex-wrap items-end gap-3"
        onsubmit={(e) => {
          e.preventDefault();
          readSvg();
        }}
      >
        <p class="w-full">
          The SVG does not say how large it is. Its outline is {trimNumber(asksUnit.width)} by {trimNumber(asksUnit.height)} of its own units: how many millimetres
          is one?
        </p>
        <div class="w-40"><NumberField label="One unit is" unit="mm" value={unitMm} low={0.001} high={100} step={0.1} onchange={(v) => (unitMm = v)} /></div>
        <Button type="submit" disabled={unitMm === null}>Read it so</Button>
      </form>
    {/if}
    {#if first}
      <Notice class="mt-3" role="status">
        <p>The first sheet is read. Bring the other one.</p>
        <Button kind="text" onclick={begin}>Begin again</Button>
      </Notice>
      <LineOnSheet line={first.points} {pictures} axis={null} {side} onmove={(points) => (first = { ...first!, points })} />
    {:else if line.length > 0}
      <LineOnSheet {line} {pictures} axis={read.reading?.axis ?? null} {side} onmove={(points) => (line = points)} />
    {/if}
  </Sheet>
  <Sheet class="content-start">
    <h2>What it says of the {side} foot</h2>
    {#if read.problem}<Notice tone="caution" role="alert">{read.problem}.</Notice>{/if}
    {#if read.reading}
      {#if read.reading.doubt}
        <Notice tone="caution" role="alert">
          {read.reading.doubt}
          <Button class="ml-1" kind="text" onclick={() => (side = side === 'left' ? 'right' : 'left')}>It is the {side === 'left' ? 'right' : 'left'}</Button>
        </Notice>
      {/if}
      <Table class="mt-1" data-traced>
        <tbody>
          {#each Object.entries(values) as [id, mm] (id)}
            <tr class="border-b border-line"
              ><th scope="row" class="py-1 text-left font-semibold">{nameOf(id)}</th><td class="figures"
                >{formatLength(Math.round(mm! * 10) / 10, shown.unit)} <span class="soft text-sm">± {trimNumber(outlineSd(id as TakenId, sd))} mm</span></td
              ></tr
            >
          {/each}
        </tbody>
      </Table>
      <p class="soft mt-1 text-sm">
        The picture itself errs by {trimNumber(sd)} mm{found ? `, its line is ${trimNumber(found.lineMm)} mm wide` : ''}; with how pen and foot stood each value
        is told with its own (estimate). An outline shows where a foot bulges, not where its joints lie: measure the ball lengths if they matter.
      </p>
      <div class="mt-2 flex flex-wrap gap-2">
        <Button kind="primary" onclick={keep}>Take these for the {side} foot</Button>
        <Button onclick={() => exportSvg(read.reading!.outline, side)}>SVG, true size</Button>
      </div>
    {:else if !read.problem}<p class="soft">Nothing read yet.</p>{/if}
    <h3 class="mt-4">Kept with this visit</h3>
    <ul>
      {#each data.tracings as t (t.id)}
        <li class="flex items-center gap-2">
          <SideMark side={t.side} />
          {t.source}, {format(new Date(t.createdAt), 'd MMM yyyy, HH:mm')}
          <Button
            kind="text"
            onclick={() =>
              exportSvg(
                t.outline.map(([x, y]) => ({ x, y })),
                t.side
              )}>SVG</Button
          >
        </li>
      {:else}<li class="soft">None.</li>{/each}
    </ul>
    <p class="mt-3"><Button kind="text" onclick={() => goto(`/fittings/${desk.fitting.id}/measure`)}>Back to Measure</Button></p>
  </Sheet>
</div>
