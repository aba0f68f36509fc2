<script lang="ts">
  /** Left or right: letter, hue and place. @prop word adds the word */
  let { side, word = false, class: className = '' }: { side: 'left' | 'right'; word?: boolean; class?: string } = $props();
</script>

<b class="{side === 'left' ? 'side-L' : 'side-R'} {className}">{side === 'left' ? 'L' : 'R'}{word ? ` ${side}` : ''}</b>
