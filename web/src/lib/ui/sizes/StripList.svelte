<script lang="ts">
  import type { AnyScale } from '@chiave/core/size';
  import Button from '$lib/ui/kit/Button.svelte';

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
    <li class="flex items-center rounded-[9px] border border-edge bg-sheet">
      <Button class="min-w-9 border-0 px-1" aria-label="{nameOf(id)} up" disabled={i === 0} onclick={() => moved(i, -1)}>↑</Button>
      <span class="px-1">{nameOf(id)}</span>
      <Button class="min-w-9 border-0 px-1" aria-label="{nameOf(id)} down" disabled={i === strips.length - 1} onclick={() => moved(i, 1)}>↓</Button>
      <Button
        class="min-w-9 border-0 px-1"
        aria-label="Take {nameOf(id)} off the rule"
        disabled={strips.length === 1}
        onclick={() => onchange(strips.filter((s) => s !== id))}>×</Button
      >
    </li>
  {/each}
  {#each missing as id (id)}
    <li>
      <Button onclick={() => onchange([...strips, id])}>+ {nameOf(id)}</Button>
    </li>
  {/each}
</ul>
