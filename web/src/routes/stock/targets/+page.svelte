<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import {
    KIND,
    KIND_ZONES,
    KINDS,
    ownTarget,
    ROOM_SHIFT,
    SHARED_TARGETS,
    ZONE,
    type Cuts,
    type KindId,
    type SharedZone,
    type ShopTargets
  } from '@chiave/core/fit';
  import { trimNumber } from '@chiave/core/measure';
  import { numberOrText } from '$lib/api/values';
  import { send, type SaveError } from '$lib/send/save.svelte';
  import { undoList } from '$lib/ui/stock/undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  let { data } = $props();
  const LETTERS = ['a', 'b', 'c', 'd'] as const;
  const NAMES = { a: 'too tight below', b: 'snug below', c: 'roomy above', d: 'too loose above' } as const;
  const SHARED = Object.keys(SHARED_TARGETS) as SharedZone[];
  let kind = $state<KindId>('sneaker');
  let errors = $state<SaveError[]>([]);
  let message = $state('');
  const EMPTY: ShopTargets = { kinds: {}, shared: {} };
  const textOf = (t: Cuts): string[] => LETTERS.map((l) => trimNumber(t[l], 2));
  /** What is typed, by `kinds.sneaker.instep` and `shared.waist`. */
  const typedFrom = (targets: ShopTargets | null): Record<string, string[]> => {
    const out: Record<string, string[]> = {};
    for (const k of KINDS) for (const zone of KIND_ZONES) out[`kinds.${k.id}.${zone}`] = textOf(targets?.kinds[k.id]?.[zone] ?? ownTarget(k.id, zone));
    for (const zone of SHARED) out[`shared.${zone}`] = textOf(targets?.shared[zone] ?? SHARED_TARGETS[zone]);
    return out;
  };
  let typed = $state(untrack(() => typedFrom(data.targets)));
  const oursAt = (path: string): Cuts => {
    const [group, a, b] = path.split('.');
    return group === 'shared' ? SHARED_TARGETS[a as SharedZone] : ownTarget(a as KindId, b as (typeof KIND_ZONES)[number]);
  };
  const changed = (path: string): boolean => typed[path].join(' ') !== textOf(oursAt(path)).join(' ');
  const errorOf = (path: string): string | undefined => errors.find((e) => e.path.startsWith(path))?.message;
  const rows = $derived([
    ...KIND_ZONES.map((zone) => ({ path: `kinds.${kind}.${zone}`, name: ZONE[zone].name, shared: false })),
    ...SHARED.map((zone) => ({ path: `shared.${zone}`, name: ZONE[zone].name, shared: true }))
  ]);
  const others = $derived(KINDS.filter((k) => k.id !== kind && KIND_ZONES.some((z) => changed(`kinds.${k.id}.${z}`))).map((k) => k.name));

  function bodyOf(): object {
    const cutsOf = (path: string): object => Object.fromEntries(LETTERS.map((l, i) => [l, numberOrText(typed[path][i])]));
    const kinds: Record<string, Record<string, object>> = {};
    for (const k of KINDS)
      for (const zone of KIND_ZONES) {
        const path = `kinds.${k.id}.${zone}`;
        if (changed(path)) (kinds[k.id] ??= {})[zone] = cutsOf(path);
      }
    return { kinds, shared: Object.fromEntries(SHARED.filter((z) => changed(`shared.${z}`)).map((z) => [z, cutsOf(`shared.${z}`)])) };
  }
  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const was = data.targets ?? EMPTY;
    const sent = await send('/api/v1/settings/targets', 'PUT', bodyOf());
    errors = sent.ok ? [] : sent.errors;
    message = sent.ok || sent.errors.length > 0 ? '' : sent.detail;
    if (!sent.ok) return;
    undoList.add('the shop’s targets', async () => {
      const back = await send('/api/v1/settings/targets', 'PUT', was);
      if (back.ok) typed = typedFrom(was);
      return back.ok ? { ok: true } : { ok: false, detail: back.detail };
    });
    await invalidateAll();
  }
</script>

<svelte:head><title>Targets · Chiave</title></svelte:head>
<form class="sheet" onsubmit={save} novalidate>
  <h1 class="text-2xl">How much room where</h1>
  <p class="soft text-sm">
    Millimetres of room, four cuts that rise. Ours are estimates except where marked; what this shop knows better goes in their place, and ours stay beside
    them. Decisions kept earlier keep what was said then. A child’s growth room is not lowered here.
  </p>
  <Select label="Kind of shoe" class="mt-2 max-w-72" bind:value={kind}
    >{#each KINDS as k (k.id)}<option value={k.id}>{k.name}</option>{/each}</Select
  >
  <p class="soft mt-1 text-sm">
    Marked: {KIND[kind].marks}{KIND[kind].note ? `; ${KIND[kind].note}` : ''}. Toe room is {KIND[kind].basis === 'inside'
      ? 'insole less foot'
      : 'to the first toe that touches'}.
    {#if KIND[kind].roomSchools}Schools of room move it, by choice in Ask: the runner’s by up to +{ROOM_SHIFT.runner.d} mm, the clinic’s by up to −{Math.abs(
        ROOM_SHIFT.clinic.d
      )} mm.{/if}
    {#if others.length > 0}Also set by this shop: {others.join(', ')}.{/if}
  </p>
  <div class="mt-2 overflow-x-auto">
    <Table data-targets>
      <thead>
        <tr class="border-b border-ink text-left"
          ><th scope="col">zone</th>{#each LETTERS as l (l)}<th scope="col" class="px-1">{NAMES[l]}</th>{/each}<th scope="col">ours</th></tr
        >
      </thead>
      <tbody>
        {#each rows as row (row.path)}
          <tr class="border-b border-line">
            <th scope="row" class="py-1 text-left {changed(row.path) ? 'font-semibold' : 'font-normal'}">{row.name}{row.shared ? ' (every kind)' : ''}</th>
            {#each LETTERS as l, i (l)}
              <td class="px-1 py-0.5"
                ><Field
                  class="w-24"
                  figures
                  label="{row.name}: {NAMES[l]}, mm"
                  hideLabel
                  bind:value={typed[row.path][i]}
                  aria-invalid={!!errorOf(row.path)}
                /></td
              >
            {/each}
            <td class="text-sm"
              >{#if changed(row.path)}<span class="figures soft">{textOf(oursAt(row.path)).join(' ')}</span>
                <Button kind="text" onclick={() => (typed[row.path] = textOf(oursAt(row.path)))}>as ours</Button>{/if}
              {#if errorOf(row.path)}<span class="text-tight block" role="alert">{errorOf(row.path)}</span>{/if}</td
            >
          </tr>
        {/each}
      </tbody>
    </Table>
  </div>
  {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
  <Button type="submit" class="mt-3" kind="primary">Keep these targets</Button>
</form>
