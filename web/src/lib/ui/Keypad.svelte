<script lang="ts">
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

<div class="sheet !p-2" role="group" aria-label="Keypad">
  <p class="soft mb-1 text-sm">{where}</p>
  <div class="grid grid-cols-8 gap-1">
    {#each KEYS as key (key)}
      <button
        type="button"
        class="min-h-11 rounded border border-line bg-white text-lg {key === 'next' ? 'col-span-2 !text-base' : ''}"
        aria-label={NAMES[key] ?? key}
        onmousedown={(e) => e.preventDefault()}
        onclick={() => onkey(key)}>{key === '-' ? '−' : key}</button
      >
    {/each}
  </div>
</div>
