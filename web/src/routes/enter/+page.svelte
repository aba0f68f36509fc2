<script lang="ts">
  import { page } from '$app/state';
  import Button from 'flowbite-svelte/Button.svelte';
  import { ownPath } from '$lib/own-path';
  import { send } from '$lib/ui/save.svelte';

  let passcode = $state('');
  let message = $state('');
  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const sent = await send('/api/v1/enter', 'POST', { passcode });
    if (!sent.ok) {
      message = sent.detail;
      return;
    }
    location.assign(ownPath(page.url.searchParams.get('to'), location.origin));
  }
</script>

<form class="sheet mx-auto mt-10 max-w-sm" onsubmit={enter}>
  <h1>Shop passcode</h1>
  <p class="soft">Asked for once on this device.</p>
  <label class="mt-3 block"
    ><span class="font-semibold">Passcode</span><input
      class="field"
      type="password"
      bind:value={passcode}
      autocomplete="current-password"
      aria-invalid={message !== ''}
    /></label
  >
  {#if message}<p role="alert" class="caution mt-2">{message}</p>{/if}
  <Button type="submit" color="primary" class="mt-3 min-h-11 w-full">Enter</Button>
</form>
