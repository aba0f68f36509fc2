<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import type { Last } from '@chiave/core/last';
  import { LAST_FIELDS, LAST_GROUPS, lastOfTexts, textsOfLast, type LastField } from '$lib/api/last-fields';
  import { lastChangeSchema, type LastChange } from '$lib/api/stock-schema';
  import { apiForm, firstOf } from '$lib/send/api-form';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import { undoList } from './undo.svelte';

  /**
   * The definition of a last: every figure with its unit; what is wrong is said beside it.
   * @prop proposed texts by their fields, which something else read: they are put in, and kept like what was typed
   */
  // prettier-ignore
  let { last, version, letters, proposed = null }: {
    last: Last & { version?: number }; version: number; letters: readonly string[]; proposed?: Readonly<Record<string, string>> | null;
  } = $props();
  let seen = untrack(() => version);

  // A form's field has no dots in its name.
  const keyOf = (path: string) => path.replaceAll('.', '_');
  const pathOf: Readonly<Record<string, string>> = Object.fromEntries(LAST_FIELDS.map((f) => [keyOf(f.path), f.path]));
  const DIGITS = 4;
  const typedOf = (l: Last): Record<string, string> => Object.fromEntries(Object.entries(textsOfLast(l, DIGITS)).map(([path, text]) => [keyOf(path), text]));
  const bodyOf = (typed: Record<string, string>): object => ({
    ...lastOfTexts(Object.fromEntries(Object.entries(typed).map(([key, text]) => [pathOf[key], text]))),
    id: last.id,
    maker: last.maker,
    ...(last.outline ? { outline: last.outline } : {})
  });
  const { form, errors, message, enhance } = apiForm<Record<string, string>, { version: number; before: LastChange }>({
    start: untrack(() => typedOf(last)),
    body: (typed) => ({ last: bodyOf(typed), version: seen }),
    schema: lastChangeSchema,
    method: 'PUT',
    url: () => `/api/v1/lasts/${last.id}`,
    fieldOf: (path) => keyOf(path.replace(/^last\./, '')),
    onsent: async (answer) => {
      seen = answer.version;
      undoList.addRequest(`the last ${last.name}`, `/api/v1/lasts/${last.id}`, 'PUT', answer.before);
      await invalidateAll();
    }
  });
  // Taken back or changed elsewhere: the form shows what is kept now.
  $effect(() => {
    if (version === seen) return;
    seen = version;
    form.set(typedOf(last));
  });
  $effect(() => {
    const fields = proposed;
    if (fields) untrack(() => form.update((typed) => ({ ...typed, ...Object.fromEntries(Object.entries(fields).map(([path, text]) => [keyOf(path), text])) })));
  });
  const optionsOf = (f: LastField) => (f.path === 'base.width' ? letters.map((id) => ({ id, name: id })) : f.options);
  const wrong = $derived(Object.values($errors).flat().filter(Boolean));
</script>

<form method="POST" use:enhance novalidate class="grid gap-3">
  {#each LAST_GROUPS as group (group.name)}
    <fieldset>
      <legend class="font-semibold">{group.name}</legend>
      <div class="grid grid-cols-2 items-start gap-2 md:grid-cols-4">
        {#each group.fields as f (f.path)}
          {@const key = keyOf(f.path)}
          {@const options = optionsOf(f)}
          {@const label = `${f.name}${f.unit ? `, ${f.unit}` : ''}`}
          {#if options}<Select {label} {options} bind:value={$form[key]} error={firstOf($errors[key])} />
          {:else}<Field {label} figures={f.kind === 'number'} bind:value={$form[key]} error={firstOf($errors[key])} />{/if}
        {/each}
      </div>
    </fieldset>
  {/each}
  {#if $message}<Notice tone="caution" role="alert">{$message}</Notice>{/if}
  {#if wrong.length > 0}<Notice tone="caution" role="alert">Not kept: {wrong.join('; ')}.</Notice>{/if}
  <div><Button type="submit" kind="primary">Keep this last</Button></div>
</form>
