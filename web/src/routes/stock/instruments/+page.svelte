<script lang="ts">
  import { nameOfTaken } from '@chiave/core/measure';
  import { invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import { agreementWords, beyondStandard, drifted, driftWords, instrumentName, signedMm, standardWords } from '$lib/agreement-words';
  import type { AgreementRow } from '$lib/api/instrument-schema';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import DriftChart from '$lib/ui/stock/DriftChart.svelte';
  import AgreementChart from '$lib/ui/stock/AgreementChart.svelte';

  let { data } = $props();
  const keyOf = (a: Pick<AgreementRow, 'measure' | 'how' | 'against'>): string => `${a.measure} ${a.how} ${a.against}`;
  /** Drifted ones stand first: they are what must be seen. */
  const rows = $derived([...data.agreements].sort((a, b) => Number(b.drift.foundAt !== null) - Number(a.drift.foundAt !== null)));
  let chosen = $state('');
  const row = $derived(rows.find((a) => keyOf(a) === chosen) ?? rows[0]);
  const day = (iso: string): string => format(new Date(iso), 'd MMM yyyy');
  let message = $state('');
  async function tell(path: string, body: object): Promise<void> {
    const sent = await send(`/api/v1/settings/instruments${path}`, 'POST', body);
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) await invalidateAll();
  }
  const accept = ({ measure, how, against }: AgreementRow, accepted: boolean) => tell('', { measure, how, against, accepted });
  const check = (how: AgreementRow['how'], checked: boolean) => tell('/checked', { how, checked });
  /** Which of the two is to be checked; both where it cannot be told. */
  const suspects = $derived.by(() => {
    const one = drifted(row, rows);
    return one ? [one] : [row.how, row.against];
  });
</script>

<svelte:head><title>Instruments · Chiave</title></svelte:head>
<h1 class="sr-only">How our instruments agree</h1>
{#if message}<Notice class="mb-2" tone="caution" role="alert">{message}</Notice>{/if}
{#each data.checks as c (c.how)}
  <Notice class="mb-2" role="status">
    The {instrumentName(c.how)} was checked on {day(c.at)} ({c.by || 'nobody named'}): what it read before counts no more.
    <Button kind="text" onclick={() => check(c.how, false)}>Count it again</Button>
  </Notice>
{/each}
{#if !row}
  <Empty>No foot was read by two instruments at one visit yet: tape one that the scanner or the gauge has read, and both stand here against each other.</Empty>
{:else}
  {@const name = nameOfTaken(row.measure)}
  {@const words = agreementWords(row, name)}
  {@const drift = driftWords(row, rows, day)}
  <p class="says mb-2 text-xl" data-agreement={row.agreement.says}>{words}</p>
  {#if drift}
    <Notice class="mb-2" tone="caution" role="alert">
      {drift}
      {#each suspects as how (how)}
        <Button class="ml-1" onclick={() => check(how, true)}>The {instrumentName(how)} is right again: begin afresh</Button>
      {/each}
    </Notice>
  {/if}
  {#if beyondStandard(row, row.measure)}<Notice class="mb-2" tone="caution" role="status">{standardWords}</Notice>{/if}
  <div class="grid gap-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
    <div class="grid content-start gap-3">
      <Sheet heading="{name}: {instrumentName(row.how)} less {instrumentName(row.against)}">
        <AgreementChart {row} words="{name}, {instrumentName(row.how)} less {instrumentName(row.against)}" />
        <div class="mt-2 flex flex-wrap items-center gap-2">
          {#if row.correction}
            <p class="mr-auto">
              <b>In the fit since {day(row.correction.from)}:</b>
              {signedMm(-row.correction.biasMm)} mm on what the {instrumentName(row.how)} reads, ± {row.correction.sdMm.toFixed(1)} ({row.correction.by ||
                'nobody named'}). Readings stay as they were taken.
            </p>
            <Button onclick={() => accept(row, false)}>Leave it again</Button>
          {:else}
            {@const not =
              row.agreement.says === 'points' ? 'Too few to be taken into the fit.' : drift ? 'Not taken into the fit while one of the two has drifted.' : ''}
            <p class="soft mr-auto text-sm">
              {#if not}{not}{:else}Accepted, {signedMm(-row.agreement.biasMm)} mm goes on what the {instrumentName(row.how)} reads from now on, in the fit only.{/if}
            </p>
            <Button kind="primary" disabled={not !== ''} onclick={() => accept(row, true)}>Take it into the fit</Button>
          {/if}
        </div>
      </Sheet>
      {#if row.drift.sums.length > 1}
        <Sheet heading="Has it drifted?">
          <DriftChart drift={row.drift} words="{name}, {instrumentName(row.how)} less {instrumentName(row.against)}" />
        </Sheet>
      {/if}
      <Sheet heading="How it is counted">
        <p class="leading-snug">
          A foot counts where two instruments read it at one visit, in the same sock and with the same weight on it; left and right of one person count as one.
          The limits are for the next foot (Student’s t); while they are few, the shop’s own deviation is drawn to the usual one. A drift is found by cumulated
          sums: a shift of one deviation after some nine persons, one of two after four (model). What was told, and the shoes worn, are no instruments.
        </p>
      </Sheet>
    </div>
    <div class="grid content-start gap-3">
      <Sheet heading="What was read by two">
        <Table>
          <thead>
            <tr><th scope="col" class="text-left">Measure</th><th scope="col">Persons</th><th scope="col">Bias, mm</th></tr>
          </thead>
          <tbody>
            {#each rows as a (keyOf(a))}
              <tr>
                <th scope="row" class="text-left font-normal">
                  <Button kind="text" pressed={a === row} onclick={() => (chosen = keyOf(a))}
                    >{nameOfTaken(a.measure)}, {instrumentName(a.how)} / {instrumentName(a.against)}</Button
                  >
                  {#if a.drift.foundAt !== null}<b class="text-tight-word">drifted</b>{/if}
                  {#if a.correction}<span class="soft text-sm">in the fit</span>{/if}
                </th>
                <td class="figures">{a.agreement.persons}</td>
                <td class="figures">{a.agreement.says === 'points' ? '–' : signedMm(a.agreement.biasMm)}</td>
              </tr>
            {/each}
          </tbody>
        </Table>
      </Sheet>
      {#if row.hands.length > 1 || row.ownSdMm !== null}
        <Sheet heading="By hand">
          {#if row.hands.length > 1}
            <ul>
              {#each row.hands as h (h.by)}
                <li>{h.by || 'nobody named'}: <b class="figures">{signedMm(h.biasMm)} mm</b> <span class="soft">beside the others, {h.pairs} feet</span></li>
              {/each}
            </ul>
          {/if}
          {#if row.ownSdMm !== null}<p>
              The {instrumentName(row.how)} itself errs by <b class="figures">{row.ownSdMm.toFixed(1)} mm</b>, from feet that two hands read with it.
            </p>{/if}
        </Sheet>
      {/if}
    </div>
  </div>
{/if}
