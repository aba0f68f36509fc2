<script lang="ts">
  import type { Snippet } from 'svelte';
  import Modal from 'flowbite-svelte/Modal.svelte';

  /** A question or a list over the page; Escape and the cross close it. */
  let { open = $bindable(false), heading, children }: { open?: boolean; heading: string; children: Snippet } = $props();
</script>

<Modal bind:open title={heading} size="md">{@render children()}</Modal>
