<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { send } from '../save.svelte';
  import { smaller } from './smaller-picture';

  /** Close-ups kept with a style: arch, toe, vamp and the rest. */
  let { styleId, photos }: { styleId: string; photos: readonly { id: number; shows: string; caption: string }[] } = $props();
  const SHOWS = ['whole', 'arch', 'toe', 'vamp', 'heel', 'sole', 'insole'] as const;
  let shows = $state<(typeof SHOWS)[number]>('arch');
  let caption = $state('');
  let message = $state('');
  async function take(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (!file) return;
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
  <label class="block w-32"
    ><span class="text-sm">Shows the</span><select class="field" bind:value={shows}
      >{#each SHOWS as s (s)}<option value={s}>{s}</option>{/each}</select
    ></label
  >
  <label class="block w-48"><span class="text-sm">Caption</span><input class="field" maxlength="200" bind:value={caption} /></label>
  <label class="inline-flex min-h-11 cursor-pointer items-center rounded border border-line bg-white px-3"
    >Photograph<input type="file" accept="image/*" class="sr-only" onchange={take} /></label
  >
</div>
{#if message}<p class="caution mt-2" role="alert">{message}</p>{/if}
<div class="mt-2 grid grid-cols-2 gap-2 md:grid-cols-3" data-photos>
  {#each photos as p (p.id)}
    <figure class="border border-line bg-white p-1">
      <img src="/api/v1/photos/{p.id}" alt="{p.shows}{p.caption ? `: ${p.caption}` : ''}" class="aspect-[4/3] w-full object-contain" loading="lazy" />
      <figcaption class="flex items-center text-sm">
        <span class="mr-auto">{p.shows}{p.caption ? `: ${p.caption}` : ''}</span><button type="button" class="min-h-9 underline" onclick={() => remove(p.id)}
          >remove</button
        >
      </figcaption>
    </figure>
  {:else}<p class="soft">None yet.</p>{/each}
</div>
