<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { accountSchema } from '$lib/api/door-schema';
  import { ROLES, type RoleId } from '$lib/roles';
  import { apiForm, firstOf } from '$lib/send/api-form';
  import AccountLine from '$lib/ui/doors/AccountLine.svelte';
  import SessionList from '$lib/ui/doors/SessionList.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  let { data } = $props();
  const first = $derived(data.accounts.length === 0);
  const { form, errors, message, enhance } = apiForm({
    start: { name: '', role: 'owner', password: '' },
    body: (typed) => typed,
    schema: accountSchema,
    url: '/api/v1/accounts',
    onsent: async () => {
      // From the first account on everybody signs in, whoever made it too.
      if (first) location.assign('/enter?to=/accounts');
      else await invalidateAll();
      return { name: '', role: 'fitter', password: '' };
    }
  });
</script>

<svelte:head><title>Accounts · Chiave</title></svelte:head>

<div class="flex items-start">
  <h1 class="mr-auto">Accounts</h1>
  <Button href="/guide">The guide</Button>
</div>
{#if first}
  <p class="says mt-1">Nobody has an account yet: whoever sits at this machine works as the demo’s owner.</p>
  <p class="soft">Make the first one, your own. From then on everybody signs in, on this machine too.</p>
{:else}
  <p class="says mt-1">{data.accounts.filter((a) => !a.closedAt).length} work here; {data.sessions.length} are signed in.</p>
{/if}

<div class="mt-4 grid gap-4 lg:grid-cols-2">
  <Sheet aria-label="Who works here">
    {#if !first}
      <ul>
        {#each data.accounts as account (account.id)}<AccountLine {account} own={account.id === data.me?.accountId} />{/each}
      </ul>
    {/if}
    <form method="POST" use:enhance novalidate class="mt-3 grid gap-3" aria-label="Add an account">
      <h2>{first ? 'The first account' : 'Add an account'}</h2>
      <div class="flex flex-wrap gap-3">
        <Field label="Name" class="min-w-48 flex-1" bind:value={$form.name} error={firstOf($errors.name)} maxlength={60} autocomplete="off" />
        {#if !first}<Select label="Role" options={ROLES} value={$form.role as RoleId} onpick={(id: RoleId) => ($form.role = id)} />{/if}
      </div>
      <Field
        label="Password, at least ten characters"
        type="password"
        bind:value={$form.password}
        autocomplete="new-password"
        error={firstOf($errors.password)}
        maxlength={200}
      />
      {#if $message}<Notice tone="caution" role="alert">{$message}</Notice>{/if}
      <Button type="submit" kind="primary">{first ? 'Make it, and sign in' : 'Add the account'}</Button>
    </form>
  </Sheet>
  <div class="grid content-start gap-4">
    <Sheet aria-label="What each may do">
      <h2>What each may do</h2>
      <dl>
        {#each ROLES as role (role.id)}
          <dt class="mt-1 font-semibold">{role.name}</dt>
          <dd class="soft">{role.words}</dd>
        {/each}
      </dl>
    </Sheet>
    {#if !first}
      <Sheet aria-label="Where people are signed in">
        <h2>Where people are signed in</h2>
        <SessionList sessions={data.sessions} url="/api/v1/accounts/sessions" names />
      </Sheet>
    {/if}
  </div>
</div>
