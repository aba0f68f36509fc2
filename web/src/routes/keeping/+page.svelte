<script lang="ts">
  import { format } from 'date-fns';
  import { page } from '$app/state';
  import type { CostRow, DueRow } from '$lib/api/keep-schema';
  import { reminderText } from '$lib/keep-words';
  import { SHOP_NAME } from '$lib/shop-name';
  import { Acts } from '$lib/ui/keep/acts.svelte';
  import DueLine from '$lib/ui/keep/DueLine.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SectionBar from '$lib/ui/kit/SectionBar.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** All that is due by person, as print, as reminders to copy, as a calendar; and what pairs cost. */
  let { data } = $props();
  const PARTS = $derived([
    { id: 'due', name: 'Due', href: '?part=due', finding: String(data.total) },
    { id: 'reminders', name: 'Reminders', href: '?part=reminders' },
    { id: 'calendar', name: 'Calendar', href: '?part=calendar' },
    { id: 'costs', name: 'Costs', href: '?part=costs' }
  ]);
  const part = $derived(PARTS.find((p) => p.id === page.url.searchParams.get('part'))?.id ?? 'due');
  const SPANS = [
    { id: 'week', name: 'this week' },
    { id: 'month', name: 'a month' },
    { id: 'season', name: 'a season' }
  ] as const;
  const acts = new Acts();
  let feedName = $state('');
  let names = $state<'initials' | 'full'>('initials');
  let address = $state('');
  async function addFeed(): Promise<void> {
    const made = await acts.act<{ address: string }>('/feeds', 'POST', { name: feedName, names });
    if (made) [address, feedName] = [made.address, ''];
  }
  let zone = $state('');
  let copied = $state('');
  const reminders = $derived(data.people.flatMap((p) => p.items.filter((i) => i.remind !== null)));
  async function copy(item: DueRow): Promise<void> {
    try {
      await navigator.clipboard.writeText(reminderText(item, SHOP_NAME));
      copied = `${item.rule} ${item.subject} ${item.person.id}`;
    } catch {
      acts.message = 'The browser does not let this page copy: mark the text and copy it by hand.';
    }
  }
  const money = (n: number): string => n.toFixed(0);
  const headline = $derived(
    data.total === 0 ? 'Nothing is due.' : data.total === 1 ? 'Something is due of one person.' : `Something is due of ${data.total} people.`
  );
  const COSTS: readonly { name: string; rows: () => readonly CostRow[] }[] = [
    { name: 'By production', rows: () => data.costs.productions },
    { name: 'By season', rows: () => data.costs.seasons }
  ];
</script>

<svelte:head><title>Keeping · Chiave</title></svelte:head>
<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
  <h1 class="mr-auto">Keeping</h1>
  {#if part === 'due' || part === 'reminders'}<span class="print:hidden"><Button onclick={() => window.print()}>Print the list</Button></span>{/if}
</div>
<p class="says text-xl">{headline}</p>
<div class="mt-2 print:hidden"><SectionBar label="Parts of the page" parts={PARTS} current={part} /></div>
{#if acts.message}<Notice class="mt-2" tone="caution" role="alert">{acts.message}</Notice>{/if}
{#if part === 'due'}
  <nav class="mt-3 flex flex-wrap gap-2 print:hidden" aria-label="How far ahead">
    {#each SPANS as s (s.id)}<Button
        href="?part=due&ahead={s.id}"
        class={data.span === s.id ? 'bg-brass-pale font-semibold' : ''}
        aria-current={data.span === s.id ? 'true' : undefined}>{s.name}</Button
      >{/each}
  </nav>
  <div class="mt-3 grid gap-3 lg:grid-cols-2 print:grid-cols-1">
    {#each data.people as p (p.id)}
      <Sheet class="!py-2" data-person={p.name}>
        <h2><a href="/people/{p.id}/pairs" class="!text-ink">{p.name}</a></h2>
        <ul>
          {#each p.items as item (`${item.rule} ${item.subject}`)}<DueLine {item} today={data.today} busy={acts.busy} who onanswer={acts.answer} />{/each}
        </ul>
      </Sheet>
    {:else}<Empty>Nothing is due so far ahead.</Empty>{/each}
  </div>
  {#if data.total > data.people.length}<p class="soft mt-3">
      The {data.people.length} most urgent of {data.total}; all of them in the calendar and at /api/v1/due.
    </p>{/if}
{:else if part === 'reminders'}
  <p class="soft mt-3 print:hidden">Texts to copy or print. Nothing is sent from here.</p>
  <div class="mt-2 grid gap-3 lg:grid-cols-2 print:grid-cols-1">
    {#each reminders as item (`${item.rule} ${item.subject} ${item.person.id}`)}
      <Sheet data-reminder={item.rule}>
        <pre class="font-sans whitespace-pre-wrap">{reminderText(item, SHOP_NAME)}</pre>
        <p class="mt-1 print:hidden">
          <Button onclick={() => copy(item)} aria-label="Copy: {item.title}, {item.person.name}"
            >{copied === `${item.rule} ${item.subject} ${item.person.id}` ? 'Copied' : 'Copy'}</Button
          >
        </p>
      </Sheet>
    {:else}<Empty>Nobody needs a reminder this week.</Empty>{/each}
  </div>
{:else if part === 'calendar'}
  <Sheet class="mt-3">
    <h2 class="says text-xl">What is due, in any calendar that reads an address.</h2>
    <p>The address is private: whoever has it reads the list, without signing in. Take it back, and it is empty from then on. It is told once.</p>
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <Field label="For whose calendar" class="w-72" maxlength={80} bind:value={feedName} placeholder="the tablet on the wall" />
      <Choice
        name="feed-names"
        legend="Names"
        options={[
          { id: 'initials', name: 'initials only' },
          { id: 'full', name: 'full names' }
        ]}
        value={names}
        onchange={(v) => (names = v)}
      />
      <Button kind="primary" disabled={acts.busy || feedName.trim() === ''} onclick={addFeed}>Give out an address</Button>
    </div>
    {#if address}<Notice class="mt-2" role="status"><b>Copy it now:</b> <code class="break-all" data-address>{address}</code></Notice>{/if}
    <ul class="mt-3">
      {#each data.feeds as f (f.id)}
        <li class="flex flex-wrap items-center gap-x-3 border-b border-line py-1 last:border-0">
          <b class="mr-auto">{f.name}</b><span class="soft"
            >{f.names === 'full' ? 'full names' : 'initials'} · since {format(new Date(f.createdAt), 'd MMM yyyy')} · {f.readAt
              ? `read ${format(new Date(f.readAt), 'd MMM, HH:mm')}`
              : 'never read'}</span
          >
          <Button disabled={acts.busy} onclick={() => acts.act(`/feeds/${f.id}`, 'DELETE')} aria-label="Take back: {f.name}">Take back</Button>
        </li>
      {:else}<li class="soft">No address is given out.</li>{/each}
    </ul>
  </Sheet>
  <Sheet class="mt-3" heading="Whose days">
    <p>The shop goes by the days of <b>{data.zone}</b>; today is {data.today}.</p>
    <div class="mt-2 flex flex-wrap items-end gap-2">
      <Field label="Another time zone" class="w-64" maxlength={60} bind:value={zone} placeholder={data.zone} /><Button
        disabled={acts.busy || zone.trim() === ''}
        onclick={() => acts.act('/settings/zone', 'PUT', { zone: zone.trim() })}>Keep it</Button
      >
    </div>
  </Sheet>
{:else}
  {#each COSTS as table (table.name)}
    {@const rows = table.rows()}
    <Sheet class="mt-3" heading={table.name}>
      {#if rows.length === 0}<p class="soft">No pair names one yet: it stands with each pair.</p>{:else}
        <Table>
          <caption class="sr-only">What pairs cost, {table.name.toLowerCase()}</caption>
          <thead
            ><tr
              ><th scope="col">Name</th><th scope="col">Pairs</th><th scope="col">Spent</th><th scope="col">of it repairs</th><th scope="col">Worn, h</th><th
                scope="col">An hour</th
              ></tr
            ></thead
          >
          <tbody>
            {#each rows as r (r.name)}
              <tr>
                <th scope="row">{r.name}</th><td class="figures">{r.pairs}{r.unpriced > 0 ? `, ${r.unpriced} without a price` : ''}</td><td class="figures"
                  >{money(r.spent)}</td
                ><td class="figures">{money(r.repairs)}</td><td class="figures">{money(r.hours)}</td>
                <td class="figures">{r.perHour === null ? '–' : r.perHour.toFixed(2)}</td>
              </tr>
            {/each}
          </tbody>
        </Table>
      {/if}
    </Sheet>
  {/each}
  <p class="soft mt-2">By what the pairs gave until today. Pairs go on: their hours get cheaper.</p>
{/if}
