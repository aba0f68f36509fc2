<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import { format } from 'date-fns';
  import type { ChangeRow } from '$lib/api/rows';
  import type { CustomerRow } from '$lib/api/rows';
  import { send, type SaveError } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Check from '$lib/ui/kit/Check.svelte';

  /** What is kept of a person, with consent: changed, taken along, brought in, looked through, erased. */
  let { customer }: { customer: CustomerRow } = $props();
  let name = $state('');
  let born = $state('');
  let month = $state('');
  let work = $state('');
  let story = $state('');
  let consent = $state(false);
  let consentNote = $state('');
  let version = $state(0);
  let errors = $state<SaveError[]>([]);
  let message = $state('');
  let done = $state('');
  let theirs = $state<number | null>(null);
  let changes = $state<ChangeRow[] | null>(null);
  let eraseName = $state('');
  interface Report {
    sessions: number;
    values: number;
    problems: { row: number; message: string }[];
  }
  let report = $state<(Report & { text: string; kind: 'csv' | 'json' }) | null>(null);
  const errorOf = (path: string) => errors.find((e) => e.path === path)?.message;

  function fill(): void {
    ({ name, work, consentNote, version } = customer);
    born = customer.born === null ? '' : String(customer.born);
    month = customer.bornMonth === null ? '' : String(customer.bornMonth);
    story = customer.story ?? '';
    consent = customer.consentAt !== null;
  }
  // The record is made anew for each person.
  untrack(fill);
  const number = (text: string) => (text.trim() === '' ? null : Number.isNaN(Number(text)) ? text : Number(text));
  async function save(over: number | null = null): Promise<void> {
    const sent = await send(`/api/v1/customers/${customer.id}`, 'PATCH', {
      name,
      born: number(born),
      bornMonth: number(month),
      work,
      story,
      consentNote,
      version: over ?? version,
      ...(consent === (customer.consentAt !== null) ? {} : { consent })
    });
    errors = sent.ok ? [] : sent.errors;
    message = sent.ok ? '' : sent.detail;
    theirs = !sent.ok && sent.status === 409 ? Number(sent.errors[0]?.message) : null;
    if (sent.ok) {
      done = 'Saved.';
      await invalidateAll();
      fill();
    }
  }
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
  {#if message}
    <Notice class="mt-2" tone="caution" role="alert">
      {message}
      {#if theirs !== null}
        <Button class="ml-1" kind="text" onclick={() => save(theirs)}>Keep mine</Button>
        <Button
          class="ml-2"
          kind="text"
          onclick={async () => {
            await invalidateAll();
            fill();
            message = '';
            theirs = null;
          }}>Take theirs</Button
        >
      {/if}
    </Notice>
  {/if}
  <form
    class="mt-2 grid gap-2 sm:grid-cols-4"
    novalidate
    onsubmit={(e) => {
      e.preventDefault();
      void save();
    }}
  >
    <Field label="Name" class="sm:col-span-2" bind:value={name} error={errorOf('name')} />
    <Field label="Born (year)" figures bind:value={born} error={errorOf('born')} />
    <Field label="Month, for children" figures bind:value={month} error={errorOf('bornMonth')} />
    <Field label="Work" class="sm:col-span-2" bind:value={work} maxlength={200} />
    <Field label="Story" class="sm:col-span-2" bind:value={story} maxlength={2000} />
    <Check bind:checked={consent}>agreed that measures and health notes are kept</Check>
    <Field label="How it was agreed" class="sm:col-span-2" bind:value={consentNote} maxlength={500} />
    <Button type="submit" kind="primary">Save</Button>
  </form>

  <div class="mt-3 flex flex-wrap items-center gap-2 border-t border-line pt-3">
    <Button href="/api/v1/customers/{customer.id}/export" download data-sveltekit-reload>Everything, one file</Button>
    <Button href="/api/v1/customers/{customer.id}/feet?format=csv" download data-sveltekit-reload>Feet, CSV</Button>
    <Button href="/api/v1/customers/{customer.id}/feet" download="feet-{customer.id}.json" data-sveltekit-reload>Feet, JSON</Button>
    <FileButton accept=".csv,.json,text/csv,application/json" onfile={bring}>Bring in feet</FileButton>
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
  <div class="mt-3 flex flex-wrap items-end gap-2 border-t border-line pt-3">
    <p class="soft w-full text-sm">
      Erasing takes name, story, health notes, words and tracings away for good; measures and what fitted stay without a name. It cannot be taken back.
    </p>
    <Field label="Write the name to erase" bind:value={eraseName} autocomplete="off" />
    <Button kind="danger" disabled={eraseName.trim() !== customer.name} onclick={erase}>Erase this person</Button>
  </div>
</Fold>
