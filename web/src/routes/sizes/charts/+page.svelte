<script lang="ts">
  import { ACCEPTED_LENGTH_MM } from '@chiave/core/measure';
  import { writeCsv } from '$lib/api/csv';
  import { formatLength, parseLength, trimNumber } from '@chiave/core/measure';
  import { chartOf, correctGauge, type Chart } from '@chiave/core/size';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import { download, downloadPdf } from '$lib/ui/kit/download';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { withFractions } from '$lib/size-fractions';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  const book = $derived(shopBook());
  let scales = $state<string[]>(['us-w', 'us-m', 'uk', 'eu', 'jp', 'cn']);
  let fromMm = $state<number | null>(220);
  let toMm = $state<number | null>(290);
  let stepMm = $state<number | null>(5);
  let title = $state('Sizes');
  let message = $state('');
  const columns = $derived(scales.map((scale) => ({ scale })));
  const made = $derived.by((): { chart: Chart | null; problem: string } => {
    try {
      return { chart: chartOf(columns, fromMm ?? NaN, toMm ?? NaN, { stepMm: stepMm ?? NaN }, book), problem: '' };
    } catch (error) {
      return { chart: null, problem: error instanceof Error ? error.message : String(error) };
    }
  });
  const LISTED = new Intl.ListFormat('en-GB');
  const says = $derived.by(() => {
    const { chart } = made;
    if (!chart || chart.rows.length === 0) return 'No chart of this yet.';
    const [first, last] = [chart.rows[0], chart.rows[chart.rows.length - 1]];
    const spans = chart.columns
      .map((c, i) => ({ c, from: first.cells[i].label, to: last.cells[i].label }))
      .filter(({ from, to }) => from !== '' && to !== '')
      .slice(0, 3)
      .map(({ c, from, to }) => `${c.name} ${withFractions(from)} to ${withFractions(to)}`);
    const feet = `${chart.rows.length} feet from ${formatLength(first.footMm, shown.unit)} to ${formatLength(last.footMm, shown.unit)}`;
    return `${feet} in ${chart.columns.length} ${chart.columns.length === 1 ? 'scale' : 'scales'}${spans.length > 0 ? `: ${LISTED.format(spans)}` : ''}.`;
  });
  const names = $derived(made.chart?.columns.map((c) => `${c.name} (${c.school})`) ?? []);
  function csv(chart: Chart): void {
    download(
      'sizes.csv',
      new Blob(
        [
          writeCsv(
            ['foot mm', ...names],
            chart.rows.map((r) => [r.footMm, ...r.cells.map((c) => c.label)])
          )
        ],
        { type: 'text/csv' }
      )
    );
  }
  const json = (chart: Chart) => download('sizes.json', new Blob([JSON.stringify(chart, null, 2)], { type: 'application/json' }));
  const pdf = async (paper: 'a4' | 'letter') =>
    (message = await downloadPdf('/api/v1/sizes/chart', { columns, fromMm, toMm, by: { stepMm }, format: 'pdf', paper, title }, 'size-chart.pdf'));

  let across = $state('100');
  let down = $state('100');
  let reading = $state('');
  const mmOf = (text: string) => {
    const parsed = parseLength(text, 'mm');
    return parsed.ok ? parsed.mm : NaN;
  };
  const corrected = $derived(reading.trim() === '' ? null : correctGauge(mmOf(reading), mmOf(across), mmOf(down)));
</script>

<svelte:head><title>Charts and gauge · Chiave</title></svelte:head>
<h1 class="sr-only">Charts and gauge</h1>
<p class="says mb-3 print:hidden" aria-live="polite">{says}</p>
<div class="grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
  <Sheet>
    <div class="flex flex-wrap items-end gap-2 print:hidden">
      <Field label="Title" class="min-w-40 flex-1" bind:value={title} maxlength={80} />
      <div class="w-28">
        <NumberField label="From" unit="mm" value={fromMm} low={ACCEPTED_LENGTH_MM[0]} high={ACCEPTED_LENGTH_MM[1]} step={5} onchange={(v) => (fromMm = v)} />
      </div>
      <div class="w-28">
        <NumberField label="To" unit="mm" value={toMm} low={ACCEPTED_LENGTH_MM[0]} high={ACCEPTED_LENGTH_MM[1]} step={5} onchange={(v) => (toMm = v)} />
      </div>
      <div class="w-28"><NumberField label="Every" unit="mm" value={stepMm} low={0.5} high={50} step={0.5} onchange={(v) => (stepMm = v)} /></div>
    </div>
    <div class="mt-2 print:hidden">
      <Choices legend="Scales" options={book.all} chosen={scales} onchange={(next) => (scales = next)} />
    </div>
    {#if made.problem}<Notice class="mt-2" tone="caution" role="alert">{made.problem}.</Notice>{/if}
    {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
    {#if made.chart}
      {@const chart = made.chart}
      <div class="mt-2 flex flex-wrap gap-2 print:hidden">
        <Button onclick={() => csv(chart)}>CSV</Button>
        <Button onclick={() => json(chart)}>JSON</Button>
        <Button onclick={() => window.print()}>Print</Button>
        <Button onclick={() => pdf('a4')}>PDF, A4</Button>
        <Button onclick={() => pdf('letter')}>PDF, US Letter</Button>
      </div>
      <h2 class="mt-3 hidden print:block">{title}</h2>
      <div class="mt-2 overflow-x-auto">
        <Table data-chart>
          <thead>
            <tr class="border-b-2 border-ink text-left"
              ><th scope="col">foot</th>{#each chart.columns as c (c.scale)}<th scope="col" class="pr-2"
                  >{c.name}<span class="soft block text-xs font-normal">{c.school}</span></th
                >{/each}</tr
            >
          </thead>
          <tbody>
            {#each chart.rows as row (row.footMm)}<tr class="odd:bg-[#f6ecdd]"
                ><th scope="row" class="figures py-0.5 text-left">{formatLength(row.footMm, shown.unit)}</th
                >{#each row.cells as cell, i (chart.columns[i].scale)}<td class="figures">{cell.label}</td>{/each}</tr
              >{/each}
          </tbody>
        </Table>
      </div>
    {/if}
  </Sheet>
  <Sheet class="content-start print:hidden" heading="A foot gauge to print">
    <p>Drawn in millimetres. Print at 100 %, never “fit to page”; then measure both check rulers.</p>
    <div class="mt-2 flex flex-wrap gap-2">
      <a
        class="inline-flex min-h-11 items-center rounded border border-line bg-white px-3"
        href="/api/v1/sizes/gauge?paper=a4"
        target="_blank"
        rel="noopener"
        data-sveltekit-reload>Gauge, A4</a
      >
      <a
        class="inline-flex min-h-11 items-center rounded border border-line bg-white px-3"
        href="/api/v1/sizes/gauge?paper=letter"
        target="_blank"
        rel="noopener"
        data-sveltekit-reload>Gauge, US Letter</a
      >
    </div>
    <h3 class="mt-3">What it reads</h3>
    <div class="grid grid-cols-2 gap-2">
      <Field label="Check ruler across measures, mm" figures bind:value={across} />
      <Field label="Check ruler down measures, mm" figures bind:value={down} />
      <Field label="The gauge reads" figures class="col-span-2" bind:value={reading} placeholder="248" />
    </div>
    {#if corrected}
      {#if corrected.refused}<Notice class="mt-2" tone="caution" role="alert">{corrected.refused}</Notice>
      {:else}
        <p class="mt-2 text-lg">
          The foot: <b class="figures" data-corrected>{formatLength(corrected.mm, shown.unit)}</b>
          <span class="figures">± {trimNumber(corrected.sdMm)} mm</span>
        </p>
        {#if corrected.note}<Notice>{corrected.note}</Notice>{/if}
      {/if}
    {/if}
  </Sheet>
</div>
