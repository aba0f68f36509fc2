<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import type { Style } from '@chiave/core/fit';
  import type { StyleChange } from '$lib/api/stock-schema';
  import { STYLE_FIELDS, styleValue, type StyleColumn } from '$lib/api/style-fields';
  import { send } from '$lib/send/save.svelte';
  import { undoList } from './undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Field from '$lib/ui/kit/Field.svelte';

  /** One field of many styles changed at once. */
  let { styles, ondone }: { styles: readonly Style[]; ondone: () => void } = $props();

  /** What can be the same in many: a style's own name, last, scale and run cannot. */
  const OWN = new Set(['name', 'last', 'scale', 'school', 'from', 'to', 'step', 'widths']);
  const FIELDS = STYLE_FIELDS.filter((f) => !OWN.has(f.id));
  let field = $state<StyleColumn>('price');
  let value = $state('');
  let message = $state('');
  const chosen = $derived(FIELDS.find((f) => f.id === field)!);

  async function change(): Promise<void> {
    const typed = styleValue(field, value.trim());
    const set = (chosen.detail ? { details: { [field]: typed } } : { [field]: typed }) as StyleChange['set'];
    const changes = styles.map((s) => ({ id: s.id, set, version: s.version }));
    const sent = await send<{ before: StyleChange[] }>('/api/v1/styles', 'PATCH', { changes });
    message = sent.ok ? '' : sent.errors[0] ? `${chosen.name}: ${sent.errors[0].message}` : sent.detail;
    if (!sent.ok) return;
    undoList.addRequest(
      `${chosen.name[0].toLowerCase()}${chosen.name.slice(1)} of ${styles.length === 1 ? styles[0].name : `${styles.length} styles`}`,
      '/api/v1/styles',
      'PATCH',
      {
        changes: sent.value.before
      }
    );
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
    options={FIELDS}
  />
  {#if chosen.options}<Select label="New value" hideLabel class="w-44" empty="choose" options={chosen.options} bind:value />
  {:else}<Field label="New value" hideLabel class="w-44" figures placeholder="new value" bind:value />{/if}
  <Button type="submit" kind="primary" disabled={value.trim() === ''}>Change them all</Button>
  <Button kind="text" onclick={ondone}>Pick none</Button>
  {#if message}<p class="text-tight w-full" role="alert">{message}. Nothing was changed.</p>{/if}
</form>
