<script lang="ts">
  import { CLOSE_UPS, type CloseUp } from '@chiave/core/attributes';
  import { invalidateAll } from '$app/navigation';
  import { send } from '$lib/send/save.svelte';
  import { smaller } from './smaller-picture';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';

  /** Close-ups kept with a style: arch, toe, vamp and the rest. */
  let { styleId, photos }: { styleId: string; photos: readonly { id: number; shows: string; caption: string }[] } = $props();
  let shows = $state<CloseUp>('arch');
  let caption = $state('');
  let message = $state('');
  async function take(file: File): Promise<void> {
    const picture = await smaller(file);
    if (typeof picture === 'string') {
      message = picture;
      return;
    }
    const sent = await send(`/api/v1/styles/${styleId}/photos`, 'POST', { shows, caption, mime: 'image/jpeg', content: picture.base64 });
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) {
      caption = '';
      await invalidateAll();
    }
  }
  async function remove(id: number): Promise<void> {
    const sent = await send(`/api/v1/photos/${id}`, 'DELETE');
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) await invalidateAll();
  }
</script>

<div class="flex flex-wrap items-end gap-2">
  <Select label="Shows the" class="w-32" bind:value={shows}
    >{#each CLOSE_UPS as s (s)}<option value={s}>{s}</option>{/each}</Select
  >
  <Field label="Caption" class="w-48" maxlength={200} bind:value={caption} />
  <FileButton accept="image/*" onfile={take}>Photograph</FileButton>
</div>
{#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
<div class="mt-2 grid grid-cols-2 gap-2 md:grid-cols-3" data-photos>
  {#each photos as p (p.id)}
    <figure class="border border-line bg-white p-1">
      <img src="/api/v1/photos/{p.id}" alt="{p.shows}{p.caption ? `: ${p.caption}` : ''}" class="aspect-[4/3] w-full object-contain" loading="lazy" />
      <figcaption class="flex items-center text-sm">
        <span class="mr-auto">{p.shows}{p.caption ? `: ${p.caption}` : ''}</span><Button kind="text" onclick={() => remove(p.id)}>remove</Button>
      </figcaption>
    </figure>
  {:else}<p class="soft">None yet.</p>{/each}
</div>
