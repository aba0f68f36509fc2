<script lang="ts">
  import { onMount } from 'svelte';
  import { page } from '$app/state';
  import { enterSchema } from '$lib/api/door-schema';
  import { ownPath } from '$lib/own-path';
  import { forgetPages } from '$lib/send/kept-pages';
  import { apiForm, firstOf } from '$lib/send/api-form';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

  let { data } = $props();
  let codeAsked = $state(false);
  // Whoever is led here is not signed in, or no more: pages kept on this device are for nobody.
  onMount(() => void forgetPages());
  const { form, errors, message, enhance } = apiForm({
    start: { name: '', password: '', code: '', shopDay: false },
    body: (typed) => typed,
    schema: enterSchema,
    url: '/api/v1/enter',
    onsent: async (): Promise<void> => {
      await forgetPages();
      location.assign(ownPath(page.url.searchParams.get('to'), location.origin));
    },
    onrefused: ({ errors: found }) => {
      codeAsked ||= found.some((e) => e.path === 'code');
      return false;
    }
  });
</script>

<svelte:head><title>Sign in · Chiave</title></svelte:head>

<form method="POST" use:enhance class="sheet mx-auto mt-10 grid max-w-md gap-3" novalidate>
  <h1>Sign in</h1>
  {#if data.anybody}
    <Field label="Name" bind:value={$form.name} autocomplete="username" error={firstOf($errors.name)} maxlength={60} />
    <Field label="Password" type="password" bind:value={$form.password} autocomplete="current-password" error={firstOf($errors.password)} maxlength={200} />
    {#if codeAsked}
      <Field
        label="Code of the second factor, or a recovery code"
        bind:value={$form.code}
        autocomplete="one-time-code"
        inputmode="text"
        maxlength={20}
        error={firstOf($errors.code)}
      />
    {/if}
    <Check bind:checked={$form.shopDay}>This tablet stays signed in for the shop day; others take over by PIN</Check>
    {#if $message}<Notice role="alert" tone="caution">{$message}</Notice>{/if}
    <Button type="submit" kind="primary" class="w-full">Sign in</Button>
  {:else}
    <p>Nobody has an account yet. Make the first one, an owner’s, on the machine that runs Chiave:</p>
    <pre class="figures overflow-x-auto rounded bg-paper p-3">npm run account -- add "Your name"</pre>
    <p class="soft">It asks for a password. Or start it there with HOST=127.0.0.1, which opens at once, and add accounts under “Demo, open”.</p>
  {/if}
</form>
