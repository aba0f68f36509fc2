<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLAttributes } from 'svelte/elements';
  import Card from 'flowbite-svelte/Card.svelte';

  /** A sheet of the page: what belongs together. @prop heading its heading, which names it */
  let {
    heading,
    children,
    class: className,
    ...rest
  }: Omit<HTMLAttributes<HTMLDivElement>, 'class'> & { heading?: string; children: Snippet; class?: string } = $props();
  const id = $props.id();
</script>

<Card
  {...rest as object}
  shadow={undefined}
  size="xl"
  role={rest.role ?? (heading || rest['aria-label'] || rest['aria-labelledby'] ? 'region' : undefined)}
  aria-labelledby={heading ? id : rest['aria-labelledby']}
  class={className}
>
  {#if heading}<h2 {id}>{heading}</h2>{/if}
  {@render children()}
</Card>
