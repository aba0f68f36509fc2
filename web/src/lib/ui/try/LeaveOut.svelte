<script lang="ts">
  import { format } from 'date-fns';
  import type { TryRow } from '$lib/api/rows';
  import { fitterName } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';

  /** Takes a pair out of what is learned, with a reason, and puts it back: nothing is left out unasked. */
  let { row, onchange }: { row: TryRow; onchange: (why: string | null, excluded: TryRow['excluded']) => void } = $props();
  let asking = $state(false);
  let why = $state('');
  function leaveOut(event: SubmitEvent): void {
    event.preventDefault();
    onchange(why.trim(), { by: fitterName.get(), at: new Date().toISOString(), why: why.trim() });
    asking = false;
  }
</script>

{#if row.excluded}
  <p class="soft leading-snug">
    Left out of what is learned{row.excluded.by ? ` by ${row.excluded.by}` : ''}, {format(new Date(row.excluded.at), 'd MMM')}: {row.excluded.why}.
    <Button kind="text" onclick={() => onchange(null, null)}>Put it back</Button>
  </p>
{:else if asking}
  <form class="flex items-end gap-2" onsubmit={leaveOut} novalidate>
    <Field label="Why it should teach nothing" class="flex-1" maxlength={300} placeholder="the wrong box; feet were cold" bind:value={why} />
    <Button type="submit" disabled={why.trim() === ''}>Leave it out</Button>
  </form>
{:else}
  <Button kind="text" class="justify-self-start !px-0" onclick={() => (asking = true)}>Leave it out of what is learned</Button>
{/if}
