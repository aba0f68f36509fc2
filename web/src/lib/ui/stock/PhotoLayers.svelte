<script lang="ts">
  import { parseLength } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { layByRuler, type ScaledPhoto } from '$lib/drawing/scaled-photo';
  import { smaller } from './smaller-picture';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Slider from '$lib/ui/kit/Slider.svelte';

  /** Photographs with a ruler in them, scaled by it and laid on the bench like an outline. */
  let { photos = $bindable([]) }: { photos?: ScaledPhoto[] } = $props();
  const PLACES = ['one end of a known length on the ruler', 'its other end', 'the back of the heel', 'the tip of the toe'] as const;
  let picture = $state<{ href: string; width: number; height: number } | null>(null);
  let places = $state.raw<Point[]>([]);
  let known = $state('100');
  let message = $state('');

  async function take(file: File): Promise<void> {
    const read = await smaller(file);
    message = typeof read === 'string' ? read : '';
    if (typeof read === 'string') return;
    picture = { href: `data:image/jpeg;base64,${read.base64}`, width: read.width, height: read.height };
    places = [];
  }
  function point(event: PointerEvent & { currentTarget: SVGSVGElement }): void {
    if (!picture || places.length >= PLACES.length) return;
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(event.currentTarget.getScreenCTM()!.inverse());
    places = [...places, { x: p.x, y: p.y }];
  }
  function lay(): void {
    if (!picture) return;
    const length = parseLength(known, 'mm');
    if (!length.ok) {
      message = 'Write the length on the ruler as 100, 10 cm or 4 in.';
      return;
    }
    try {
      photos = [...photos, { ...picture, opacity: 0.6, matrix: layByRuler([places[0], places[1]], length.mm, places[2], places[3]) }];
      picture = null;
      message = '';
    } catch (error) {
      message = `${error instanceof Error ? error.message : String(error)}: point again.`;
      places = [];
    }
  }
</script>

<Fold class="print:hidden" heading="Photographs with a ruler in them">
  <p class="soft text-sm">
    Taken from straight above, sole side down, laces out of the way. Judge no waist by a stitched-down edge: it stands out about twice as far.
  </p>
  <div class="mt-2 flex flex-wrap items-end gap-2">
    <FileButton accept="image/*" onfile={take}>Photograph</FileButton>
    {#each photos as photo, i (photo.href)}
      <Slider
        label="Photograph {i + 1}, strength"
        class="w-40"
        low={0}
        high={1}
        step={0.05}
        value={photo.opacity}
        oninput={(opacity) => (photos = photos.map((p, k) => (k === i ? { ...p, opacity } : p)))}
      />
      <Button kind="text" onclick={() => (photos = photos.filter((_, k) => k !== i))}>remove {i + 1}</Button>
    {/each}
  </div>
  {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
  {#if picture}
    <Notice class="mt-2" role="status">
      {places.length < PLACES.length ? `Point at ${PLACES[places.length]}.` : 'All four places are marked.'}
      <Button class="ml-2" kind="text" onclick={() => (places = [])}>Begin again</Button>
    </Notice>
    <svg
      viewBox="0 0 {picture.width} {picture.height}"
      class="max-h-[50vh] w-full cursor-crosshair touch-none"
      role="img"
      aria-label="The photograph: point at the four places"
      onpointerdown={point}
    >
      <image href={picture.href} width={picture.width} height={picture.height} />
      {#each places as p, i (i)}
        <circle cx={p.x} cy={p.y} r={picture.width / 90} fill="none" stroke="#a8451a" stroke-width={picture.width / 300} />
      {/each}
    </svg>
    <div class="mt-2 flex flex-wrap items-end gap-2">
      <Field label="Between the ruler's two, length" figures class="w-44" bind:value={known} />
      <Button kind="primary" disabled={places.length < PLACES.length} onclick={lay}>Lay it down</Button>
    </div>
  {/if}
</Fold>
