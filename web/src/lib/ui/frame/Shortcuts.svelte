<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import Dialog from '$lib/ui/kit/Dialog.svelte';
  import { STEPS } from '$lib/ui/fitting/steps';
  import Button from '$lib/ui/kit/Button.svelte';

  let open = $state(false);
  const fitting = $derived(page.params.id && page.url.pathname.startsWith('/fittings/') ? page.params.id : null);

  function onkeydown(event: KeyboardEvent): void {
    const target = event.target as HTMLElement;
    if (event.ctrlKey || event.metaKey) return;
    if (event.altKey && fitting) {
      const step = STEPS[Number(event.key) - 1];
      if (step) {
        event.preventDefault();
        void goto(`/fittings/${fitting}/${step.id}`);
      }
      return;
    }
    if (event.key === '?' && !['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)) open = true;
  }
</script>

<svelte:window {onkeydown} />

<Button class="min-w-11 border-edge bg-transparent px-2 text-lg text-sheet hover:text-ink" aria-label="Keyboard shortcuts" onclick={() => (open = true)}
  >?</Button
>
<Dialog bind:open heading="Keyboard">
  <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
    <dt class="figures">?</dt>
    <dd>this list</dd>
    {#each STEPS as step, i (step.id)}
      <dt class="figures">Alt {i + 1}</dt>
      <dd>{step.name}, inside a fitting</dd>
    {/each}
    <dt class="figures">Tab</dt>
    <dd>the next field; in Measure left then right of each measure</dd>
    <dt class="figures">Enter</dt>
    <dd>opens what is in focus; in Measure the next field</dd>
    <dt class="figures">1 to 7</dt>
    <dd>in an opened shoe: its sections, In brief to Why</dd>
    <dt class="figures">Alt Enter</dt>
    <dd>in Measure: reads the same once more</dd>
    <dt class="figures">Alt H</dt>
    <dd>in Measure: how the value was taken</dd>
  </dl>
  <p><a href="/guide" onclick={() => (open = false)}>The whole way in one minute, and the words of the trade</a>.</p>
  <p>Other programs read and write through the <a href="/api/v1/docs" onclick={() => (open = false)}>API</a>.</p>
</Dialog>
