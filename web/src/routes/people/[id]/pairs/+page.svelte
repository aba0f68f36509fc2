<script lang="ts">
  import { page } from '$app/state';
  import AnswerRows from '$lib/ui/keep/AnswerRows.svelte';
  import DueLine from '$lib/ui/keep/DueLine.svelte';
  import PairCard from '$lib/ui/keep/PairCard.svelte';
  import PairForm from '$lib/ui/keep/PairForm.svelte';
  import { PersonKeep } from '$lib/ui/keep/person-keep.svelte';
  import TroublePart from '$lib/ui/keep/TroublePart.svelte';
  import TurnsPart from '$lib/ui/keep/TurnsPart.svelte';
  import WishPart from '$lib/ui/keep/WishPart.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SectionBar from '$lib/ui/kit/SectionBar.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  let { data } = $props();
  const keep = new PersonKeep(() => data.customer.id);
  const open = $derived(data.due.filter((d) => !d.quiet));
  const inUse = $derived(data.pairs.filter((p) => p.state === 'owned' || p.state === 'ordered'));
  const past = $derived(data.pairs.filter((p) => !inUse.includes(p)));
  const PARTS = $derived([
    { id: 'pairs', name: 'Pairs', href: '?part=pairs', finding: String(inUse.length) },
    { id: 'turns', name: 'Turns and season', href: '?part=turns' },
    { id: 'wishes', name: 'Sizes and wishes', href: '?part=wishes' },
    { id: 'trouble', name: 'Trouble', href: '?part=trouble', finding: data.troubles.troubles.length > 0 ? String(data.troubles.troubles.length) : undefined },
    { id: 'answers', name: 'Answers', href: '?part=answers' }
  ]);
  const part = $derived(PARTS.find((p) => p.id === page.url.searchParams.get('part'))?.id ?? 'pairs');
  let adding = $state(false);
  let allPast = $state(false);
  /** What is due of the person, not of one of the pairs below. */
  const ofPerson = $derived(open.filter((d) => d.pair === null));
  const late = $derived(open.filter((d) => d.state !== 'soon').length);
  const headline = $derived(
    `${inUse.length === 0 ? 'No pair' : inUse.length === 1 ? 'One pair' : `${inUse.length} pairs`} in use${late > 0 ? `; ${late === 1 ? 'one thing is' : `${late} things are`} due` : '; nothing is due now'}.`
  );
</script>

<svelte:head><title>Pairs of {data.customer.name} · Chiave</title></svelte:head>
<div class="flex flex-wrap items-end gap-x-3 gap-y-2">
  <h1 class="mr-auto">Pairs of <a href="/people/{data.customer.id}" class="!text-ink">{data.customer.name}</a></h1>
  {#if part === 'pairs'}<Button kind={adding ? 'plain' : 'primary'} onclick={() => (adding = !adding)} aria-expanded={adding}>Add a pair</Button>{/if}
</div>
<p class="says text-xl">{headline}</p>
<div class="mt-2 print:hidden"><SectionBar label="Parts of the page" parts={PARTS} current={part} /></div>
{#if keep.message}<Notice class="mt-2" tone="caution" role="alert">{keep.message}</Notice>{/if}
{#if keep.twice}
  <Notice class="mt-2 flex flex-wrap items-center gap-3" tone="caution" role="alert">
    <span class="flex-1">{keep.twice.words}</span><Button onclick={() => keep.noteAgain()}>It was twice</Button><Button
      kind="text"
      onclick={() => (keep.twice = null)}>Once is right</Button
    >
  </Notice>
{/if}
{#if keep.last}
  <Notice class="mt-2 flex flex-wrap items-center gap-3" role="status"
    ><span class="mr-auto">Noted. {keep.last.words}.</span><Button kind="text" onclick={() => keep.takeBack(keep.last!.lifeId)}>take it back</Button></Notice
  >
{/if}

<div class="mt-3">
  {#if part === 'turns'}<TurnsPart
      {keep}
      pairs={data.pairs}
      events={data.seasons.events}
      seasons={data.seasons.seasons}
      appointments={data.comes}
      today={data.today}
    />
  {:else if part === 'wishes'}<WishPart {keep} wishes={data.wishes} pairs={data.pairs} styles={data.styles} person={data.customer.name} />
  {:else if part === 'trouble'}<TroublePart
      {keep}
      told={data.troubles}
      looks={data.looks.looks}
      missed={data.looks.missed}
      flags={data.looks.flags}
      pairs={data.pairs}
      feet={data.feet}
      today={data.today}
    />
  {:else if part === 'answers'}
    <Sheet heading="Said to {data.customer.name}"><AnswerRows answers={data.said} /></Sheet>
    <p class="mt-3"><Button kind="primary" href="/answers?for={data.customer.id}">A new answer</Button></p>
  {:else}
    {#if adding}<Sheet class="mb-3" heading="A pair of {data.customer.name}"
        ><PairForm {keep} today={data.today} styles={data.styles} onkept={() => (adding = false)} /></Sheet
      >{/if}
    {#if ofPerson.length > 0}<Sheet class="mb-3 !py-1"
        ><ul>
          {#each ofPerson as item (`${item.rule} ${item.subject}`)}<DueLine {item} today={data.today} busy={keep.busy} onanswer={keep.answer} />{/each}
        </ul></Sheet
      >{/if}
    <div class="grid gap-3 {inUse.length > 1 ? 'xl:grid-cols-2' : ''}">
      {#each inUse as pair (`${pair.id}`)}
        <PairCard
          {keep}
          {pair}
          today={data.today}
          fitting={data.fitting}
          style={data.worn.find((s) => s.id === pair.body.styleId)}
          now={data.now.find((n) => n.pairId === pair.id)}
          due={data.due.filter((d) => d.pair === String(pair.id))}
          styles={data.styles}
        />
      {:else}<Empty>No pair yet. One that is kept at a fitting stands here by itself; others are added by their label.</Empty>{/each}
    </div>
    {#if past.length > 0}
      <p class="mt-4">
        <Button onclick={() => (allPast = !allPast)} aria-expanded={allPast}>{past.length === 1 ? 'One pair' : `${past.length} pairs`} of earlier</Button>
      </p>
      {#if allPast}
        <div class="mt-2 grid gap-3 xl:grid-cols-2">
          {#each past as pair (pair.id)}<PairCard
              {keep}
              {pair}
              today={data.today}
              fitting={null}
              style={undefined}
              now={undefined}
              due={[]}
              styles={data.styles}
            />{/each}
        </div>
      {/if}
    {/if}
  {/if}
</div>
