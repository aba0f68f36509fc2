<script lang="ts">
  import {
    footInState,
    heelSpreadShare,
    LOADS,
    readTooEarly,
    signedNumber,
    SOCK,
    sockOf,
    SOCKS,
    trimNumber,
    WORN_TIMES,
    type Foot
  } from '@chiave/core/measure';
  import { format } from 'date-fns';
  import { conditionsOf } from '$lib/fit-feet';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import DayChart from './DayChart.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import { fitterName } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import TickBox from '$lib/ui/kit/TickBox.svelte';
  import TimeField from '$lib/ui/fitting/TimeField.svelte';

  /** In what state the feet are read, in what state the shoes are worn, and every step between with its amount. */
  let { desk, foot }: { desk: Desk; foot: Foot | undefined } = $props();
  const f = $derived(desk.fitting);
  const conditions = $derived(conditionsOf(f));
  const steps = $derived(foot ? footInState(foot, conditions).steps : []);
  let fitter = $state(fitterName.get());
  const toggle = (id: (typeof steps)[number]['id']) =>
    desk.patch({ stateOff: f.stateOff.includes(id) ? f.stateOff.filter((s) => s !== id) : [...f.stateOff, id] });
</script>

<Sheet class="grid gap-3" heading="The state of the foot">
  <div class="flex flex-wrap items-end gap-2">
    <TimeField label="Measured at" class="w-40" placeholder="not noted" value={f.measuredAt} onchange={(measuredAt) => desk.patch({ measuredAt })} />
    <Button onclick={() => desk.patch({ measuredAt: format(new Date(), 'HH:mm') })}>Now</Button>
    <Field
      label="By whom"
      class="w-40"
      maxlength={60}
      value={fitter}
      placeholder="who measures"
      onchange={(e) => {
        fitter = e.currentTarget.value;
        fitterName.set(fitter);
      }}
    />
    <div class="w-32">
      <NumberField label="Weight" unit="kg" value={f.weightKg} low={2} high={400} step={1} onchange={(v) => desk.patch({ weightKg: v })} />
    </div>
  </div>
  <Choice name="load" legend="Read" options={LOADS} value={f.measuredLoad} onchange={(v) => desk.readAs({ measuredLoad: v })} />
  <Choice
    name="sock-read"
    legend="In this sock"
    options={SOCKS}
    value={sockOf(f.measuredSockMm)}
    onchange={(id) => desk.readAs({ measuredSockMm: SOCK[id].mm })}
  />
  <Choice
    name="sock-measure"
    legend="Sock it will be worn with"
    options={SOCKS}
    value={sockOf(f.sockMm)}
    onchange={(id) => desk.patch({ sockMm: SOCK[id].mm })}
  />
  <Choice
    name="worn-measure"
    legend="Worn in the"
    options={WORN_TIMES}
    value={WORN_TIMES.find((w) => w.id === f.wornAt)?.id ?? null}
    onchange={(wornAt) => desk.patch({ wornAt })}
    onclear={() => desk.patch({ wornAt: '' })}
  />
  <div class="flex flex-wrap gap-4">
    <Check checked={f.measuredWarm} onchange={(e) => desk.patch({ measuredWarm: e.currentTarget.checked })}>read after hours on the feet or in the heat</Check>
    <Check checked={f.wornWarm} onchange={(e) => desk.patch({ wornWarm: e.currentTarget.checked })}>worn through a warm or long day</Check>
  </div>
  {#if readTooEarly(conditions)}
    <Notice role="status">Read early for shoes worn later: the foot is yet to grow. The sums allow for it; measuring again in the afternoon is surer.</Notice>
  {/if}
  {#if foot}
    {#if steps.length > 0}
      <Table data-state>
        <thead>
          <tr class="border-b border-ink text-left"
            ><th scope="col">from read to worn, mm</th><th scope="col">length</th><th scope="col">width</th><th scope="col">girth</th><th scope="col">on</th
            ></tr
          >
        </thead>
        <tbody>
          {#each steps as s (s.id)}
            <tr class="border-b border-line" class:opacity-60={!s.on}>
              <th scope="row" class="py-1 pr-2 text-left font-semibold"
                >{s.what}<span class="soft block text-xs font-normal">{s.sdMm > 0 ? `± ${trimNumber(s.sdMm)} mm; ` : ''}{s.source}</span></th
              >
              <td class="figures">{signedNumber(s.lengthMm)}</td>
              <td class="figures">{signedNumber(s.widthMm)}</td>
              <td class="figures">{signedNumber(s.girthMm)}</td>
              <td><TickBox label="{s.what} counts" checked={s.on} onchange={() => toggle(s.id)} /></td>
            </tr>
          {/each}
        </tbody>
      </Table>
    {:else}<p class="soft text-sm">Nothing known changes the foot between reading and wearing.</p>{/if}
    <p class="soft text-sm">
      On a heel the ball spreads and the foot runs forward: {[50, 75]
        .map((drop) => `${trimNumber(heelSpreadShare(drop) * foot.values.ballGirthMm.mm)} mm of girth at ${drop} mm of drop`)
        .join(', ')} (estimate). No shoe is chosen here; each shoe's own heel is counted in its fit.
    </p>
    <DayChart {foot} {conditions} />
  {/if}
</Sheet>
