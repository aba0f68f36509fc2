<script lang="ts">
  import type { PeoplePage } from '../../api/rows';
  import { PeopleList } from './people-list.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';

  /** Chooses a person whose feet were measured, by what is typed. @prop first people offered before anything is typed @prop anybody those who were never measured too */
  // prettier-ignore
  let { label, hideLabel = false, first, chosen, onchoose, anybody = false }: {
    label: string; hideLabel?: boolean; anybody?: boolean; first: PeoplePage; chosen: { id: number; name: string } | null; onchoose: (person: { id: number; name: string } | null) => void;
  } = $props();
  const list = $derived(new PeopleList(first, !anybody));
  let open = $state(false);
  let typed = $state<string | null>(null);
  const id = $props.id();

  function choose(person: { id: number; name: string } | null): void {
    open = false;
    typed = null;
    onchoose(person);
  }
</script>

<div class="relative" onfocusout={(e) => !e.currentTarget.contains(e.relatedTarget as Node | null) && (open = false)}>
  <Field
    {label}
    {hideLabel}
    type="search"
    role="combobox"
    aria-expanded={open}
    aria-controls={id}
    aria-autocomplete="list"
    autocomplete="off"
    placeholder={hideLabel ? label : 'nobody’s'}
    value={typed ?? chosen?.name ?? ''}
    onfocus={() => (open = true)}
    oninput={(e) => {
      typed = e.currentTarget.value;
      open = true;
      list.search(typed);
      if (typed === '') onchoose(null);
    }}
    onkeydown={(e) => {
      if (e.key === 'Escape') choose(chosen);
      if (e.key === 'Enter' && list.found.length > 0) choose(list.found[0]);
    }}
  />
  {#if open}
    <ul {id} class="sheet absolute z-20 mt-1 max-h-72 w-full min-w-60 overflow-y-auto p-1" aria-label="{label}, found">
      {#each list.found as p (p.id)}
        <li><Button class="w-full text-left hover:underline" onclick={() => choose(p)}>{p.name}</Button></li>
      {:else}<li class="soft px-2">{anybody ? 'Nobody by that name.' : 'Nobody with measured feet by that name.'}</li>{/each}
    </ul>
  {/if}
</div>
