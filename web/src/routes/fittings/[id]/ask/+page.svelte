<script lang="ts">
  import Choices from '$lib/ui/kit/Choices.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import UseAsk from '$lib/ui/use/UseAsk.svelte';
  import HowWorn from '$lib/ui/fitting/HowWorn.svelte';
  import { KIND_CHOICES } from '$lib/ui/fitting/names';
  import Area from '$lib/ui/kit/Area.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { GROUNDS, type GroundId } from '@chiave/core/heel';

  const desk = getDesk();
  const f = $derived(desk.fitting);
</script>

<svelte:head><title>Ask · {f.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Ask</h1>

<div class="grid gap-4 lg:grid-cols-2">
  <div class="grid content-start gap-4">
    <UseAsk {desk} />
    <Sheet class="grid content-start gap-4" heading="What for">
      <Field
        label="Purpose"
        value={f.purpose}
        maxlength={300}
        oninput={(e) => desk.patch({ purpose: e.currentTarget.value })}
        placeholder="where, how long, with what"
      />
      <Choices legend="Kinds of shoe" options={KIND_CHOICES} chosen={f.kinds} onchange={(kinds) => desk.patch({ kinds })} />
      <Select
        label="Worn on: what ground"
        empty="not asked"
        options={GROUNDS}
        value={f.ground}
        onchange={(e) => desk.patch({ ground: e.currentTarget.value as GroundId | '' })}
      />
      <p class="soft -mt-2 text-sm">With it every heel is told with how it stands there: lawn, stage, cobbles, grating.</p>
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
  </div>

  <HowWorn {desk} />
</div>
