<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { CLOSURE_IDS, KINDS, UPPERS, type Style } from '@chiave/core/fit';
  import { parseMixedNumber } from '@chiave/core/measure';
  import type { StyleChange } from '$lib/api/stock-schema';
  import { send } from '$lib/send/save.svelte';
  import { undoList } from './undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Field from '$lib/ui/kit/Field.svelte';

  /** One field of many styles changed at once. */
  let { styles, ondone }: { styles: readonly Style[]; ondone: () => void } = $props();

  const named = (list: readonly { id: string; name: string }[]) => list.map(({ id, name }) => ({ id, name }));
  const FIELDS = [
    { id: 'upper', name: 'upper', options: named(UPPERS) },
    { id: 'closure', name: 'closure', options: CLOSURE_IDS.map((c) => ({ id: c, name: c })) },
    { id: 'kind', name: 'kind', options: named(KINDS) },
    { id: 'forWhom', name: 'for whom', options: ['women', 'men', 'unisex', 'children'].map((c) => ({ id: c, name: c })) },
    { id: 'soleStiffness', name: 'sole stiffness, 1 to 5', number: true },
    { id: 'heelHeightMm', name: 'heel height, mm', number: true },
    { id: 'platformMm', name: 'platform, mm', number: true },
    { id: 'removableInsoleMm', name: 'removable insole, mm', number: true },
    { id: 'details.colour', name: 'colour' },
    { id: 'details.factory', name: 'factory' },
    { id: 'details.variant', name: 'variant' },
    { id: 'details.price', name: 'price', number: true }
  ] as const;
  let field = $state<(typeof FIELDS)[number]['id']>('details.price');
  let value = $state('');
  let message = $state('');
  const chosen = $derived(FIELDS.find((f) => f.id === field)!);

  async function change(): Promise<void> {
    const typed = 'number' in chosen ? (parseMixedNumber(value) ?? value) : value;
    const [group, inner] = field.split('.');
    const set = (inner ? { [group]: { [inner]: typed } } : { [group]: typed }) as StyleChange['set'];
    const changes = styles.map((s) => ({ id: s.id, set, version: s.version }));
    const sent = await send<{ before: StyleChange[] }>('/api/v1/styles', 'PATCH', { changes });
    message = sent.ok ? '' : sent.errors[0] ? `${chosen.name}: ${sent.errors[0].message}` : sent.detail;
    if (!sent.ok) return;
    undoList.addRequest(`${chosen.name} of ${styles.length === 1 ? styles[0].name : `${styles.length} styles`}`, '/api/v1/styles', 'PATCH', {
      changes: sent.value.before
    });
    ondone();
    await invalidateAll();
  }
</script>

<form
  class="notice mt-2 flex flex-wrap items-end gap-2"
  onsubmit={(e) => {
    e.preventDefault();
    void change();
  }}
>
  <span class="self-center font-semibold">{styles.length} picked: set</span>
  <Select
    label="Field to change"
    hideLabel
    class="w-52"
    bind:value={field}
    onchange={() => {
      value = '';
      message = '';
    }}
    >{#each FIELDS as f (f.id)}<option value={f.id}>{f.name}</option>{/each}</Select
  >
  {#if 'options' in chosen}<Select label="New value" hideLabel class="w-44" empty="choose" options={chosen.options} bind:value />
  {:else}<Field label="New value" hideLabel class="w-44" figures placeholder="new value" bind:value />{/if}
  <Button type="submit" kind="primary" disabled={value.trim() === ''}>Change them all</Button>
  <Button kind="text" onclick={ondone}>Pick none</Button>
  {#if message}<p class="text-tight w-full" role="alert">{message}. Nothing was changed.</p>{/if}
</form>
