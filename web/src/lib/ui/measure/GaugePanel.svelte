<script lang="ts">
  import { onDestroy, onMount } from 'svelte';
  import { formatLength, steadyReading, type GaugeSample, type LengthUnit, type Side } from '@chiave/core/measure';
  import type { GaugeEvent } from '$lib/api/gauge-line';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** Live figures of a digital gauge; what stands still is taken. */
  let { desk, unit }: { desk: Desk; unit: LengthUnit } = $props();
  let link = $state<'looking' | 'here' | 'away'>('looking');
  let why = $state('');
  let now = $state.raw<GaugeSample | null>(null);
  let taken = $state<Partial<Record<Side, string>>>({});
  let samples: GaugeSample[] = [];
  /** A foot that was taken must be lifted before the next one is. */
  let lifted = $state(true);
  let source: EventSource | undefined;
  const KEEP = 60;

  function hear(event: GaugeEvent): void {
    if (event.kind === 'here') {
      link = 'here';
      samples = [];
    } else if (event.kind === 'away') {
      link = 'away';
      why = event.why;
      now = null;
      samples = [];
    } else {
      const { line } = event;
      const values = 'fault' in line ? null : { lengthMm: line.lengthMm, ballLengthMm: line.ballLengthMm, ballWidthMm: line.ballWidthMm };
      now = { t: line.t, side: line.side, values };
      samples = [...samples.slice(-KEEP), now];
      if (!values) lifted = true;
      const read = lifted ? steadyReading(samples) : null;
      if (read) {
        lifted = false;
        const { lengthMm, ballLengthMm, ballWidthMm } = read;
        desk.fill(read.side, { lengthMm, ballLengthMm, ballWidthMm }, 'device');
        taken = { ...taken, [read.side]: `length ${formatLength(Math.round(lengthMm * 10) / 10, unit)}` };
      }
    }
  }
  onMount(() => {
    source = new EventSource('/api/v1/gauge');
    source.onmessage = ({ data }) => hear(JSON.parse(data) as GaugeEvent);
    source.onerror = () => {
      link = 'away';
      why = 'the application does not answer; it is tried again';
    };
  });
  onDestroy(() => source?.close());
  const figure = (mm: number | undefined) => (mm === undefined ? '–' : formatLength(mm, unit));
</script>

<Notice class="mt-2" data-gauge={link} role="status">
  {#if link === 'here'}
    <p>
      <b>Gauge</b>
      {#if now?.values}
        <SideMark side={now.side} />
        <span class="figures">{figure(now.values.lengthMm)} long, ball at {figure(now.values.ballLengthMm)}, {figure(now.values.ballWidthMm)} wide</span>
        <span class="soft">{lifted ? 'waiting until it stands still' : 'taken; lift the foot'}</span>
      {:else}<span class="soft">no foot on it</span>{/if}
    </p>
  {:else}<p><b>Gauge away:</b> {link === 'looking' ? 'looking for it' : why}. What was taken stays.</p>{/if}
  {#each ['left', 'right'] as const as side (side)}
    {#if taken[side]}<p><SideMark {side} /> taken: {taken[side]}</p>{/if}
  {/each}
</Notice>
