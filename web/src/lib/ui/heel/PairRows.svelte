<script lang="ts">
  import { HEEL_SHAPES, HOLDS, PLAN_SOLES, slipWords, type HeelShapeId, type HoldId, type PlanSoleId } from '@chiave/core/heel';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import type { Occasion } from './occasion.svelte';

  /** The pairs that may be worn, owned or not. */
  let { occasion }: { occasion: Occasion } = $props();
  /** A name may quote a height in two units that cannot both be. */
  const quoted = (name: string): string | undefined => slipWords(name) ?? undefined;
</script>

{#each occasion.pairs as pair, i (pair.id)}
  <fieldset class="border-b border-line py-2">
    <legend class="sr-only">Pair {i + 1}</legend>
    <div class="grid grid-cols-2 gap-2 md:grid-cols-[2fr_1fr_1fr_1.6fr]">
      <Field label="Pair {i + 1}" bind:value={pair.name} maxlength={80} error={quoted(pair.name)} />
      <NumberField
        label="Heel"
        unit="mm"
        value={pair.heelHeightMm}
        low={0}
        high={280}
        step={5}
        onchange={(v) => (pair.heelHeightMm = v ?? pair.heelHeightMm)}
      />
      <NumberField label="Platform" unit="mm" value={pair.platformMm} low={0} high={200} step={5} onchange={(v) => (pair.platformMm = v ?? 0)} />
      <Select label="Shape" options={HEEL_SHAPES} value={pair.heel} onpick={(id: HeelShapeId) => (pair.heel = id)} />
    </div>
    <div class="mt-1.5 flex flex-wrap items-end gap-2">
      <Select label="At the ankle" class="w-44" options={HOLDS} value={pair.hold} onpick={(id: HoldId) => (pair.hold = id)} />
      <Select label="Sole" class="w-28" options={PLAN_SOLES} value={pair.sole} onpick={(id: PlanSoleId) => (pair.sole = id)} />
      <div class="w-24">
        <NumberField label="Cap" unit="mm" value={pair.capMm} low={8} high={60} step={1} placeholder="none" onchange={(v) => (pair.capMm = v)} />
      </div>
      <div class="w-28">
        <NumberField label="Formality" unit="1–5" value={pair.formality} low={1} high={5} step={1} onchange={(v) => (pair.formality = v ?? 3)} />
      </div>
      <div class="w-24">
        <NumberField label="Worn" unit="h" value={pair.hoursWorn} low={0} high={5000} step={1} onchange={(v) => (pair.hoursWorn = v ?? 0)} />
      </div>
      <div class="w-32">
        <NumberField label="Room at ball" unit="mm" value={pair.ballRoomMm} low={-20} high={25} step={1} onchange={(v) => (pair.ballRoomMm = v ?? 0)} />
      </div>
      <div class="w-28">
        <NumberField label="Toe room" unit="mm" value={pair.toeRoomMm} low={-10} high={40} step={1} onchange={(v) => (pair.toeRoomMm = v ?? 0)} />
      </div>
      <Check bind:checked={pair.owned}>owned</Check>
      <Button kind="text" class="ml-auto" onclick={() => (occasion.pairs = occasion.pairs.filter((p) => p.id !== pair.id))}>remove pair {i + 1}</Button>
    </div>
  </fieldset>
{/each}
<Button class="mt-2" onclick={() => occasion.addPair()}>Another pair</Button>
