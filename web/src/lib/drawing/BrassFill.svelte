<script lang="ts">
  /** The brass of a rule, light from above, to be filled with by its id. */
  let { id }: { id: string } = $props();
</script>

<linearGradient {id} x1="0" y1="0" x2="0" y2="1"
  ><stop offset="0" stop-color="var(--color-rule-light)" /><stop offset="0.5" stop-color="var(--color-rule)" /><stop
    offset="1"
    stop-color="var(--color-brass-bright)"
  /></linearGradient
>
