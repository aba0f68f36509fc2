<script lang="ts">
  import type { Foot } from '@chiave/core/measure';
  import SmallFeet from './SmallFeet.svelte';

  /** What stands while something is worked out for these feet: they themselves, faded, over a ticking rule. */
  let { feet, words }: { feet: readonly Foot[]; words: string } = $props();
</script>

<div class="mt-4 text-center">
  <div class="opacity-60"><SmallFeet {feet} height={380} /></div>
  <div class="ticking" aria-hidden="true"></div>
  <p class="soft mt-1" role="status">{words}</p>
</div>

<style>
  .ticking {
    width: 14rem;
    height: 11px;
    margin: 0.6rem auto 0;
    border: 1px solid var(--color-rule-edge);
    background:
      repeating-linear-gradient(90deg, var(--color-rule-ink) 0 1px, transparent 1px 6px) 0 0 / 200% 5px no-repeat,
      linear-gradient(var(--color-rule-light), var(--color-rule));
    animation: tick 1.2s steps(10) infinite;
  }
  @keyframes tick {
    to {
      background-position:
        -60px 0,
        0 0;
    }
  }
  @media (prefers-reduced-motion: reduce) {
    .ticking {
      animation: none;
    }
  }
</style>
