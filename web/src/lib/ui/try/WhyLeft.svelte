<script lang="ts">
  import { ZONE, type ZoneId } from '@chiave/core/fit';
  import { SIDES, type Side } from '@chiave/core/measure';
  import { RETURN_REASONS } from '$lib/api/outcomes';
  import type { TryRow } from '$lib/api/rows';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';

  /** Why a pair was left or came back: a reason of the fit teaches, looks and price do not. @prop name keeps the radios of pairs apart */
  let { name, reason, zones, onchange }: { name: string; reason: TryRow['reason']; zones: readonly ZoneId[]; onchange: (reason: TryRow['reason']) => void } =
    $props();
  const ofFit = $derived(reason !== null && RETURN_REASONS.some((r) => r.id === reason.code && (r.fit || r.id === 'other-won')));
</script>

<div class="flex flex-wrap items-end gap-2">
  <Choice
    name="why-{name}"
    legend="What decided"
    hideLegend
    options={RETURN_REASONS}
    value={reason?.code ?? null}
    onchange={(code) => onchange({ ...reason, code })}
    onclear={() => onchange(null)}
  />
  {#if reason && ofFit}
    <Select
      label="Where"
      class="w-56"
      empty="nowhere in particular"
      options={zones.map((id) => ({ id, name: ZONE[id].name }))}
      value={reason.zone ?? ''}
      onchange={(e: Event & { currentTarget: HTMLSelectElement }) =>
        onchange({ code: reason.code, side: reason.side, zone: (e.currentTarget.value as ZoneId) || undefined })}
    />
    <Select
      label="Foot"
      class="w-32"
      empty="both"
      options={SIDES.map((id) => ({ id, name: id }))}
      value={reason.side ?? ''}
      onchange={(e: Event & { currentTarget: HTMLSelectElement }) =>
        onchange({ code: reason.code, zone: reason.zone, side: (e.currentTarget.value as Side) || undefined })}
    />
  {/if}
</div>
