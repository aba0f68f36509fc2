<script lang="ts">
  import { parseLength } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { layByRuler, type ScaledPhoto } from './scaled-photo';
  import { smaller } from './smaller-picture';

  /** Photographs with a ruler in them, scaled by it and laid on the bench like an outline. */
  let { photos = $bindable([]) }: { photos?: ScaledPhoto[] } = $props();
  const PLACES = ['one end of a known length on the ruler', 'its other end', 'the back of the heel', 'the tip of the toe'] as const;
  let picture = $state<{ href: string; width: number; height: number } | null>(null);
  let places = $state.raw<Point[]>([]);
  let known = $state('100');
  let message = $state('');

  async function take(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (!file) return;
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

<details class="sheet print:hidden">
  <summary class="min-h-11 content-center font-semibold">Photographs with a ruler in them</summary>
  <p class="soft text-sm">
    Taken from straight above, sole side down, laces out of the way. Judge no waist by a stitched-down edge: it stands out about twice as far.
  </p>
  <div class="mt-2 flex flex-wrap items-end gap-2">
    <label class="inline-flex min-h-11 cursor-pointer items-center rounded border border-line bg-white px-3"
      >Photograph<input type="file" accept="image/*" class="sr-only" onchange={take} /></label
    >
    {#each photos as photo, i (photo.href)}
      <label class="block w-40"
        ><span class="text-sm">Photograph {i + 1}, strength</span><input
          type="range"
          class="w-full"
          min="0"
          max="1"
          step="0.05"
          value={photo.opacity}
          oninput={(e) => (photos = photos.map((p, k) => (k === i ? { ...p, opacity: Number(e.currentTarget.value) } : p)))}
        /></label
      >
      <button type="button" class="min-h-11 underline" onclick={() => (photos = photos.filter((_, k) => k !== i))}>remove {i + 1}</button>
    {/each}
  </div>
  {#if message}<p class="caution mt-2" role="alert">{message}</p>{/if}
  {#if picture}
    <p class="notice mt-2" role="status">
      {places.length < PLACES.length ? `Point at ${PLACES[places.length]}.` : 'All four places are marked.'}
      <button type="button" class="ml-2 min-h-11 underline" onclick={() => (places = [])}>Begin again</button>
    </p>
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
      <label class="block w-44"><span class="text-sm">Between the ruler's two, length</span><input class="field figures" bind:value={known} /></label>
      <button type="button" class="min-h-11 rounded border-2 border-brass bg-white px-4 font-semibold" disabled={places.length < PLACES.length} onclick={lay}
        >Lay it down</button
      >
    </div>
  {/if}
</details>
