<script lang="ts">
  import { PRIORITIES, type PairRow, type WishRow } from '$lib/api/keep-schema';
  import { withFractions } from '$lib/size-fractions';
  import Button from '$lib/ui/kit/Button.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import type { PersonKeep } from './person-keep.svelte';

  /** What is wished for, first things first, and the person's sizes by maker and last, as a card. */
  // prettier-ignore
  let { keep, wishes, pairs, styles, person }: {
    keep: PersonKeep; wishes: readonly WishRow[]; pairs: readonly PairRow[]; styles: readonly { id: string; name: string; colour: string }[]; person: string;
  } = $props();
  let name = $state('');
  let colour = $state('');
  let size = $state('');
  let width = $state('');
  let priority = $state<(typeof PRIORITIES)[number]['id']>('soon');
  const styleId = $derived(styles.find((s) => s.name.toLowerCase() === name.trim().toLowerCase())?.id ?? null);
  async function add(): Promise<void> {
    if (await keep.add('wishes', { name, colour, size, width, priority, styleId })) [name, colour, size, width] = ['', '', '', ''];
  }
  /** Sizes by maker and last: those kept and not sent back, the newest first. */
  const sizes = $derived.by(() => {
    const kept = pairs.filter((p) => p.body.size !== '' && p.state !== 'returned' && p.state !== 'ordered');
    const keys = [...new Set(kept.map((p) => `${p.body.maker}|${p.body.last}`))].sort();
    return keys.map((key) => {
      const mine = kept.filter((p) => `${p.body.maker}|${p.body.last}` === key);
      const [maker, last] = key.split('|');
      return {
        maker,
        last,
        sizes: [...new Set(mine.map((p) => `${withFractions(p.body.size)} ${p.body.width}`.trim()))],
        names: [...new Set(mine.map((p) => p.body.name))]
      };
    });
  });
</script>

<div class="grid gap-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
  <Sheet heading="Wished for">
    {#if wishes.length === 0}<Empty>Nothing is wished for yet. Many begin with black, then a colour, then their own skin tone.</Empty>{:else}
      <Table>
        <caption class="sr-only">Wishes, first things first</caption>
        <thead
          ><tr
            ><th scope="col">What</th><th scope="col">Colour</th><th scope="col">Size</th><th scope="col">When</th><th scope="col">In stock</th><th scope="col"
            ></th></tr
          ></thead
        >
        <tbody>
          {#each wishes as w (w.id)}
            <tr class={w.body.found ? 'soft' : ''}>
              <th scope="row">{w.body.name}</th>
              <td>{w.body.colour}</td>
              <td class="figures">{withFractions(w.body.size)} {w.body.width}</td>
              <td>{PRIORITIES.find((p) => p.id === w.body.priority)?.name}</td>
              <td class="figures">{w.body.styleId ? w.inStock : '–'}</td>
              <td class="whitespace-nowrap">
                <Button
                  disabled={keep.busy}
                  pressed={w.body.found}
                  onclick={() => keep.change('wishes', w.id, { ...w.body, found: !w.body.found }, w.version)}
                  aria-label="{w.body.name}: found">found</Button
                >
                <Button kind="text" disabled={keep.busy} onclick={() => keep.remove('wishes', w.id)} aria-label="Take away: {w.body.name}">take away</Button>
              </td>
            </tr>
          {/each}
        </tbody>
      </Table>
    {/if}
    <div class="mt-3 flex flex-wrap items-end gap-2 print:hidden">
      <Field label="Wished for" class="min-w-44 flex-1" maxlength={120} bind:value={name} list="styles-wished" placeholder="Lakeside 50" />
      <datalist id="styles-wished"
        >{#each styles as s (s.id)}<option value={s.name}></option>{/each}</datalist
      >
      <Field label="Colour" class="w-28" maxlength={40} bind:value={colour} />
      <Field label="Size" class="w-20" maxlength={12} bind:value={size} />
      <Field label="Width" class="w-24" maxlength={12} bind:value={width} />
      <Select label="When" options={PRIORITIES} bind:value={priority} />
      <Button disabled={keep.busy || name.trim() === ''} onclick={add}>Add the wish</Button>
    </div>
    {#if name.trim() !== '' && styleId === null}<p class="soft mt-1">Not a style of the stockroom: nobody will be told when it arrives.</p>{/if}
  </Sheet>
  <Sheet>
    <h2 class="says text-xl">Sizes of {person}, by maker and last</h2>
    {#if sizes.length === 0}<p class="soft">No pair with a size yet.</p>{:else}
      <ul class="mt-1">
        {#each sizes as s (`${s.maker} ${s.last}`)}
          <li class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1 last:border-0">
            <b class="mr-auto">{s.maker || 'maker not noted'}{s.last ? `, last ${s.last}` : ''}</b>
            <span class="figures text-lg font-semibold">{s.sizes.join(' and ')}</span>
            <span class="soft w-full">{s.names.join(', ')}</span>
          </li>
        {/each}
      </ul>
      <p class="soft mt-1">From pairs that were kept. Two pairs of one size differ by up to 2 mm.</p>
      <p class="mt-2 print:hidden"><Button onclick={() => window.print()}>Print the card</Button></p>
    {/if}
  </Sheet>
</div>
