<script lang="ts">
  import { untrack } from 'svelte';
  import { page } from '$app/state';
  import { formatLength } from '@chiave/core/measure';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { GRADE } from '@chiave/core/pointe';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import SectionBar from '$lib/ui/kit/SectionBar.svelte';
  import { SIDE_CHOICES } from '$lib/ui/kit/side-choices';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';
  import BarrePart from '$lib/ui/pointe/BarrePart.svelte';
  import BenchPart from '$lib/ui/pointe/BenchPart.svelte';
  import LifePart from '$lib/ui/pointe/LifePart.svelte';
  import { PointeBench } from '$lib/ui/pointe/pointe-bench.svelte';
  import PullPart from '$lib/ui/pointe/PullPart.svelte';
  import SlipperPart from '$lib/ui/pointe/SlipperPart.svelte';
  import ShoePicker from '$lib/ui/pointe/ShoePicker.svelte';
  import { against, overWords, shoeWords } from '$lib/ui/pointe/words';

  let { data } = $props();
  const bench = new PointeBench();
  untrack(() => bench.begin(data.stock));
  if (typeof window !== 'undefined') untrack(() => void bench.open(data.person));
  const PARTS = [
    { id: 'bench', name: 'Bench' },
    { id: 'pull', name: 'Pull' },
    { id: 'barre', name: 'At the barre' },
    { id: 'life', name: 'Dancer and life' },
    { id: 'slippers', name: 'Slippers' }
  ] as const;
  type PartId = (typeof PARTS)[number]['id'];
  const part = $derived<PartId>(PARTS.find((p) => p.id === page.url.searchParams.get('part'))?.id ?? 'bench');
  const hrefOf = (id: PartId): string => {
    const person = page.url.searchParams.get('person');
    return `?${person === null ? '' : `person=${encodeURIComponent(person)}&`}part=${id}`;
  };
  const parts = $derived(PARTS.map((p) => ({ ...p, href: hrefOf(p.id) })));
  const here = $derived(bench.here);
</script>

<svelte:head><title>Pointe bench · Chiave</title></svelte:head>
<h1 class="sr-only">Pointe bench</h1>
<p class="says mb-1" aria-live="polite">
  {#if here}{bench.heldBack ? 'Sums only: ' : ''}{shoeWords(here)}, {GRADE[here.name.grade].name}: {overWords(here.report)}; {against(
      here.report
    )}.{:else}Choose a model: the foot is laid in it at once.{/if}
  <span class="soft"
    >{bench.person ? bench.person.name : `a foot of ${formatLength(bench.lengthMm, shown.unit)}`}{bench.foot.pointReachDeg === null
      ? ', point reach not taken'
      : `, reach ${bench.foot.pointReachDeg}°`}</span
  >
</p>
<div class="mb-2 flex flex-wrap items-end gap-x-3 gap-y-2 print:hidden">
  <ShoePicker {bench} />
  <div class="w-48"><PersonFinder label="Whose foot" hideLabel first={data.people} chosen={bench.person} onchoose={(who) => bench.open(who)} /></div>
  {#if bench.sides.length > 1}<Choice name="side" legend="Foot" hideLegend options={SIDE_CHOICES} bind:value={bench.side} />{/if}
  {#if !bench.person}
    <div class="w-32">
      <NumberField label="Foot length" unit="mm" value={bench.lengthMm} low={170} high={290} step={1} onchange={(mm) => mm !== null && (bench.lengthMm = mm)} />
    </div>
    <div class="w-32">
      <NumberField
        label="Point reach"
        unit="°"
        value={bench.reachDeg}
        low={60}
        high={130}
        step={1}
        onchange={(deg) => deg !== null && (bench.reachDeg = deg)}
      />
    </div>
  {/if}
  <a class="ml-auto self-center" href="/stock/pointe/models">Models and stock</a>
</div>
{#if bench.message}<Notice class="mb-2" tone="caution" role="alert">{bench.message}</Notice>{/if}
{#each bench.cautions.filter((c) => c.holdsBack) as caution (caution.id)}<Notice class="mb-2" tone="caution">{caution.words}</Notice>{/each}
<SectionBar label="Parts of the pointe bench" {parts} current={part} />
<div class="mt-3">
  {#if part === 'pull'}<PullPart {bench} />
  {:else if part === 'slippers'}<SlipperPart {bench} styles={data.slippers} />
  {:else if !here}<Empty>No shoe is chosen, or its maker does not make this size. Choose a model above.</Empty>
  {:else if part === 'barre'}<BarrePart {bench} />
  {:else if part === 'life'}<LifePart {bench} />
  {:else}<BenchPart {bench} />{/if}
</div>
<Notice class="mt-2" tone="caution">
  {bench.cautions
    .filter((c) => !c.holdsBack)
    .map((c) => c.words)
    .join(' ')}
</Notice>
