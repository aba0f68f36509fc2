<script lang="ts">
  import type { Me } from '$lib/api/door-schema';
  import { ROLE } from '$lib/roles';

  /** Who is signed in on this device, and the way to their account. */
  let { me }: { me: Me } = $props();
  const open = $derived(me.accountId === null);
  const role = $derived(ROLE[me.role].name.toLowerCase());
</script>

<a
  href={open ? '/accounts' : '/account'}
  class="flex min-h-11 items-center rounded-lg border border-edge px-2.5 leading-tight !text-sheet no-underline"
  title={open ? 'The demo is open to this machine only, as its owner. Make an account and everybody signs in.' : `Signed in as ${me.name}, ${role}`}
  >{open ? 'Demo, open' : me.name}<span class="sr-only">, {role}</span></a
>
