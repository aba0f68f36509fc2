<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import type { TokenRow } from '$lib/api/door-schema';
  import type { NeedId } from '$lib/roles';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { OwnAccount } from './own-account.svelte';

  /** Tokens for other programs: each names what it may, ends on a day and is shown once. */
  let { own, tokens, scopes }: { own: OwnAccount; tokens: readonly TokenRow[]; scopes: readonly { id: NeedId; name: string }[] } = $props();
  let name = $state('');
  let days = $state(90);
  let chosen = $state<NeedId[]>(['look']);
  let made = $state('');
  async function make(): Promise<void> {
    const answer = await own.ask<{ token: string }>('/api/v1/me/tokens', 'POST', { name, scopes: chosen, days }, '');
    if (!answer) return;
    made = answer.token;
    name = '';
  }
  async function takeBack(id: number): Promise<void> {
    if ((await send(`/api/v1/me/tokens/${id}`, 'DELETE')).ok) await invalidateAll();
  }
</script>

<Sheet aria-label="Tokens for other programs">
  <h2>Tokens for other programs</h2>
  {#if made}
    <Notice class="my-2" role="status">Copy it now; it is not shown again. <code class="figures break-all">{made}</code></Notice>
  {/if}
  <ul>
    {#each tokens as t (t.id)}
      <li class="flex flex-wrap items-center gap-3 border-b border-line py-1.5">
        <span class="mr-auto"
          ><b>{t.name}</b>
          <span class="soft"
            >· {t.scopes.join(', ')}; until {format(new Date(t.expiresAt), 'd MMM yyyy')}{t.usedAt ? `, used ${format(new Date(t.usedAt), 'd MMM')}` : ''}</span
          ></span
        >
        <Button onclick={() => takeBack(t.id)} aria-label="Take back {t.name}">Take back</Button>
      </li>
    {/each}
  </ul>
  <div class="mt-2 grid gap-2">
    <div class="flex flex-wrap items-end gap-2">
      <Field label="What it is for" class="min-w-48 flex-1" maxlength={80} bind:value={name} error={own.wrong('name')} />
      <div class="w-32"><NumberField label="Holds for" unit="days" value={days} low={1} high={366} step={30} onchange={(v) => (days = v ?? days)} /></div>
    </div>
    <Choices legend="What it may" options={scopes} {chosen} onchange={(all: NeedId[]) => (chosen = all)} />
    <p class="soft">It never may more than you do yourself. Asks for the password as it is, at the left.</p>
    <div><Button disabled={own.busy || name.trim() === '' || chosen.length === 0} onclick={make}>Make a token</Button></div>
  </div>
</Sheet>
