<script lang="ts">
  import type { z } from 'zod';
  import type { alikeAnswer } from '$lib/api/learn-schema';
  import { send } from '$lib/send/save.svelte';

  /** What people with feet alike did with this style: a look beside the engine’s answer, told only of five and more, never who. */
  let { fittingId, styleId }: { fittingId: number; styleId: string } = $props();
  let answer = $state.raw<z.output<typeof alikeAnswer> | null>(null);
  let message = $state('');
  $effect(() => {
    const styles = [styleId];
    answer = null;
    void send<z.output<typeof alikeAnswer>>('/api/v1/learn/alike', 'POST', { fittingId, styles }).then((sent) => {
      if (styles[0] !== styleId) return;
      answer = sent.ok ? sent.value : null;
      message = sent.ok ? '' : sent.detail;
    });
  });
  const line = $derived(answer?.lines[0]);
</script>

<p class="mt-2 leading-snug" data-alike>
  <b>People with feet like these:</b>
  {#if message}{message}
  {:else if !answer}<span class="soft">looking…</span>
  {:else if line}about {Math.round(10 * line.share)} of 10 kept it ({line.tried} tried it). <span class="soft">A look beside the figures, no verdict.</span>
  {:else}<span class="soft">fewer than {answer.least} of them tried it: nothing is told, so that nobody is known by it.</span>{/if}
</p>
