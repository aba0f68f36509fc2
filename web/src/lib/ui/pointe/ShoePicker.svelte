<script lang="ts">
  import { GRADE, GRADES, sizesOf, type GradeId } from '@chiave/core/pointe';
  import Select from '$lib/ui/kit/Select.svelte';
  import { withFractions } from '$lib/size-fractions';
  import type { PointeBench, ShoeName } from './pointe-bench.svelte';

  /** Which shoe is looked at: model, size, width mark, grade of its shank. */
  let { bench }: { bench: PointeBench } = $props();
  const name = $derived(bench.shoe);
  const model = $derived(bench.models.find((m) => m.id === name?.modelId));
  const grades = $derived(model ? GRADES.map((g) => ({ id: g.id, name: model.grades.includes(g.id) ? g.name : `${g.name}, to order` })) : []);
  const set = (over: Partial<ShoeName>): void => bench.look({ ...name!, ...over });
  const makerModels = $derived(bench.models.map((m) => ({ id: m.id, name: `${m.name}, ${m.maker.name}` })));
</script>

<Select
  label="Model"
  hideLabel
  class="w-56"
  empty={model ? undefined : 'choose a model'}
  options={makerModels}
  value={name?.modelId ?? ''}
  onpick={(id) => bench.look(bench.nearest(id))}
/>
{#if model && name}
  <Select
    label="Size"
    hideLabel
    class="w-22"
    options={sizesOf(model.maker).map((s) => ({ id: String(s), name: withFractions(String(s)) }))}
    value={String(name.size)}
    onpick={(id) => set({ size: Number(id) })}
  />
  <Select
    label="Width mark"
    hideLabel
    class="w-24"
    options={model.maker.width.marks.map((id) => ({ id, name: id }))}
    value={name.mark}
    onpick={(mark) => set({ mark })}
  />
  <Select label="Shank" hideLabel class="w-40" options={grades} value={name.grade} onpick={(id: GradeId) => set({ grade: GRADE[id].id })} />
{/if}
