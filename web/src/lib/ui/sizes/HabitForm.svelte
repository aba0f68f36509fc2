<script lang="ts">
  import { EVIDENCE_KINDS } from '@chiave/core/size';
  import { habitSchema } from '$lib/api/size-schema';
  import { apiForm, firstOf, numberOr } from '$lib/send/api-form';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';

  /** One report of how a last runs against its label. @prop onkept gets the last it was kept for */
  let { lasts, onkept }: { lasts: readonly { id: string; name: string }[]; onkept: (lastId: string) => Promise<void> } = $props();
  const EMPTY = { lastId: '', evidence: 'fitters', offsetSizes: '', variant: '', madeYear: '', note: '' };
  const { form, errors, message, enhance } = apiForm<typeof EMPTY>({
    start: EMPTY,
    body: ({ offsetSizes, madeYear, ...rest }) => ({ ...rest, offsetSizes: numberOr(offsetSizes) ?? '', madeYear: numberOr(madeYear) }),
    schema: habitSchema,
    url: '/api/v1/habits',
    onsent: (_, { lastId }) => onkept(lastId)
  });
</script>

<form method="POST" use:enhance class="mt-2 grid items-start gap-2 sm:grid-cols-3" novalidate>
  <Select label="Last" empty="choose a last" options={lasts} bind:value={$form.lastId} />
  <Select label="Evidence" options={EVIDENCE_KINDS} bind:value={$form.evidence} />
  <Field label="Sizes long (+) or short (−)" figures bind:value={$form.offsetSizes} placeholder="0.5" error={firstOf($errors.offsetSizes)} />
  <Field label="Variant" bind:value={$form.variant} maxlength={80} placeholder="wide, platform, quiet" error={firstOf($errors.variant)} />
  <Field label="Made in (year)" figures bind:value={$form.madeYear} inputmode="numeric" error={firstOf($errors.madeYear)} />
  <Field label="Note" bind:value={$form.note} maxlength={2000} error={firstOf($errors.note)} />
  {#if $message}<Notice class="sm:col-span-3" tone="caution" role="alert">{$message}</Notice>{/if}
  <div><Button type="submit" kind="primary" disabled={$form.lastId === ''}>Keep this report</Button></div>
</form>
