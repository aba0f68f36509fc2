<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import type { AccountRow } from '$lib/api/door-schema';
  import { ROLE, ROLES, type RoleId } from '$lib/roles';
  import { send, type SaveError } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';

  /** One account: its role, and what an owner does with it. */
  let { account, own }: { account: AccountRow; own: boolean } = $props();
  let open = $state(false);
  let password = $state('');
  let message = $state('');
  let errors = $state<SaveError[]>([]);
  async function change(part: object): Promise<void> {
    const sent = await send(`/api/v1/accounts/${account.id}`, 'PATCH', { ...part, version: account.version });
    message = sent.ok ? '' : sent.detail;
    errors = sent.ok ? [] : sent.errors;
    if (!sent.ok) return;
    password = '';
    await invalidateAll();
  }
</script>

<li class="border-b border-line py-2" data-account={account.name}>
  <div class="flex flex-wrap items-center gap-3">
    <span class="mr-auto"
      ><b>{account.name}</b>{own ? ' (you)' : ''}
      <span class="soft"
        >· {ROLE[account.role].name.toLowerCase()}{account.second ? ', second factor' : ''}{account.hasPin ? ', PIN' : ''}{account.closedAt
          ? ', closed'
          : ''}</span
      ></span
    >
    <Button kind="text" onclick={() => (open = !open)} aria-expanded={open} aria-label="Change {account.name}">Change</Button>
  </div>
  {#if open}
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <Select label="Role" options={ROLES} value={account.role} onpick={(role: RoleId) => change({ role })} />
      <Field
        label="A new password"
        type="password"
        class="w-56"
        autocomplete="new-password"
        bind:value={password}
        error={errors.find((e) => e.path === 'password')?.message}
      />
      <Button disabled={password === ''} onclick={() => change({ password })}>Give it</Button>
      {#if account.second}<Button onclick={() => change({ withoutSecond: true })}>Take the second factor away</Button>{/if}
      <Button kind={account.closedAt ? 'plain' : 'danger'} onclick={() => change({ closed: !account.closedAt })}
        >{account.closedAt ? 'Open it again' : 'Close the account'}</Button
      >
    </div>
    <p class="soft mt-1">A new password, or closing, ends all their sessions at once. Tell a new password by word of mouth; they change it under their name.</p>
    {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
  {/if}
</li>
