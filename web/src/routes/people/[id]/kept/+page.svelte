<script lang="ts">
  import { format } from 'date-fns';
  import { PURPOSES } from '$lib/api/consent';
  import { SHOP_NAME } from '$lib/shop-name';
  import { FLAG_CHOICES } from '$lib/ui/fitting/names';
  import Button from '$lib/ui/kit/Button.svelte';

  /** Written for the person it is about: it is shown to them, or printed. */
  let { data } = $props();
  const person = $derived(data.kept.customer);
  const day = (at: string): string => format(new Date(at), 'd MMMM yyyy');
  const flags = $derived(person.flags.map((f) => FLAG_CHOICES.find((c) => c.id === f)?.name ?? f));
</script>

<svelte:head><title>What we keep of {person.name} · Chiave</title></svelte:head>

<div class="mb-3 flex gap-2 print:hidden">
  <Button href="/people/{person.id}">Back</Button>
  <Button kind="primary" onclick={() => window.print()}>Print</Button>
</div>
<article class="sheet max-w-3xl">
  <p class="soft">{SHOP_NAME}</p>
  <h1>What we keep of {person.name}</h1>
  <p>
    {person.born ? `Born ${person.born}. ` : ''}{person.work ? `${person.work}. ` : ''}{person.guardian ? `${person.guardian} agrees for you. ` : ''}Today is {format(
      new Date(),
      'd MMMM yyyy'
    )}.
  </p>
  <h2 class="mt-3">What you agreed to</h2>
  <ul>
    {#each PURPOSES as purpose (purpose.id)}
      {@const said = person.consents[purpose.id]}
      <li class="border-b border-line py-1">
        <b>{purpose.name}</b>: {purpose.words}.
        <span class="soft">{said === null ? 'You were not asked yet.' : `${said.agreed ? 'You agreed' : 'You took it back'} on ${day(said.at)}.`}</span>
      </li>
    {/each}
  </ul>
  <h2 class="mt-3">Health notes</h2>
  <p>{flags.length > 0 ? `To be taken care of: ${flags.join(', ')}.` : 'None of what is to be taken care of.'} {person.story ?? ''}</p>
  <h2 class="mt-3">How much of each</h2>
  <ul class="figures grid gap-x-6 sm:grid-cols-2">
    {#each data.kept.counts.filter((c) => c.n > 0) as c (c.what)}
      <li class="flex gap-3 border-b border-line py-1">
        <span class="mr-auto">{c.what}{c.from ? `, since ${format(new Date(c.from), 'MMM yyyy')}` : ''}</span><b>{c.n}</b>
      </li>
    {/each}
  </ul>
  <h2 class="mt-3">What you can ask for</h2>
  <ul class="list-disc pl-5">
    <li>All of it as one file, to take along.</li>
    <li>To have something put right, or not to be reminded any more.</li>
    <li>To take back what you agreed to: health notes and photographs are then erased at once.</li>
    <li>To be erased. Measures and what fitted stay without your name, so that the lasts keep what they taught us.</li>
  </ul>
  <p class="mt-2">
    It stays on the shop’s own machines and is sent to nobody. Whoever has not come for {data.years} years is proposed for erasing. What was erased may stand in the
    shop’s backups until those are let go of.
  </p>
</article>
