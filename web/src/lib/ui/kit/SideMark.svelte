<script lang="ts">
  import { SIDE_LETTER } from '@chiave/core/measure';
  /** Left or right: a flag with its letter, its tail towards its line; hue and place besides. @prop word adds the word */
  let { side, word = false, class: className = '' }: { side: 'left' | 'right'; word?: boolean; class?: string } = $props();
  const letter = $derived(SIDE_LETTER[side]);
</script>

<b class="side-{letter} {className}"><span class="flag">{letter}</span>{word ? ` ${side}` : ''}</b>

<style>
  .flag {
    display: inline-block;
    min-width: 1.7em;
    padding: 0 0.3em 0.22em;
    background: currentColor;
    font-size: 0.82em;
    line-height: 1.35;
    text-align: center;
    -webkit-text-fill-color: var(--color-sheet);
    clip-path: polygon(0 0, 100% 0, 100% 100%, 66% 84%, 0 84%);
  }
  :global(.side-R) > .flag {
    clip-path: polygon(0 0, 100% 0, 100% 84%, 34% 84%, 0 100%);
  }
  @media print, (forced-colors: active) {
    .flag {
      background: none;
      -webkit-text-fill-color: currentColor;
      clip-path: none;
    }
  }
</style>
