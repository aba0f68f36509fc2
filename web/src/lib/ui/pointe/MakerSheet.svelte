<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { MakerForm } from './maker-form.svelte';

  /** A maker of pointe shoes: its own sizes and width marks. */
  let { form, onkeep, onleave }: { form: MakerForm; onkeep: () => void; onleave: () => void } = $props();
</script>

<Sheet class="mb-3" heading={form.id === '' ? 'A new maker' : `${form.name}, as it is kept`}>
  <div class="grid grid-cols-2 gap-x-3 gap-y-2 md:grid-cols-4">
    <Field label="Name of the maker" bind:value={form.name} error={form.wrong('name') ?? form.wrong('id')} />
    <Field label="First size" figures bind:value={form.from} error={form.wrong('scale.length.from')} />
    <Field label="Last size" figures bind:value={form.to} error={form.wrong('scale.length.to')} />
    <Field label="Inside length of the first size, mm" figures bind:value={form.firstInside} error={form.wrong('scale.length.zeroMm')} hint="with the stick" />
    <Field label="A whole size adds, mm" figures bind:value={form.step} error={form.wrong('scale.length.stepMm')} />
    <Field
      label="Width marks, narrow first"
      bind:value={form.marks}
      error={form.wrong('scale.width.marks')}
      hint="with commas between, as the maker writes them"
    />
    <Field label="A mark adds to the girth, mm" figures bind:value={form.girthStep} error={form.wrong('scale.width.girthStepMm')} />
    <Field label="A mark adds to the width, mm" figures bind:value={form.widthStep} error={form.wrong('scale.width.widthStepMm')} />
    <Field label="A special order takes, days" figures bind:value={form.leadDays} error={form.wrong('leadDays')} />
  </div>
  <div class="mt-2"><Check bind:checked={form.halves}>makes half sizes</Check></div>
  {#if form.message}<Notice class="mt-2" tone="caution" role="alert">{form.message}</Notice>{/if}
  <div class="mt-2 flex gap-2"><Button kind="primary" onclick={onkeep}>Keep the maker</Button><Button onclick={onleave}>Close</Button></div>
</Sheet>
