<script lang="ts">
  /** A measuring tape along a line: brass, its edges dark, ticked. @prop d the path it lies on */
  let { d, width = 15 }: { d: string; width?: number } = $props();
</script>

<path {d} fill="none" stroke="#6d4d12" stroke-width={width + 2.5} />
<path {d} fill="none" stroke="#e2c06c" stroke-width={width} />
<path {d} fill="none" stroke="#4d360c" stroke-width={width * 0.55} stroke-dasharray="1.2 4.4" />
<path {d} fill="none" stroke="#e2c06c" stroke-width={width * 0.28} />
