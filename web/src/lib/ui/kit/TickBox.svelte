<script lang="ts">
  /**
   * A bare tick in a cell, whose row or column names it. The browser's own: the library's makes two effects each, and a grid has one in every
   * row that scrolls by.
   */
  let { label, checked, onchange }: { label: string; checked: boolean; onchange: () => void } = $props();
</script>

<input type="checkbox" class="h-6 w-6 rounded-[4px] border-edge text-brass-line" aria-label={label} {checked} {onchange} />
