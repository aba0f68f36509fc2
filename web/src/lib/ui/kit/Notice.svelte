<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLAttributes } from 'svelte/elements';
  import Alert from 'flowbite-svelte/Alert.svelte';
  import clsx from 'clsx';

  const LOOKS = { note: 'border-[#e6d09a] bg-[#fbf2dd] text-ink', caution: 'border-[#eab9a2] border-s-4 border-s-tight bg-tight-tint text-ink' } as const;
  /** What to know (note) or to watch (caution). @prop role alert or status where it appears later; none where it belongs to the page */
  // prettier-ignore
  let {
    tone = 'note', children, class: className, role, ...rest
  }: Omit<HTMLAttributes<HTMLDivElement>, 'class'> & { tone?: keyof typeof LOOKS; children: Snippet; class?: string } = $props();
</script>

<Alert {...rest as object} role={role ?? 'none'} params={{ duration: 0 }} rounded={false} class={clsx(LOOKS[tone], className)}>{@render children()}</Alert>
