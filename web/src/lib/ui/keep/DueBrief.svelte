<script lang="ts">
  import type { DueAnswerId } from '@chiave/core/keep';
  import { format, parseISO } from 'date-fns';
  import type { DueRow } from '$lib/api/keep-schema';
  import { capital } from '$lib/capital';
  import { daysApart } from '$lib/keep-words';
  import Button from '$lib/ui/kit/Button.svelte';

  /** One thing that is due, on one line of Today: when, what and whose, and the one answer that is given most. */
  let {
    item,
    today,
    onanswer,
    busy = false
  }: { item: DueRow; today: string; onanswer: (item: DueRow, answer: DueAnswerId) => unknown; busy?: boolean } = $props();
  /** What counts: the last day of what is firm, else the day that is best. */
  const on = $derived(item.firm ? item.latest : item.due);
  const days = $derived(daysApart(today, on));
  const when = $derived(item.state === 'late' ? 'late' : days < 0 ? 'now' : days === 0 ? 'today' : days === 1 ? '1 day' : `${days} days`);
  const about = $derived(`${item.title}${item.name ? `, ${item.name}` : ''}, ${item.person.name}`);
</script>

<li class="flex items-center gap-3 border-b border-line py-1.5 last:border-0" data-due={item.rule}>
  <div class="w-[88px] shrink-0 leading-tight">
    <span class="font-serif text-xl font-semibold {item.state === 'late' || days <= 0 ? 'text-tight-word' : ''}">{when}</span>
    <span class="soft block whitespace-nowrap">{format(parseISO(on), 'EEE d MMM')}</span>
  </div>
  <div class="min-w-0 flex-1 leading-snug">
    <b class="block truncate">{capital(item.title)}{item.name ? `: ${item.name}` : ''}</b>
    <span class="block"><a href="/people/{item.person.id}/pairs">{item.person.name}</a> <span class="soft">· {item.reason}</span></span>
  </div>
  <Button class="shrink-0 print:hidden" disabled={busy} onclick={() => onanswer(item, 'done')} aria-label="{capital(item.done)}: {about}"
    >{capital(item.done)}</Button
  >
</li>
