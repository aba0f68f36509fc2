<script lang="ts">
  import { renderSVG } from 'uqr';
  import { roleHas, ROLE, SCOPES } from '$lib/roles';
  import { draftsWaiting, dropDrafts } from '$lib/send/drafts';
  import { forgetPages } from '$lib/send/kept-pages';
  import { send } from '$lib/send/save.svelte';
  import { OwnAccount } from '$lib/ui/doors/own-account.svelte';
  import SessionList from '$lib/ui/doors/SessionList.svelte';
  import TakeOver from '$lib/ui/doors/TakeOver.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import TokenPart from '$lib/ui/doors/TokenPart.svelte';

  let { data } = $props();
  const own = new OwnAccount();
  let password = $state('');
  let pin = $state('');
  let code = $state('');
  let offered = $state<{ secret: string; uri: string } | null>(null);
  let recovery = $state<string[]>([]);
  const scopes = $derived(SCOPES.filter((s) => roleHas(data.account.role, s.id)));

  async function keepPassword(): Promise<void> {
    if (await own.ask('/api/v1/me/password', 'PUT', { password }, 'The password is changed; all your other devices are signed out.')) password = '';
  }
  async function keepPin(value: string | null): Promise<void> {
    if (await own.ask('/api/v1/me/password', 'PUT', { pin: value }, value === null ? 'The PIN is gone.' : 'The PIN is kept.')) pin = '';
  }
  async function offer(): Promise<void> {
    offered = await own.ask<{ secret: string; uri: string }>('/api/v1/me/second', 'POST', {}, '');
  }
  async function accept(): Promise<void> {
    const made = await own.ask<{ recovery: string[] }>('/api/v1/me/second', 'POST', { code }, 'The second factor is on.');
    if (!made) return;
    recovery = made.recovery;
    [offered, code] = [null, ''];
  }
  /** So many entries on this device are not saved yet: signing out lets them go, so it is asked first. */
  let unsaved = $state(0);
  async function leave(): Promise<void> {
    unsaved = unsaved > 0 ? 0 : draftsWaiting();
    if (unsaved > 0) return;
    await send('/api/v1/leave', 'POST', {});
    dropDrafts();
    await forgetPages();
    location.assign('/enter');
  }
</script>

<svelte:head><title>{data.account.name} · Chiave</title></svelte:head>

<div class="flex flex-wrap items-start gap-3">
  <div class="mr-auto">
    <h1>{data.account.name}</h1>
    <p class="soft">{ROLE[data.account.role].name}: {ROLE[data.account.role].words}</p>
  </div>
  <Button href="/guide">The guide</Button>
  {#if roleHas(data.me?.role ?? null, 'shop')}<Button href="/accounts">Accounts of the shop</Button>{/if}
  <Button kind="primary" onclick={leave}>Sign out</Button>
</div>
{#if unsaved > 0}
  <Notice class="mt-3" tone="caution" role="alert"
    >{unsaved === 1 ? 'One entry' : `${unsaved} entries`} on this device could not be saved yet. Open the visit again and wait until it says saved; or
    <Button kind="text" onclick={leave}>sign out and let go of what is unsaved</Button></Notice
  >
{/if}
{#if data.onNetwork && data.account.role === 'owner' && !data.account.second}
  <Notice class="mt-3" tone="caution"
    >You may do everything here, and a password alone opens it from the network. <a href="#second">Set up a second factor</a>.</Notice
  >
{/if}
{#if data.me?.way === 'pin' && data.me.role !== data.account.role}
  <Notice class="mt-3" tone="caution"
    >Here by PIN, and so with the rights of a {ROLE[data.me.role].name.toLowerCase()}. For an owner’s, sign in with the password.</Notice
  >
{/if}
{#if data.me?.shopDay}<TakeOver hands={data.me.hands} own={data.account.id} />{/if}

<div class="mt-4 grid gap-4 lg:grid-cols-2">
  <Sheet aria-label="How you come in">
    <h2>How you come in</h2>
    <p class="soft">Whatever you change here asks for the password as it is.</p>
    <Field
      label="Password as it is"
      type="password"
      class="mt-2 max-w-80"
      autocomplete="current-password"
      bind:value={own.now}
      error={own.wrong('now')}
      maxlength={200}
    />
    {#if own.done}<Notice class="mt-2" role="status">{own.done}</Notice>{/if}
    {#if own.message}<Notice class="mt-2" tone="caution" role="alert">{own.message}</Notice>{/if}

    <div class="mt-3 flex flex-wrap items-end gap-2 border-t border-line pt-3">
      <Field
        label="New password"
        type="password"
        class="w-72"
        autocomplete="new-password"
        bind:value={password}
        error={own.wrong('password')}
        maxlength={200}
      />
      <Button disabled={own.busy || password === ''} onclick={keepPassword}>Change the password</Button>
    </div>
    <div class="mt-3 flex flex-wrap items-end gap-2 border-t border-line pt-3">
      <Field
        label={data.account.hasPin ? 'Another PIN, four to eight digits' : 'A PIN, four to eight digits'}
        type="password"
        inputmode="numeric"
        class="w-72"
        autocomplete="off"
        bind:value={pin}
        error={own.wrong('pin')}
        maxlength={8}
      />
      <Button disabled={own.busy || pin === ''} onclick={() => keepPin(pin)}>Keep the PIN</Button>
      {#if data.account.hasPin}<Button kind="text" disabled={own.busy} onclick={() => keepPin(null)}>Take the PIN away</Button>{/if}
      <p class="soft w-full">With it you take over a tablet that somebody signed in for the shop day. It gives a fitter’s rights at most.</p>
    </div>

    <div class="mt-3 border-t border-line pt-3" id="second" data-second>
      <h3>Second factor</h3>
      {#if recovery.length > 0}
        <Notice class="my-2" tone="caution">Write these down now: each lets you in once without the code, and they are not shown again.</Notice>
        <ul class="figures grid grid-cols-2 gap-1">
          {#each recovery as one (one)}<li>{one}</li>{/each}
        </ul>
      {:else if data.account.second}
        <p>On: signing in asks for a code of your device.</p>
        <Button class="mt-1" disabled={own.busy} onclick={() => own.ask('/api/v1/me/second', 'DELETE', {}, 'The second factor is off.')}>Switch it off</Button>
      {:else if offered}
        <p>Take this up with the program on your device that makes codes, then type the code it shows.</p>
        <!-- Drawn here, on this machine, of a text of our own. -->
        <!-- eslint-disable-next-line svelte/no-at-html-tags -->
        <div class="my-2 w-44 bg-white" role="img" aria-label="Square code of the secret">{@html renderSVG(offered.uri)}</div>
        <p class="figures break-all">{offered.secret}</p>
        <div class="mt-2 flex items-end gap-2">
          <Field label="Code" class="w-40" inputmode="numeric" autocomplete="one-time-code" bind:value={code} error={own.wrong('code')} maxlength={20} />
          <Button disabled={own.busy || code === ''} onclick={accept}>Switch it on</Button>
        </div>
      {:else}
        <p class="soft">A code of a device of yours beside the password. Owners should have one where the shop is reached over a network.</p>
        <Button class="mt-1" disabled={own.busy} onclick={offer}>Set one up</Button>
      {/if}
    </div>
  </Sheet>
  <div class="grid content-start gap-4">
    <Sheet aria-label="Where you are signed in">
      <h2>Where you are signed in</h2>
      <SessionList sessions={data.sessions} url="/api/v1/me/sessions" />
    </Sheet>
    <TokenPart {own} tokens={data.tokens} {scopes} />
  </div>
</div>
