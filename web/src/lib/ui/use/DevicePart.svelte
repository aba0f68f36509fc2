<script lang="ts">
  import { DEVICE_QUESTIONS, deviceOn, passing, type Answers } from '@chiave/core/use';
  import DeviceLean from '$lib/drawing/use/DeviceLean.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { smallLength } from '$lib/small-length';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Questions from './Questions.svelte';
  import type { UseBench } from './use-bench.svelte';

  /** A brace or prosthesis in a shoe: its drop and lean, two shoes to one drop, the opening against the girth that must pass. */
  let { bench }: { bench: UseBench } = $props();
  let drops = $state<[number, number]>([12, 25]);
  let opening = $state<number | null>(null);
  const lengthMm = $derived(bench.setting.person.lengthMm);
  const stands = $derived(drops.map((mm) => deviceOn(mm, { lengthMm }, bench.answers)));
  const girth = $derived(bench.answers.deviceGirth ?? null);
  const spare = $derived(opening !== null && girth !== null ? opening - girth : null);
  const NAMES = ['The shoe', 'Another shoe'];
</script>

<div class="grid gap-3 lg:grid-cols-[minmax(0,4fr)_minmax(0,4fr)_minmax(0,4fr)]">
  <Sheet heading="The device">
    <Questions narrow ids={DEVICE_QUESTIONS} answers={bench.answers} onanswer={(a: Answers) => (bench.answers = a)} />
  </Sheet>
  {#each stands as stand, i (i)}
    <Sheet heading={NAMES[i]}>
      <div class="w-40">
        <NumberField label="Drop" unit="mm" value={drops[i]} low={-10} high={80} step={1} onchange={(n) => n !== null && (drops[i] = n)} />
      </div>
      <DeviceLean stacked {stand} {lengthMm} />
    </Sheet>
  {/each}
</div>
<Sheet class="mt-3" heading="Through the opening">
  <div class="flex flex-wrap items-end gap-3">
    <div class="w-48">
      <NumberField label="Opening, tape inside, wide open" unit="mm" value={opening} low={120} high={700} step={1} onchange={(n) => (opening = n)} />
    </div>
    <p class="leading-snug">
      {#if spare === null}Measure the girth of the device at the instep, and the opening wide open: the one must pass the other.
      {:else if passing(spare) === 'narrow'}<b class="text-tight-word">{smallLength(-spare, shown.unit)} too narrow:</b> the device does not pass; an opening laced
        to the toe, or hook and loop.
      {:else if passing(spare) === 'trouble'}<b>{smallLength(spare, shown.unit)} to spare:</b> it passes with trouble; a finger’s width more is easier.
      {:else}<b>{smallLength(spare, shown.unit)} to spare:</b> device and heel pass.{/if}
    </p>
  </div>
</Sheet>
