<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import type { ChangeRow } from '$lib/api/rows';
  import type { CustomerRow } from '$lib/api/rows';
  import ConsentPart from './ConsentPart.svelte';
  import PersonFields from './PersonFields.svelte';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import { can } from '$lib/ui/kit/me';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';

  /** What is kept of a person, with consent: changed, taken along, brought in, looked through, erased. */
  let { customer }: { customer: CustomerRow } = $props();
  let message = $state('');
  let done = $state('');
  let changes = $state<ChangeRow[] | null>(null);
  let eraseName = $state('');
  interface Report {
    sessions: number;
    values: number;
    problems: { row: number; message: string }[];
  }
  let report = $state<(Report & { text: string; kind: 'csv' | 'json' }) | null>(null);
  async function look(): Promise<void> {
    const sent = await send<{ changes: ChangeRow[] }>(`/api/v1/customers/${customer.id}/changes`, 'GET');
    if (sent.ok) changes = sent.value.changes;
    else message = sent.detail;
  }
  async function erase(): Promise<void> {
    const sent = await send(`/api/v1/customers/${customer.id}`, 'DELETE');
    if (sent.ok) await goto('/', { invalidateAll: true });
    else message = sent.detail;
  }
  async function bring(file: File): Promise<void> {
    report = null;
    message = '';
    if (file.size > 900_000) {
      message = `${file.name} has ${(file.size / 1e6).toFixed(1)} MB; a file of feet has at most 0.9 MB. Nothing was read.`;
      return;
    }
    const text = await file.text();
    const kind = file.name.toLowerCase().endsWith('.json') ? 'json' : 'csv';
    const sent = await send<Report>('/api/v1/import/feet', 'POST', {
      customerId: customer.id,
      kind,
      text,
      dryRun: true
    });
    if (sent.ok) report = { ...sent.value, text, kind };
    else message = sent.detail;
  }
  async function take(): Promise<void> {
    const { text, kind } = report!;
    const sent = await send<{ added: number }>('/api/v1/import/feet', 'POST', { customerId: customer.id, kind, text, dryRun: false });
    if (sent.ok) {
      done = `${sent.value.added} ${sent.value.added === 1 ? 'session' : 'sessions'} taken in.`;
      report = null;
      await invalidateAll();
    } else message = sent.detail;
  }
</script>

<Fold class="mt-4">
  {#snippet head()}<b>What is kept of this person</b>
    <span class="soft">{customer.consentAt ? `agreed ${format(new Date(customer.consentAt), 'd MMM yyyy')}` : 'consent not noted yet'}</span>{/snippet}
  {#if done}<Notice class="mt-2" role="status">{done}</Notice>{/if}
  {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
  <PersonFields {customer} />
  <ConsentPart {customer} />

  <div class="mt-3 flex flex-wrap items-center gap-2 border-t border-line pt-3">
    {#if can('health')}<Button href="/people/{customer.id}/kept">What is kept, to show</Button>{/if}
    {#if can('health')}<Button href="/api/v1/customers/{customer.id}/export" download data-sveltekit-reload>Everything, one file</Button>{/if}
    <Button href="/api/v1/customers/{customer.id}/feet?format=csv" download data-sveltekit-reload>Feet, CSV</Button>
    <Button href="/api/v1/customers/{customer.id}/feet" download="feet-{customer.id}.json" data-sveltekit-reload>Feet, JSON</Button>
    {#if can('fit')}<FileButton accept=".csv,.json,text/csv,application/json" onfile={bring}>Bring in feet</FileButton>{/if}
    <Button onclick={look}>Who changed what</Button>
  </div>
  {#if report}
    <div class="mt-2" data-import>
      <p>
        <b>Looked over, nothing taken yet:</b>
        {report.sessions} sessions, {report.values} values, {report.problems.length} problems.
      </p>
      <ul class="text-sm">
        {#each report.problems.slice(0, 30) as p, at (at)}<li class="text-tight"><span class="figures">line {p.row}</span>: {p.message}</li>{/each}
      </ul>
      <Button disabled={report.problems.length > 0 || report.sessions === 0} onclick={take}>Take them in</Button>
    </div>
  {/if}
  {#if changes}
    <ul class="mt-2 max-h-72 overflow-y-auto text-sm" data-changes>
      {#each changes as c, i (i)}
        <li class="border-b border-line py-1">
          <span class="figures">{format(new Date(c.at), 'd MMM yyyy, HH:mm')}</span>
          {c.by || 'not said who'}: {c.what} <span class="soft break-all">{JSON.stringify(c.changed).slice(0, 300)}</span>
        </li>
      {:else}<li class="soft">No change noted yet.</li>{/each}
    </ul>
  {/if}
  {#if can('health')}
    <div class="mt-3 flex flex-wrap items-end gap-2 border-t border-line pt-3">
      <p class="soft w-full text-sm">
        Erasing takes name, story, health notes, words and tracings away for good; measures and what fitted stay without a name. It cannot be taken back.
      </p>
      <Field label="Write the name to erase" bind:value={eraseName} autocomplete="off" />
      <Button kind="danger" disabled={eraseName.trim() !== customer.name} onclick={erase}>Erase this person</Button>
    </div>
  {/if}
</Fold>
