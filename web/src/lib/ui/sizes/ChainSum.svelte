<script lang="ts">
  import { formatFigure, formatLength, formatSigned, signedNumber, trimNumber } from '@chiave/core/measure';
  import { chainLineWords, HABIT_PRIOR_SD, NEIGHBOUR_WORDS } from '@chiave/core/size';
  import { stepsFrom, withDoubt } from '$lib/drawing/lengths-on-rule';
  import LengthsOnRule from '$lib/drawing/LengthsOnRule.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import TickBox from '$lib/ui/kit/TickBox.svelte';
  import type { ChainAsked } from './chain-asked.svelte';

  /** How a chain of sums adds up, line by line, and what is known of the last it ends in. */
  let { asked }: { asked: ChainAsked } = $props();
  const end = $derived(asked.end);
  const style = $derived(asked.style);
  const habit = $derived(asked.habit);
  /** The foot of the label, what each line that counts adds to it, and what that comes to. */
  const laid = $derived.by(() => {
    if (!end) return [];
    const [from, ...more] = end.lines;
    const steps = more
      .filter((line) => line.on && line.mm !== 0)
      .map((line) => ({ name: chainLineWords(line), figure: `${formatSigned(line.mm, shown.unit)} ${shown.unit}`, mm: line.mm }));
    const start = { ...withDoubt(chainLineWords(from), formatLength(from.mm, shown.unit), from.mm, 0) };
    const figure = `${formatLength(end.footMm, shown.unit)} ± ${formatFigure(end.sdMm, shown.unit)}`;
    return [start, ...stepsFrom(from.mm, steps), { ...withDoubt('together', figure, end.footMm, end.sdMm), whole: true as const }];
  });
</script>

<Sheet class="content-start" heading="How it adds up">
  {#if end}
    <p class="mt-1">
      <span class="figures text-4xl font-semibold" data-answer>{end.label}</span>
      <span class="text-brass">{asked.target.name}{style ? `, ${style.name}` : ''}</span>
    </p>
    <p class="soft">
      Exactly {trimNumber(end.exact, 2)}, {signedNumber(end.remainderMm)} mm beyond the label; about {Math.round(end.likely * 20) * 5} in 100 that this is the nearest
      size.
    </p>
    <div class="mt-2"><LengthsOnRule lengths={laid} unit={shown.unit} words={laid.map((l) => `${l.name}: ${l.figure}`).join('; ')} /></div>
    <Table class="mt-2">
      <thead
        ><tr class="border-b border-ink text-left"
          ><th scope="col">Line</th><th scope="col">mm</th><th scope="col">sizes</th><th scope="col">source</th><th scope="col">on</th></tr
        ></thead
      >
      <tbody>
        {#each end.lines as line (line.id)}
          <tr class="border-b border-line" class:opacity-50={!line.on}>
            <th scope="row" class="py-1 pr-2 text-left font-semibold">{chainLineWords(line)}</th>
            <td class="figures pr-2">{line.id === 'scale' ? trimNumber(line.mm) : signedNumber(line.mm)}</td>
            <td class="figures pr-2">{line.id === 'scale' ? trimNumber(line.sizes, 2) : signedNumber(line.sizes, 2)}</td>
            <td class="soft pr-2 text-sm">{line.source}</td>
            <td
              >{#if line.id !== 'scale'}<TickBox label="{chainLineWords(line)} counts" checked={line.on} onchange={() => asked.toggle(line.id)} />{/if}</td
            >
          </tr>
        {/each}
        <tr
          ><th scope="row" class="py-1 text-left">together</th><td class="figures font-semibold">{trimNumber(end.footMm)} ± {trimNumber(end.sdMm)}</td><td
            class="figures font-semibold">{trimNumber(end.exact, 2)}</td
          ><td></td><td></td></tr
        >
      </tbody>
    </Table>
    <h3 class="mt-3">One step either way</h3>
    <ul>
      {#each end.neighbours as n, at (at)}<li>
          <b class="figures">{n.label}</b>: {NEIGHBOUR_WORDS[n.state]} <span class="soft figures">({signedNumber(n.roomMm)} mm)</span>
        </li>{/each}
    </ul>
    {#if habit && style}
      <h3 class="mt-3">How the last {style.last.name} runs</h3>
      <ul class="text-sm">
        {#each habit.weights as w, i (i)}<li>
            <span class="figures">{Math.round(w.share * 100)} of 100</span>: {w.report.evidence}, {signedNumber(w.report.offsetSizes, 2)} sizes{w.report.variant
              ? `, ${w.report.variant}`
              : ''}{w.report.madeYear ? `, ${w.report.madeYear}` : ''}.
            <span class="soft">{w.report.note}</span>
          </li>{/each}
        <li>
          <span class="figures">{Math.round(habit.priorShare * 100)} of 100</span>:
          <span class="soft">that an unknown last runs true, give or take {HABIT_PRIOR_SD}</span>
        </li>
      </ul>
      {#each habit.conflicts as conflict (conflict)}<Notice class="mt-1" tone="caution">Conflict: {conflict}.</Notice>{/each}
    {/if}
  {:else}<p class="soft">Type a size or a foot.</p>{/if}
</Sheet>
