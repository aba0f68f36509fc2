<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import { sizesOf, sizeText, stockKey, type Style } from '@chiave/core/fit';
  import type { CountsChange } from '$lib/api/stock-schema';
  import { send } from '$lib/send/save.svelte';
  import { undoList } from './undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Pairs on the shelf by size and width; typed, or a run pasted from a spreadsheet into any cell. */
  let { style }: { style: Style } = $props();
  const sizes = $derived(sizesOf(style));
  const keyOf = (size: number, width: string) => stockKey(style, size, width);
  const textsOf = (s: Style): Record<string, string> => Object.fromEntries(Object.entries(s.stock).map(([key, n]) => [key, String(n)]));
  let texts = $state<Record<string, string>>(untrack(() => textsOf(style)));
  let message = $state('');
  let kept = untrack(() => JSON.stringify(style.stock));
  $effect(() => {
    const now = JSON.stringify(style.stock);
    if (now === kept) return;
    kept = now;
    texts = textsOf(style);
  });
  const numberAt = (key: string): number => Number((texts[key] ?? '').trim() || 0);
  /** Only what was changed here is sent: others sell meanwhile. */
  const changed = $derived(sizes.flatMap((z) => style.widths.map((w) => keyOf(z, w))).filter((key) => numberAt(key) !== (style.stock[key] ?? 0)));
  const bad = $derived(Object.entries(texts).find(([, t]) => t.trim() !== '' && !/^\d{1,4}$/.test(t.trim())));

  async function save(): Promise<void> {
    if (bad) return;
    const counts = Object.fromEntries(changed.map((key) => [key, numberAt(key)]));
    const expects = Object.fromEntries(changed.map((key) => [key, style.stock[key] ?? 0]));
    const url = `/api/v1/styles/${style.id}/stock`;
    const sent = await send<{ before: CountsChange }>(url, 'PATCH', { counts, expects });
    message = sent.ok ? '' : sent.detail;
    if (!sent.ok) return;
    undoList.addRequest(`what is on the shelf of ${style.name}`, url, 'PATCH', sent.value.before);
    await invalidateAll();
  }
  /** A block of cells goes in from where it was pasted, sizes down and widths across. */
  function paste(event: ClipboardEvent, size: number, width: string): void {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (!/[\t\n]/.test(text.trim())) return;
    event.preventDefault();
    const [fromSize, fromWidth] = [sizes.indexOf(size), style.widths.indexOf(width)];
    text
      .trimEnd()
      .split(/\r?\n/)
      .forEach((line, i) =>
        line.split('\t').forEach((cell, k) => {
          const [z, w] = [sizes[fromSize + i], style.widths[fromWidth + k]];
          if (z !== undefined && w !== undefined) texts[keyOf(z, w)] = cell.trim();
        })
      );
  }
</script>

<div class="overflow-x-auto">
  <Table data-counts>
    <thead>
      <tr
        ><th scope="col" class="pr-3 text-left">size</th>{#each style.widths as w, at (at)}<th scope="col" class="px-1">{w}</th>{/each}</tr
      >
    </thead>
    <tbody>
      {#each sizes as size (size)}
        <tr>
          <th scope="row" class="figures pr-3 text-left">{sizeText(style, size)}</th>
          {#each style.widths as w, at (at)}
            {@const key = keyOf(size, w)}
            <td class="p-0.5"
              ><Field
                class="w-20 text-center"
                figures
                inputmode="numeric"
                label="{sizeText(style, size)} {w} on the shelf"
                hideLabel
                value={texts[key] ?? ''}
                placeholder="0"
                aria-invalid={bad?.[0] === key}
                oninput={(e) => (texts[key] = e.currentTarget.value)}
                onpaste={(e) => paste(e, size, w)}
              /></td
            >
          {/each}
        </tr>
      {/each}
    </tbody>
  </Table>
</div>
{#if bad}<p class="text-tight" role="alert">{bad[0].replace('|', ' ')}: “{bad[1]}” is no count; whole pairs, 0 to 9999.</p>{/if}
{#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
<div class="mt-2 flex items-center gap-3">
  <Button kind="primary" disabled={changed.length === 0 || !!bad} onclick={save}>Keep the counts</Button>
  <span class="soft text-sm">A block copied from a spreadsheet can be pasted into any cell.</span>
</div>
