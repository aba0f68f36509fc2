<script lang="ts">
  import { ACTS, GROUNDS, MOST_SEGMENTS, type ActId, type GroundId } from '@chiave/core/heel';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import type { Occasion } from './occasion.svelte';

  /** The parts of the day: how long, doing what, on what, how formal, how much the shoes are seen. */
  let { occasion }: { occasion: Occasion } = $props();
</script>

{#each occasion.segments as part, i (part.id)}
  <fieldset class="border-b border-line py-2">
    <legend class="sr-only">Part {i + 1}</legend>
    <div class="grid grid-cols-2 gap-2 md:grid-cols-[2fr_1fr_1.3fr_2fr]">
      <Field label="Part {i + 1}" bind:value={part.name} maxlength={60} />
      <NumberField label="Minutes" unit="min" value={part.minutes} low={1} high={1440} step={5} onchange={(v) => (part.minutes = v ?? part.minutes)} />
      <Select label="Doing" options={ACTS} value={part.doing} onpick={(id: ActId) => (part.doing = id)} />
      <Select label="On" options={GROUNDS} value={part.ground} onpick={(id: GroundId) => (part.ground = id)} />
    </div>
    <div class="mt-1.5 flex flex-wrap items-end gap-2">
      <div class="w-28">
        <NumberField label="Formality" unit="1–5" value={part.formality} low={1} high={5} step={1} onchange={(v) => (part.formality = v ?? 3)} />
      </div>
      <div class="w-36">
        <NumberField label="Shoes seen" unit="0–1" value={part.seen} low={0} high={1} step={0.1} onchange={(v) => (part.seen = v ?? 0.5)} />
      </div>
      <Check bind:checked={part.wet}>wet</Check>
      <Check bind:checked={part.turns}>turns</Check>
      <Check bind:checked={part.heightMatters}>height matters</Check>
      <Button kind="text" class="ml-auto" onclick={() => (occasion.segments = occasion.segments.filter((s) => s.id !== part.id))}>remove part {i + 1}</Button>
    </div>
  </fieldset>
{/each}
<Button class="mt-2" disabled={occasion.segments.length >= MOST_SEGMENTS} onclick={() => occasion.addSegment()}>Another part</Button>
