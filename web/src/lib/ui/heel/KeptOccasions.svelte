<script lang="ts">
  import type { OccasionRow } from '$lib/api/occasion-schema';
  import { send, type SaveError } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import { untrack } from 'svelte';
  import type { Occasion } from './occasion.svelte';

  /** Occasions kept with the person whose foot stands here. */
  let { occasion }: { occasion: Occasion } = $props();
  let kept = $state.raw<OccasionRow[]>([]);
  let openId = $state<number | null>(null);
  let name = $state('');
  let message = $state('');
  const opened = $derived(kept.find((k) => k.id === openId));

  async function read(personId: number): Promise<void> {
    const sent = await send<{ occasions: OccasionRow[] }>(`/api/v1/customers/${personId}/occasions`, 'GET');
    if (occasion.person?.id !== personId) return;
    if (sent.ok) kept = sent.value.occasions;
    else message = sent.detail;
  }
  $effect(() => {
    const person = occasion.person;
    untrack(() => {
      [kept, openId, message] = [[], null, ''];
      if (person) void read(person.id);
    });
  });
  const wrong = (detail: string, errors: readonly SaveError[]): string => (errors[0] ? `${errors[0].path || 'plan'}: ${errors[0].message}` : detail);
  async function keep(): Promise<void> {
    const personId = occasion.person!.id;
    const body = { name: name.trim(), plan: occasion.body() };
    const sent = opened
      ? await send<{ id: number }>(`/api/v1/occasions/${opened.id}`, 'PUT', { ...body, version: opened.version })
      : await send<{ id: number }>(`/api/v1/customers/${personId}/occasions`, 'POST', body);
    message = sent.ok ? '' : wrong(sent.detail, sent.errors);
    await read(personId);
    if (sent.ok) openId = sent.value.id;
  }
  async function remove(): Promise<void> {
    const sent = await send(`/api/v1/occasions/${openId}`, 'DELETE');
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) openId = null;
    await read(occasion.person!.id);
  }
  function open(id: number | null): void {
    openId = id;
    const found = kept.find((k) => k.id === id);
    name = found?.name ?? '';
    if (found) occasion.take(structuredClone(found.plan));
  }
</script>

{#if occasion.person}
  <div class="flex flex-wrap items-end gap-2" data-kept-occasions>
    <Select
      label="Kept with {occasion.person.name}"
      class="w-64"
      empty={kept.length === 0 ? 'none yet' : 'a new one'}
      options={kept.map((k) => ({ id: String(k.id), name: k.name }))}
      value={openId === null ? '' : String(openId)}
      onchange={(e) => open(e.currentTarget.value === '' ? null : Number(e.currentTarget.value))}
    />
    <Field label="Called" class="w-64" maxlength={120} bind:value={name} placeholder="premiere on the terrace" />
    <Button onclick={keep} disabled={name.trim() === ''}>{opened ? 'Keep the change' : 'Keep this plan'}</Button>
    {#if opened}<Button kind="text" onclick={remove}>take it away</Button>{/if}
  </div>
{:else}<p class="soft text-sm">Choose whose foot it is for, and the plan can be kept with that person. Until then this device remembers it.</p>{/if}
{#if message}<Notice class="mt-2" tone="caution" role="alert">Not kept: {message}</Notice>{/if}
