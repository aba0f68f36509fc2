<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLAnchorAttributes, HTMLButtonAttributes } from 'svelte/elements';
  import Flowbite from 'flowbite-svelte/Button.svelte';
  import clsx from 'clsx';

  type Kind = 'primary' | 'plain' | 'text' | 'danger';
  const LOOKS: Record<Kind, string> = {
    primary: 'border-0 border-b-[3px] border-solid border-brass-bright bg-ink font-semibold text-sheet no-underline hover:bg-[#40372f] hover:text-sheet',
    plain: 'border border-solid border-edge bg-sheet font-normal text-ink no-underline hover:bg-brass-pale hover:text-ink',
    text: 'border-0 bg-transparent px-2 font-normal text-ink underline underline-offset-2 hover:bg-brass-pale hover:text-ink',
    danger: 'border border-solid border-tight bg-sheet font-normal text-tight-word hover:bg-tight-tint hover:text-tight-word'
  };
  /**
   * What is done when it is pressed. One button of a page is primary: the dark one.
   * @prop kind primary (dark), plain (outlined), text (a word), danger (what cannot be taken back)
   * @prop pressed for a button that stays down
   */
  // prettier-ignore
  let {
    kind = 'plain', pressed, class: className, children, ...rest
  }: Omit<HTMLButtonAttributes, 'class'> & Pick<HTMLAnchorAttributes, 'href' | 'download' | 'target' | 'rel'> & { kind?: Kind; pressed?: boolean; class?: string; children: Snippet } = $props();
</script>

<Flowbite
  color="light"
  {...rest as object}
  aria-pressed={pressed}
  class={clsx(LOOKS[kind], pressed && 'border-[1.5px] border-brass-line bg-brass-pale font-semibold', className)}>{@render children()}</Flowbite
>
