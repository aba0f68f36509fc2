<script lang="ts">
  import type { AnyScale } from '@chiave/core/size';

  /** Which strips lie along the rule, and in what order; kept per shop. */
  let { strips, known, onchange }: { strips: string[]; known: readonly AnyScale[]; onchange: (strips: string[]) => void } = $props();
  const nameOf = (id: string) => known.find((s) => s.id === id)?.name ?? id;
  const missing = $derived(known.map((s) => s.id).filter((id) => !strips.includes(id)));
  function moved(i: number, by: number): void {
    const next = [...strips];
    const [one] = next.splice(i, 1);
    next.splice(i + by, 0, one);
    onchange(next);
  }
</script>

<ul class="flex flex-wrap gap-2">
  {#each strips as id, i (id)}
    <li class="flex items-center rounded border border-line bg-white">
      <button type="button" class="min-h-11 min-w-9" aria-label="{nameOf(id)} up" disabled={i === 0} onclick={() => moved(i, -1)}>↑</button>
      <span class="px-1">{nameOf(id)}</span>
      <button type="button" class="min-h-11 min-w-9" aria-label="{nameOf(id)} down" disabled={i === strips.length - 1} onclick={() => moved(i, 1)}>↓</button>
      <button
        type="button"
        class="min-h-11 min-w-9"
        aria-label="Take {nameOf(id)} off the rule"
        disabled={strips.length === 1}
        onclick={() => onchange(strips.filter((s) => s !== id))}>×</button
      >
    </li>
  {/each}
  {#each missing as id (id)}
    <li>
      <button type="button" class="min-h-11 rounded border border-dashed border-line px-3" onclick={() => onchange([...strips, id])}>+ {nameOf(id)}</button>
    </li>
  {/each}
</ul>

<style>
  button:disabled {
    opacity: 0.3;
  }
</style>
