<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { send } from '$lib/send/save.svelte';
  import { slugOf } from '$lib/slug';
  import LastForm from '$lib/ui/stock/LastForm.svelte';
  import LastReadings from '$lib/ui/stock/LastReadings.svelte';
  import LastViews from '$lib/drawing/LastViews.svelte';
  import { gradedDrop, gradeLast, outlineOfTracings, type TracedLine } from '@chiave/core/last';
  import { formatLength, formatSigned } from '@chiave/core/measure';
  import { PART_NAMES } from '$lib/learned-words';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  let { data } = $props();
  const last = $derived(data.last);
  const shoe = $derived({
    name: last.name,
    inside: gradeLast(last, last.base.size, 0),
    girthShare: 0.5,
    form: last.form,
    dropMm: gradedDrop(last, last.base.size)
  });
  /** What a scan says of the definition, to be looked at before it is kept. */
  let proposed = $state.raw<Readonly<Record<string, string>> | null>(null);
  /** A line that was read and not kept yet: it is drawn in place of the last's own. */
  let read = $state.raw<Pick<TracedLine, 'points' | 'forFootMm'> | null>(null);
  const drawn = $derived.by(() => {
    const outline = read && outlineOfTracings([{ ...read, who: '' }], last.taperShiftMm);
    return outline ? { ...shoe, inside: gradeLast({ ...last, outline }, last.base.size, 0) } : shoe;
  });
  let other = $state('');
  let message = $state('');
  let like = $state('');
  let styleName = $state('');
  let styleSaid = $state('');
  /** A style on this last, begun as another one; in its base width where the other's widths are another maker's. */
  async function addStyle(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const sent = await send<{ id: string }>(`/api/v1/styles/${like}/duplicate`, 'POST', {
      id: slugOf(styleName),
      name: styleName,
      set: { last: last.id, ...(data.styles.some((s) => s.id === like) ? {} : { widths: [last.base.width] }) }
    });
    styleSaid = sent.ok ? '' : (sent.errors[0]?.message ?? sent.detail);
    if (sent.ok) await goto(`/stock/styles/${sent.value.id}`);
  }
  async function join(): Promise<void> {
    const sent = await send<{ moved: number }>(`/api/v1/lasts/${last.id}/join`, 'POST', { other });
    message = sent.ok ? `Joined: ${sent.value.moved} styles moved over; the other name is kept as an alias.` : sent.detail;
    other = '';
    if (sent.ok) await invalidateAll();
  }
</script>

<svelte:head><title>{last.name} · Lasts · Chiave</title></svelte:head>
<div class="mb-2 flex flex-wrap items-baseline gap-3">
  <h1>{last.name}</h1>
  <span class="soft">{data.maker.name}{last.aliases?.length ? `; also called ${last.aliases.join(', ')}` : ''}</span>
  <a class="ml-auto" href="/stock/bench?shoes=last:{last.id}">Lay it over another</a>
</div>
{#key last.id}
  <div class="grid gap-4 lg:grid-cols-2">
    <Sheet>
      <h2>Size {last.base.size} {last.base.width}</h2>
      {#if drawn !== shoe}<p class="text-sm" data-line-read>The line just read, not kept yet.</p>{/if}
      <LastViews shoes={[drawn]} view="top" />
      <LastViews shoes={[shoe]} view="side" />
    </Sheet>
    <LastReadings
      {last}
      readings={data.readings}
      estimate={data.estimate}
      letters={data.maker.letters}
      ondefine={(fields) => (proposed = fields)}
      online={(line) => (read = line)}
    />
    <Sheet class="lg:col-span-2" heading="Definition">
      <LastForm {last} version={last.version} letters={data.maker.letters} {proposed} />
    </Sheet>
    {#if data.says.length > 0}
      <Sheet heading="What try-ons say">
        <ul class="leading-snug" data-says>
          {#each data.says as l (l.channel)}
            {@const taken = data.answers.find((a) => a.channel === l.channel)}
            <li>
              {PART_NAMES[l.channel]}: <span class="figures">{formatSigned(l.net.mm, shown.unit)} ± {formatLength(l.net.sdMm, shown.unit)}</span>
              <span class="soft">from {l.people} people{taken ? `; ${formatSigned(taken.mm, shown.unit)} taken over` : ''}</span>
            </li>
          {/each}
        </ul>
        <p class="soft mt-1">Beside this sheet, which they never change: <a href="/stock/learned">what try-ons teach</a>.</p>
      </Sheet>
    {/if}
    <Sheet heading="On this last">
      <p class="soft text-sm">One school: same last, same fit. Another: upper, sole and factory change how it feels. Take it as a strong hint, not as proof.</p>
      <ul data-same-last>
        {#each data.styles as s (s.id)}
          <li class="border-b border-line py-1"><a href="/stock/styles/{s.id}">{s.name}</a> <span class="soft text-sm">{s.otherwise.join(', ')}</span></li>
        {:else}<li class="soft">No style yet.</li>{/each}
      </ul>
      <form class="mt-2 flex flex-wrap items-end gap-2" onsubmit={addStyle} novalidate>
        <Field label="A new style on it, called" class="w-48" bind:value={styleName} />
        <Select label="begun as" class="w-56" bind:value={like}
          ><option value="">choose a style like it</option>{#each data.likes as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</Select
        >
        <Button type="submit" disabled={like === '' || styleName.trim() === ''}>Add it</Button>
        {#if styleSaid}<p class="text-tight w-full" role="alert">{styleSaid}</p>{/if}
      </form>
    </Sheet>
    <Sheet heading="The same under another name?">
      <div class="flex flex-wrap items-end gap-2">
        <Select label="Last of {data.maker.name}" class="w-56" bind:value={other}
          ><option value="">choose</option>{#each data.others as o (o.id)}<option value={o.id}>{o.name}</option>{/each}</Select
        >
        <Button disabled={other === ''} onclick={join}>Join it into {last.name}</Button>
        <Button kind="text" disabled={other === ''} onclick={() => goto(`/stock/bench?shoes=last:${last.id},last:${other}`)}
          >Lay both over each other first</Button
        >
      </div>
      {#if message}<Notice class="mt-2" role="status">{message}</Notice>{/if}
    </Sheet>
  </div>
{/key}
