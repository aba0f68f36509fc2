<script lang="ts">
  import { formatLength } from '@chiave/core/measure';
  import { format } from 'date-fns';
  import Badge from 'flowbite-svelte/Badge.svelte';
  import AddPerson from '$lib/ui/people/AddPerson.svelte';
  import { beginFitting } from '$lib/ui/people/begin-fitting';
  import { FLAG_CHOICES } from '$lib/ui/fitting/names';
  import { PeopleList } from '$lib/ui/people/people-list.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import { can } from '$lib/ui/kit/me';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  let { data } = $props();
  // The list begins anew whenever the page is loaded anew.
  const list = $derived(new PeopleList(data.people));
  let adding = $state(false);
  let message = $state('');

  const flagName = (id: string) => FLAG_CHOICES.find((f) => f.id === id)?.name ?? id;

  async function open(customerId: number): Promise<void> {
    message = await beginFitting(customerId);
  }
</script>

<svelte:head><title>People · Chiave</title></svelte:head>

<div class="flex flex-wrap items-end gap-3">
  <div class="mr-auto">
    <h1>Who is in the chair?</h1>
    <p class="soft">
      Pick a person and open a fitting. <span class="figures" data-found>{list.total} {list.total === 1 ? 'person' : 'people'}</span>{#if can('health')}
        · <a href="/people/unseen">Not seen for long</a>{/if}
    </p>
  </div>
  <Field label="Find" class="w-72" type="search" oninput={(e) => list.search(e.currentTarget.value)} placeholder="name, work, story" />
  <Button kind={adding ? 'plain' : 'primary'} onclick={() => (adding = !adding)} aria-expanded={adding}>Add a person</Button>
</div>
{#if message}<Notice role="alert" class="mt-3" tone="caution">{message}</Notice>{/if}

{#if adding}<AddPerson onadded={open} />{/if}

<ul class="mt-4 grid gap-3 md:grid-cols-2">
  {#each list.found as c (c.id)}
    <li class="sheet flex items-start gap-3">
      <div class="min-w-0 flex-1">
        <a href="/people/{c.id}" class="text-lg font-semibold">{c.name}</a>
        <span class="soft"> · {c.work || 'no work noted'}{c.born ? ` · born ${c.born}` : ''}</span>
        {#if c.story}<p class="mt-0.5">{c.story}</p>{/if}
        <p class="mt-1 text-sm">
          {#if c.leftMm !== null && c.rightMm !== null}
            <span class="figures"
              ><SideMark side="left" /> {formatLength(c.leftMm, shown.unit)} <SideMark side="right" class="ml-2" /> {formatLength(c.rightMm, shown.unit)}</span
            >
          {:else}<span class="soft">not measured yet</span>{/if}
          {#if c.lastSeen}<span class="soft">
              · last seen {format(new Date(c.lastSeen), 'd MMM yyyy')}, {c.fittings} {c.fittings === 1 ? 'fitting' : 'fittings'}</span
            >{/if}
        </p>
        {#each c.flags as flag, at (at)}<Badge color="primary" class="mt-1 mr-1">{flagName(flag)}</Badge>{/each}
      </div>
      <Button class="shrink-0" onclick={() => open(c.id)} aria-label="New fitting for {c.name}">New fitting</Button>
    </li>
  {:else}
    <li class="soft">Nobody by that name. Add the person above.</li>
  {/each}
</ul>
{#if list.message}<Notice role="alert" class="mt-3" tone="caution">{list.message}</Notice>{/if}
{#if list.next !== null}
  <p class="mt-3 flex items-center gap-3">
    <Button disabled={list.looking} onclick={() => list.more()}>Show more</Button>
    <span class="soft figures">{list.found.length} of {list.total}; a name finds sooner</span>
  </p>
{/if}
