<script lang="ts">
  /**
   * A scan in space with the tapes that were laid round it: turned by touch, the chosen tape dragged along its plane where that is wanted.
   * @prop shown what was scanned; null while there is nothing
   * @prop look where it is looked at from; another one, even from the same place, turns it there again
   * @prop label what it is, for those who do not see it
   * @prop ondrag told by how much more the chosen tape is dragged, mm; left out where tapes stay
   * @prop without what is left to do where the browser draws nothing in space
   */
  import { onMount } from 'svelte';
  import type { ScanScene, ScanShown, ShownValues } from '$lib/scan/scene';
  import type { ScanViewId } from '$lib/scan/views';
  import Notice from './Notice.svelte';

  // prettier-ignore
  let { shown, values, chosen, look, label, tall = 'h-[24rem]', ondrag, without }: {
    shown: ScanShown | null; values: ShownValues; chosen: string | null; look: { from: ScanViewId }; label: string; tall?: string;
    ondrag?: (byMm: number) => void; without: string;
  } = $props();
  let canvas = $state<HTMLCanvasElement>();
  let scene = $state.raw<ScanScene | null>(null);
  let trouble = $state('');

  onMount(() => {
    let watch: ResizeObserver | undefined;
    let gone = false;
    void (async () => {
      const { ScanScene } = await import('$lib/scan/scene');
      if (gone) return;
      const style = getComputedStyle(canvas!);
      const colour = (name: string) => style.getPropertyValue(`--color-${name}`).trim();
      const colours = { skin: colour('skin'), tape: colour('ink-soft'), chosen: colour('brass-line'), grid: colour('line') };
      try {
        scene = new ScanScene(canvas!, colours, ondrag ? (byMm) => ondrag(byMm) : null);
        watch = new ResizeObserver(() => scene?.fit());
        watch.observe(canvas!);
      } catch {
        trouble = `This browser draws nothing in space: ${without}`;
      }
    })();
    return () => {
      gone = true;
      watch?.disconnect();
      scene?.close();
    };
  });
  $effect(() => {
    if (scene && shown) scene.show(shown);
  });
  $effect(() => {
    if (scene && shown) scene.lay(values, chosen);
  });
  $effect(() => {
    if (shown) scene?.look(look.from);
  });
</script>

{#if trouble}<Notice class="mt-2" tone="caution" role="status">{trouble}</Notice>{/if}
<div class="mt-2" class:hidden={trouble !== ''} role="img" aria-label={label}>
  <canvas bind:this={canvas} class="w-full touch-none rounded {tall}" data-scan-drawn={scene !== null && shown !== null}></canvas>
</div>
