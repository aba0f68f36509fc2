<script lang="ts">
  import { DUE_ANSWERS, type DueAnswerId } from '@chiave/core/keep';
  import type { DueRow } from '$lib/api/keep-schema';
  import { capital } from '$lib/capital';
  import { whenWords } from '$lib/keep-words';
  import Button from '$lib/ui/kit/Button.svelte';

  /** One thing that is due: what, why and by which rule, what to do, and the three answers. */
  // prettier-ignore
  let { item, today, onanswer, who = false, busy = false }: {
    item: DueRow; today: string; onanswer: (item: DueRow, answer: DueAnswerId, days?: number) => unknown; who?: boolean; busy?: boolean;
  } = $props();
  /** Put off by so many days at first; by what cannot be moved only until tomorrow. */
  const LATER_DAYS = 14;
  const later = $derived(item.firm ? 1 : LATER_DAYS);
  const [, LATER, NOT_WANTED] = DUE_ANSWERS;
  let isOpen = $state(false);
  const about = $derived(`${item.title}${item.name ? `, ${item.name}` : ''}${who ? `, ${item.person.name}` : ''}`);
</script>

<li class="border-b border-line py-2 last:border-0" data-due={item.rule}>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
    <div class="min-w-0 flex-1 basis-64 leading-snug">
      <b>{capital(item.title)}</b>{#if item.name}<span>: {item.name}</span>{/if}
      <span class="block">{capital(item.reason)}. {capital(item.action)}.</span>
    </div>
    <b class="whitespace-nowrap {item.state === 'late' ? 'text-tight-word' : ''}">{whenWords(item, today)}</b>
    <span class="flex gap-1 print:hidden">
      <Button disabled={busy} onclick={() => onanswer(item, 'done')} aria-label="{capital(item.done)}: {about}">{capital(item.done)}</Button>
      <Button disabled={busy} onclick={() => onanswer(item, 'snoozed', later)} aria-label="{LATER.name}: {about}">{LATER.name}</Button>
      <Button kind="text" disabled={busy} onclick={() => (isOpen = !isOpen)} aria-expanded={isOpen} aria-label="Why: {about}">Why</Button>
    </span>
  </div>
  {#if isOpen}
    <div class="soft mt-1 flex flex-wrap items-center gap-2">
      <span class="flex-1 basis-64">From {item.earliest} to {item.latest}, best {item.due}. {capital(item.source)} ({item.mark}).</span>
      <Button onclick={() => onanswer(item, 'not-wanted')} aria-label="{NOT_WANTED.name}: {about}">{NOT_WANTED.name}</Button>
    </div>
  {/if}
</li>
