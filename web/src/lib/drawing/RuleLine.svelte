<script lang="ts">
  import type { Mark } from './rule-readings';

  /** A stretch of the line that hangs down from a mark: solid, dashed or dotted as the mark is. */
  let { mark, here, x, from, to }: { mark: Mark; here: boolean; x: (mm: number) => number; from: number; to: number } = $props();
</script>

<line
  x1={x(mark.mm)}
  x2={x(mark.mm)}
  y1={from}
  y2={to}
  stroke={mark.colour}
  stroke-width={here ? 2.6 : 1.8}
  stroke-dasharray={mark.dash}
  stroke-dashoffset={from}
  pointer-events="none"
/>
