<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { sameLine, TOE_FAMILY, type Last, type LastEstimate } from '@chiave/core/last';
  import { signedNumber, trimNumber } from '@chiave/core/measure';
  import type { LastChange } from '$lib/api/stock-schema';
  import type { ReadingRow } from '$lib/api/rows';
  import { send } from '$lib/send/save.svelte';
  import { READ_FIGURES } from './read-figures';
  import ReadingForm from './ReadingForm.svelte';
  import { undoList } from './undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Pairs measured on a last by several hands, and what they say together. */
  // prettier-ignore
  let { last, readings, estimate, letters, ondefine, online }: {
    last: Last & { version: number }; readings: readonly ReadingRow[]; estimate: LastEstimate; letters: readonly string[]; ondefine: (fields: Record<string, string>) => void;
    online: ComponentProps<typeof ReadingForm>['online'];
  } = $props();

  const countOf = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;
  let message = $state('');

  async function remove(r: ReadingRow): Promise<void> {
    const sent = await send(`/api/v1/readings/${r.id}`, 'DELETE');
    if (!sent.ok) {
      message = sent.detail;
      return;
    }
    const { id: _id, ...body } = r;
    undoList.addRequest(`a reading of ${last.name} taken away`, `/api/v1/lasts/${last.id}/readings`, 'POST', body);
    await invalidateAll();
  }
  async function takeOver(): Promise<void> {
    const { version, ...was } = last;
    const sent = await send<{ before: LastChange }>(`/api/v1/lasts/${last.id}`, 'PUT', {
      last: { ...was, ...estimate.last, form: last.form, aliases: last.aliases },
      version
    });
    message = sent.ok ? '' : sent.detail;
    if (!sent.ok) return;
    undoList.addRequest(`${last.name} as measured`, `/api/v1/lasts/${last.id}`, 'PUT', sent.value.before);
    await invalidateAll();
  }

  /** The tracing is left out: the fit runs along the curve of the toe again. */
  async function byFamily(): Promise<void> {
    const { version, outline: _outline, ...rest } = last;
    const sent = await send<{ before: LastChange }>(`/api/v1/lasts/${last.id}`, 'PUT', { last: rest, version });
    message = sent.ok ? '' : sent.detail;
    if (!sent.ok) return;
    undoList.addRequest(`${last.name} along its toe’s curve`, `/api/v1/lasts/${last.id}`, 'PUT', sent.value.before);
    await invalidateAll();
  }
  const line = $derived(estimate.last.outline);
  const isTaken = $derived(line !== undefined && last.outline !== undefined && sameLine(line, last.outline));

  const told = (id: string) => READ_FIGURES.find((f) => f.id === id)?.name ?? id;
</script>

<Sheet class="grid content-start gap-2" heading="Measured pairs">
  <ReadingForm {last} {letters} {ondefine} {online} />
  {#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
  {#if readings.length > 0}
    <Table data-readings>
      <thead>
        <tr class="border-b border-ink text-left"
          ><th scope="col">size</th><th scope="col">shoe</th><th scope="col">by</th>{#each READ_FIGURES as { id, name } (id)}<th scope="col">{name}</th
            >{/each}<th scope="col"><span class="sr-only">take away</span></th></tr
        >
      </thead>
      <tbody>
        {#each readings as r (r.id)}
          <tr class="border-b border-line">
            <th scope="row" class="figures py-1 text-left">{r.size} {r.width}</th>
            <td><SideMark side={r.side} /></td>
            <td>{r.who}</td>
            {#each READ_FIGURES as { id } (id)}<td class="figures">{r[id] === null || r[id] === undefined ? '' : trimNumber(r[id])}</td>{/each}
            <td><Button kind="text" onclick={() => remove(r)}>take away</Button></td>
          </tr>
        {/each}
      </tbody>
    </Table>
    <h3>What they say together</h3>
    <p data-estimate>
      Insole <b class="figures">{trimNumber(estimate.last.base.insoleMm)} ± {trimNumber(estimate.last.evidence.lengthSdMm)} mm</b>, ball width
      <b class="figures">{trimNumber(estimate.last.base.ballWidthMm)} ± {trimNumber(estimate.last.evidence.widthSdMm)}</b>, ball girth
      <b class="figures">{trimNumber(estimate.last.base.ballGirthMm)} ± {trimNumber(estimate.last.evidence.girthSdMm)}</b> in size {last.base.size}
      {last.base.width}; a size is <b class="figures">{trimNumber(estimate.last.grade.lengthPerSizeMm, 2)} mm</b> long. {estimate.last.evidence.note}.
    </p>
    {#if line}
      <p data-line>
        Its insole’s line: {countOf(line.tracings, 'tracing')} by {countOf(line.hands, 'hand')}, <b class="figures">± {trimNumber(line.sdMm)} mm</b>.
        {isTaken ? 'The fit runs along it.' : 'Once taken, the fit runs along it in place of the toe’s curve.'}
      </p>
    {/if}
    {#each estimate.outliers as o (`${o.reading.size}${o.what}`)}
      <Notice tone="caution">
        Size {o.reading.size} by {o.reading.who}: {told(o.what)} stands {trimNumber(Math.abs(o.offMm))} mm {o.offMm > 0 ? 'over' : 'under'} what the others say. It
        is left out: measure it again.
      </Notice>
    {/each}
    {#each estimate.leftLessRight as d, at (at)}
      <p class="text-sm">
        <SideMark side="left" /> less <SideMark side="right" />, {told(d.what)}:
        <span class="figures">{signedNumber(d.mm)} ± {trimNumber(d.sdMm)} mm</span>.
      </p>
    {/each}
    <div class="flex flex-wrap gap-2">
      <Button onclick={takeOver}>Take this as the last</Button>
      {#if last.outline}<Button kind="text" onclick={byFamily}>Fit along the {TOE_FAMILY[last.family].name} toe’s curve instead</Button>{/if}
    </div>
    <p class="soft text-sm">
      What nobody measured stays as it is below. Readings by one hand share that hand's own error, so ten by one are not ten (deviations: estimates of this
      project).
    </p>
  {:else}<p class="soft">Nothing measured yet. One traced insole halves the doubt of a label.</p>{/if}
</Sheet>
