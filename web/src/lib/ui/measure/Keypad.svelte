<script lang="ts">
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  /** Keys for the thumb: figures, and for the right foot the same as the left or a little more or less. */
  let { where, onkey }: { where: string; onkey: (key: string) => void } = $props();
  const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '=', '+', '-', '⌫', 'next'] as const;
  const NAMES: Readonly<Record<string, string>> = {
    '=': 'same as left',
    '+': 'more than left',
    '-': 'less than left',
    '⌫': 'take back a figure',
    next: 'next field'
  };
</script>

<Sheet class="!p-2" role="group" aria-label="Keypad">
  <p class="soft mb-1 text-sm">{where}</p>
  <div class="grid grid-cols-8 gap-1">
    {#each KEYS as key (key)}
      <Button
        class="px-1 {key === 'next' ? 'col-span-2' : 'text-xl'}"
        aria-label={NAMES[key] ?? key}
        onmousedown={(e) => e.preventDefault()}
        onclick={() => onkey(key)}>{key === '-' ? '−' : key}</Button
      >
    {/each}
  </div>
</Sheet>
