<script lang="ts">
  import { left, passed, type ChairTimer } from '@chiave/core/chair';
  import { clock } from '$lib/ui/kit/clock';
  import Button from '$lib/ui/kit/Button.svelte';

  /** A step that takes its time, as a dial that fills: it goes on wherever the page is. */
  let { timer, name, onpause, onresume, onforget }: { timer: ChairTimer; name: string; onpause: () => void; onresume: () => void; onforget: () => void } =
    $props();
  const seconds = $derived(passed(timer, clock.now));
  const rest = $derived(left(timer, clock.now));
  const share = $derived(Math.min(1, seconds / (60 * timer.minutes)));
  const AROUND = 2 * Math.PI * 34;
  const clockWords = (s: number): string => {
    const whole = Math.max(0, Math.round(s));
    const [h, m, sec] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60];
    return `${h > 0 ? `${h}:` : ''}${h > 0 ? String(m).padStart(2, '0') : m}:${String(sec).padStart(2, '0')}`;
  };
  const minutes = $derived(timer.minutes >= 120 ? `${+(timer.minutes / 60).toFixed(1)} hours` : `${+timer.minutes.toFixed(1)} minutes`);
</script>

<div class="flex items-center gap-3 rounded-lg border border-brass-line bg-brass-pale p-2" data-timer={timer.step}>
  <svg viewBox="0 0 80 80" width="64" height="64" aria-hidden="true" class="shrink-0">
    <circle cx="40" cy="40" r="34" fill="var(--color-sheet)" stroke="var(--color-line)" stroke-width="7" />
    <circle
      cx="40"
      cy="40"
      r="34"
      fill="none"
      stroke={rest <= 0 ? 'var(--color-tight)' : 'var(--color-brass-line)'}
      stroke-width="7"
      stroke-dasharray="{AROUND * share} {AROUND}"
      transform="rotate(-90 40 40)"
    />
    {#each { length: 12 } as _, i (i)}<path d="M40 14V18" stroke="var(--color-ink)" stroke-width="1.2" transform="rotate({30 * i} 40 40)" />{/each}
  </svg>
  <p class="min-w-0 flex-1 leading-tight">
    <b class="block">{name}</b>
    <span class="figures text-xl font-semibold" role="timer">{rest <= 0 ? 'time is over' : clockWords(seconds)}</span>
    <span class="soft">{rest <= 0 ? `${clockWords(-rest)} ago` : `of ${minutes}${timer.since === null ? ', paused' : ''}`}</span>
  </p>
  {#if rest > 0}
    {#if timer.since === null}<Button onclick={onresume}>Go on</Button>{:else}<Button onclick={onpause}>Pause</Button>{/if}
  {/if}
  <Button kind="text" aria-label="Stop timing: {name}" onclick={onforget}>✕</Button>
</div>
