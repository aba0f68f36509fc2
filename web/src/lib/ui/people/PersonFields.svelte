<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import type { CustomerRow } from '$lib/api/rows';
  import { customerPatchSchema } from '$lib/api/shop-schema';
  import { apiForm, firstOf, numberOr } from '$lib/send/api-form';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import { can } from '$lib/ui/kit/me';
  import Notice from '$lib/ui/kit/Notice.svelte';

  /** What is kept of a person, to be changed. The form is made anew for each person. */
  let { customer }: { customer: CustomerRow } = $props();
  const CONFLICT = 409;
  const typedOf = ({ name, born, bornMonth, work, story, consentNote, guardian }: CustomerRow) => ({
    name,
    born: born === null ? '' : String(born),
    bornMonth: bornMonth === null ? '' : String(bornMonth),
    work,
    story: story ?? '',
    consentNote,
    guardian
  });
  let version = $state(untrack(() => customer.version));
  let done = $state('');
  /** The version somebody else saved meanwhile, and what is said of it. */
  let theirs = $state<{ version: number; detail: string } | null>(null);
  const { form, errors, message, enhance, submit } = apiForm<ReturnType<typeof typedOf>>({
    start: untrack(() => typedOf(customer)),
    body: ({ born, bornMonth, ...rest }) => ({
      ...rest,
      born: numberOr(born),
      bornMonth: numberOr(bornMonth),
      version
    }),
    schema: customerPatchSchema,
    method: 'PATCH',
    url: () => `/api/v1/customers/${customer.id}`,
    onsent: async () => {
      done = 'Saved.';
      theirs = null;
      await invalidateAll();
      version = customer.version;
      return typedOf(customer);
    },
    onrefused: ({ status, detail, errors }) => {
      if (status !== CONFLICT) return false;
      theirs = { version: Number(errors[0]?.message), detail };
      return true;
    }
  });
  function keepMine(): void {
    version = theirs!.version;
    submit();
  }
  async function takeTheirs(): Promise<void> {
    await invalidateAll();
    version = customer.version;
    form.set(typedOf(customer));
    theirs = null;
  }
</script>

{#if done}<Notice class="mt-2" role="status">{done}</Notice>{/if}
{#if theirs}
  <Notice class="mt-2" tone="caution" role="alert">
    {theirs.detail}
    <Button class="ml-1" kind="text" onclick={keepMine}>Keep mine</Button>
    <Button class="ml-2" kind="text" onclick={takeTheirs}>Take theirs</Button>
  </Notice>
{/if}
{#if $message}<Notice class="mt-2" tone="caution" role="alert">{$message}</Notice>{/if}
<form method="POST" use:enhance class="mt-2 grid items-start gap-2 sm:grid-cols-4" novalidate>
  <Field label="Name" class="sm:col-span-2" bind:value={$form.name} error={firstOf($errors.name)} />
  <Field label="Born (year)" figures bind:value={$form.born} error={firstOf($errors.born)} />
  <Field label="Month, for children" figures bind:value={$form.bornMonth} error={firstOf($errors.bornMonth)} />
  <Field label="Work" class="sm:col-span-2" bind:value={$form.work} maxlength={200} error={firstOf($errors.work)} />
  {#if can('health')}<Field label="Story" class="sm:col-span-2" bind:value={$form.story} maxlength={2000} error={firstOf($errors.story)} />{/if}
  <Field label="Who agrees for a child" class="sm:col-span-2" bind:value={$form.guardian} maxlength={120} error={firstOf($errors.guardian)} />
  <Field label="How it was agreed" class="sm:col-span-2" bind:value={$form.consentNote} maxlength={500} error={firstOf($errors.consentNote)} />
  <div><Button type="submit">Save</Button></div>
</form>
