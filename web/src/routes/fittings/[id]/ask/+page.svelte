<script lang="ts">
  import Choices from '$lib/ui/kit/Choices.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import HowWorn from '$lib/ui/fitting/HowWorn.svelte';
  import { KIND_CHOICES } from '$lib/ui/fitting/names';
  import Area from '$lib/ui/kit/Area.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  const desk = getDesk();
  const f = $derived(desk.fitting);
</script>

<svelte:head><title>Ask · {f.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Ask</h1>

<div class="grid gap-4 lg:grid-cols-2">
  <Sheet class="grid content-start gap-4" heading="What for">
    <Field
      label="Purpose"
      value={f.purpose}
      maxlength={300}
      oninput={(e) => desk.patch({ purpose: e.currentTarget.value })}
      placeholder="where, how long, with what"
    />
    <Choices legend="Kinds of shoe" options={KIND_CHOICES} chosen={f.kinds} onchange={(kinds) => desk.patch({ kinds })} />
    <Area
      label="Worn now, and how it feels"
      rows={2}
      maxlength={2000}
      value={f.wearingNow}
      oninput={(e) => desk.patch({ wearingNow: e.currentTarget.value })}
    />
    <Area
      label="Trouble"
      rows={2}
      maxlength={2000}
      value={f.trouble}
      oninput={(e) => desk.patch({ trouble: e.currentTarget.value })}
      placeholder="where it rubs, what went numb, when"
    />
  </Sheet>

  <HowWorn {desk} />
</div>
