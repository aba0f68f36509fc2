<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import type { SessionRow } from '$lib/api/door-schema';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

  /**
   * Where people are signed in; one press ends one.
   * @prop url what ends one, before its number
   * @prop names whose each is, where they are of several people
   */
  let { sessions, url, names = false }: { sessions: readonly SessionRow[]; url: string; names?: boolean } = $props();
  let message = $state('');
  const when = (at: string): string => format(new Date(at), 'd MMM, HH:mm');
  /** A browser in two words: what it says of itself is long. */
  function deviceOf(device: string): string {
    const browser = ['Firefox', 'Edg', 'Chrome', 'Safari'].find((b) => device.includes(b)) ?? 'a browser';
    const system = ['Android', 'iPad', 'iPhone', 'Windows', 'Mac OS', 'Linux'].find((s) => device.includes(s)) ?? 'a device';
    return `${browser === 'Edg' ? 'Edge' : browser} on ${system}`;
  }
  async function end(id: number): Promise<void> {
    const sent = await send(`${url}/${id}`, 'DELETE');
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) await invalidateAll();
  }
</script>

{#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
<ul>
  {#each sessions as s (s.id)}
    <li class="flex flex-wrap items-center gap-3 border-b border-line py-1.5" data-session={s.id}>
      <span class="mr-auto">
        {#if names}<b>{s.account}</b> ·{/if}
        {deviceOf(s.device)}{s.shopDay ? ', for the shop day' : ''}{s.way === 'pin' ? ', by PIN' : ''}
        <span class="soft">· since {when(s.beganAt)}, seen {when(s.seenAt)}, from {s.address}</span>
      </span>
      {#if s.own}<span class="soft">this device</span>{:else}<Button onclick={() => end(s.id)} aria-label="End it: {s.account}, {when(s.beganAt)}"
          >End it</Button
        >{/if}
    </li>
  {:else}<li class="soft">Nobody is signed in.</li>{/each}
</ul>
