<script lang="ts">
  /**
   * How far something is that takes a while. The browser's own element: it is there at once, where a component made of style variants takes
   * the page as long as ranking a thousand shoes.
   * @prop what is under way, for who cannot see the bar
   */
  let { done, of, what }: { done: number; of: number; what: string } = $props();
</script>

<progress class="block h-2.5 w-full" value={done} max={Math.max(1, of)} aria-label={what}></progress>

<style>
  progress {
    appearance: none;
    overflow: hidden;
    border: 0;
    border-radius: 999px;
    background: var(--color-line);
  }
  progress::-webkit-progress-bar {
    background: var(--color-line);
  }
  progress::-webkit-progress-value {
    background: var(--color-brass);
  }
  progress::-moz-progress-bar {
    background: var(--color-brass);
  }
</style>
