<script lang="ts">
  import { FITS_AS } from '@chiave/core/measure';
  import { customerSchema } from '$lib/api/shop-schema';
  import { apiForm, firstOf, numberOr } from '$lib/send/api-form';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

  /** A new person: a name is enough. @prop onadded gets the new id */
  let { onadded }: { onadded: (id: number) => Promise<void> } = $props();
  const { form, errors, message, enhance } = apiForm<{ name: string; born: string; fitsAs: string }, { id: number }>({
    start: { name: '', born: '', fitsAs: FITS_AS[0] },
    body: ({ name, born, fitsAs }) => ({ name, born: numberOr(born), fitsAs }),
    schema: customerSchema,
    url: '/api/v1/customers',
    onsent: ({ id }) => onadded(id)
  });
</script>

<form method="POST" use:enhance class="sheet mt-4 grid gap-4 sm:grid-cols-[2fr_1fr_auto_auto] sm:items-end" novalidate>
  <Field label="Name" bind:value={$form.name} error={firstOf($errors.name)} autocomplete="off" />
  <Field label="Born (year)" figures inputmode="numeric" bind:value={$form.born} error={firstOf($errors.born)} />
  <Choice name="fitsAs" legend="Widths by" options={FITS_AS.map((id) => ({ id, name: `${id}'s` }))} bind:value={$form.fitsAs} />
  <Button type="submit" kind="primary">Add and open a fitting</Button>
  {#if $message}<Notice role="alert" tone="caution" class="sm:col-span-4">{$message}</Notice>{/if}
</form>
