<script lang="ts">
  import { untrack } from 'svelte';
  import { page } from '$app/state';
  import { USES, type UseId } from '@chiave/core/use';
  import { unpackBriefs } from '$lib/style-brief';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SectionBar from '$lib/ui/kit/SectionBar.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';
  import BootPart from '$lib/ui/use/BootPart.svelte';
  import ClosetPart from '$lib/ui/use/ClosetPart.svelte';
  import DatesPart from '$lib/ui/use/DatesPart.svelte';
  import DevicePart from '$lib/ui/use/DevicePart.svelte';
  import FirstPart from '$lib/ui/use/FirstPart.svelte';
  import FloorPart from '$lib/ui/use/FloorPart.svelte';
  import GaitPart from '$lib/ui/use/GaitPart.svelte';
  import SlipperPart from '$lib/ui/use/SlipperPart.svelte';
  import { UseBench } from '$lib/ui/use/use-bench.svelte';

  let { data } = $props();
  const styles = $derived(unpackBriefs(data.briefs));
  const bench = new UseBench(
    () => ({ stamp: data.stamp, styles }),
    untrack(() => data.pulls)
  );
  if (typeof window !== 'undefined') untrack(() => void bench.open(data.person));
  const PARTS = [
    { id: 'first', name: 'First pair' },
    { id: 'floors', name: 'Floors and soles' },
    { id: 'gait', name: 'Gait' },
    { id: 'device', name: 'Brace or prosthesis' },
    { id: 'boots', name: 'Boot in use' },
    { id: 'slippers', name: 'Slippers' },
    { id: 'dates', name: 'Dates' },
    { id: 'closet', name: 'Closet' }
  ] as const;
  type PartId = (typeof PARTS)[number]['id'];
  const part = $derived<PartId>(PARTS.find((p) => p.id === page.url.searchParams.get('part'))?.id ?? 'first');
  const person = $derived(page.url.searchParams.get('person'));
  const parts = $derived(PARTS.map((p) => ({ ...p, href: `?${person === null ? '' : `person=${encodeURIComponent(person)}&`}part=${p.id}` })));
</script>

<svelte:head><title>Uses · Chiave</title></svelte:head>
<h1 class="sr-only">Does it suit</h1>
<div class="mb-2 flex flex-wrap items-end gap-x-3 gap-y-2 print:hidden">
  {#if part === 'first'}<Select label="For" options={USES} value={bench.use} onpick={(id: UseId) => (bench.use = id)} />{/if}
  <div class="w-56"><PersonFinder label="For whom" first={data.people} chosen={bench.person} onchoose={(who) => bench.open(who)} /></div>
  <a class="ml-auto self-center" href="/stock/use/card">Measuring card</a>
</div>
{#if bench.message}<Notice class="mb-2" tone="caution" role="alert">{bench.message}</Notice>{/if}
<div class="print:hidden"><SectionBar label="Parts of the bench" {parts} current={part} /></div>
<div class="mt-3">
  {#if part === 'floors'}<FloorPart {bench} />
  {:else if part === 'gait'}<GaitPart {bench} />
  {:else if part === 'device'}<DevicePart {bench} />
  {:else if part === 'boots'}<BootPart {bench} />
  {:else if part === 'slippers'}<SlipperPart {bench} />
  {:else if part === 'dates'}<DatesPart {bench} />
  {:else if part === 'closet'}<ClosetPart {bench} />
  {:else}<FirstPart {bench} />{/if}
</div>
<Notice class="mt-2" tone="caution">
  A device, numb or diabetic feet, pregnancy, unsteadiness and loose joints lie over every use: low, broad and held is safer there, and the clinician, orthotist
  or teacher is asked before the sale. Nothing here diagnoses.
</Notice>
