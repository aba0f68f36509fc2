<script lang="ts">
  import { page } from '$app/state';
  import { z } from 'zod';
  import { ownPath } from '$lib/own-path';
  import { apiForm, firstOf } from '$lib/send/api-form';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

  const { form, errors, message, enhance } = apiForm({
    start: { passcode: '' },
    body: (typed) => typed,
    schema: z.object({ passcode: z.string().min(1, 'the passcode of the shop') }),
    url: '/api/v1/enter',
    onsent: () => location.assign(ownPath(page.url.searchParams.get('to'), location.origin))
  });
</script>

<form method="POST" use:enhance class="sheet mx-auto mt-10 max-w-sm" novalidate>
  <h1>Shop passcode</h1>
  <p class="soft">Asked for once on this device.</p>
  <Field label="Passcode" class="mt-3" type="password" bind:value={$form.passcode} autocomplete="current-password" error={firstOf($errors.passcode)} />
  {#if $message}<Notice role="alert" class="mt-2" tone="caution">{$message}</Notice>{/if}
  <Button type="submit" kind="primary" class="mt-3 w-full">Enter</Button>
</form>
