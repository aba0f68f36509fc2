<script lang="ts">
  import { page } from '$app/state';
  import { ownPath } from '$lib/own-path';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

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
  <Field label="Passcode" class="mt-3" type="password" bind:value={passcode} autocomplete="current-password" aria-invalid={message !== ''} />
  {#if message}<Notice role="alert" class="mt-2" tone="caution">{message}</Notice>{/if}
  <Button type="submit" kind="primary" class="mt-3 w-full">Enter</Button>
</form>
