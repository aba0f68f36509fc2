<script lang="ts">
  import { format } from 'date-fns';
  import { KIND, ZONE, zoneSetFor, type Style } from '@chiave/core/fit';
  import type { PostRow } from '$lib/api/post-schema';
  import { KEPT, LEFT, OUTCOMES, RETURNED, UNDECIDED } from '$lib/api/outcomes';
  import type { TryRow } from '$lib/api/rows';
  import { dueWords } from '$lib/post-words';
  import { withFractions } from '$lib/size-fractions';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import WhyLeft from '$lib/ui/try/WhyLeft.svelte';

  /** A parcel: what went out, by when it goes back, what became of each pair and why. */
  let { post, styles, onchange }: { post: PostRow; styles: readonly Pick<Style, 'id' | 'name' | 'kind'>[]; onchange?: () => void } = $props();
  let message = $state('');
  const today = format(new Date(), 'yyyy-MM-dd');
  const styleOf = (id: string) => styles.find((s) => s.id === id);
  const zonesOf = (id: string) => {
    const style = styleOf(id);
    return style ? zoneSetFor(KIND[style.kind]).ids.filter((z) => ZONE[z].felt) : [];
  };
  // A pair in the post stays, or comes back.
  const ENDS = OUTCOMES.filter((o) => o.id !== LEFT);
  const open = $derived(post.pairs.some((p) => p.outcome === UNDECIDED));
  const late = $derived(open && post.dueOn !== null && post.dueOn < today);
  async function set(i: number, part: Partial<Pick<TryRow, 'outcome' | 'reason'>>): Promise<void> {
    const pair = post.pairs[i];
    const sent = await send(`/api/v1/tries/${pair.tryId}`, 'PATCH', { ...part, version: pair.version });
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) onchange?.();
  }
  async function remove(): Promise<void> {
    const sent = await send(`/api/v1/posts/${post.id}`, 'DELETE');
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) onchange?.();
  }
</script>

<Sheet class="!py-3" data-post={post.id}>
  <div class="flex flex-wrap items-baseline gap-x-3">
    <h3 class="mr-auto">
      Sent {format(new Date(post.sentOn), 'd MMMM')}{post.chance === null ? '' : `, ${Math.round(100 * post.chance)} of 100 that one fits`}
    </h3>
    {#if open}<b class={late ? 'text-tight-word' : ''}>{dueWords(post.dueOn, today)}</b>{:else}<span class="soft"
        >{post.pairs.filter((p) => p.outcome === KEPT).length} of {post.pairs.length} kept</span
      >{/if}
  </div>
  {#if post.check}<p class="soft leading-snug">Asked: {post.check}</p>{/if}
  <ul>
    {#each post.pairs as pair, i (pair.tryId)}
      <li class="grid gap-1 border-b border-line py-2 last:border-0">
        <p class="leading-tight">
          <b>{styleOf(pair.styleId)?.name ?? pair.styleId}</b> <span class="figures">{withFractions(pair.size)} {pair.width}</span>
          <span class="soft">told {Math.round(100 * pair.chance)} of 100</span>
        </p>
        <Choice
          name="post-{pair.tryId}"
          legend="What became of {styleOf(pair.styleId)?.name ?? pair.styleId} {pair.size} {pair.width}"
          hideLegend
          options={ENDS}
          value={pair.outcome}
          onchange={(outcome) => set(i, { outcome })}
        />
        {#if pair.outcome === RETURNED}<WhyLeft
            name="post-{pair.tryId}"
            reason={pair.reason}
            zones={zonesOf(pair.styleId)}
            onchange={(reason) => set(i, { reason })}
          />{/if}
      </li>
    {/each}
  </ul>
  {#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
  {#if post.pairs.every((p) => p.outcome === UNDECIDED)}<Button kind="text" class="!px-0" onclick={remove}>It never went out: take it away</Button>{/if}
</Sheet>
