<script lang="ts">
  import type { Me } from '$lib/api/door-schema';
  import { ROLE } from '$lib/roles';
  import { fitterName } from '$lib/send/save.svelte';

  /** Who is signed in on this device, and the way to their account; on a tablet by their initials. */
  let { me }: { me: Me } = $props();
  // Readings are stamped with whoever is signed in. Set before any page reads it; in the demo the device says its own.
  $effect.pre(() => {
    if (me.accountId !== null) fitterName.set(me.name);
  });
  const open = $derived(me.accountId === null);
  const name = $derived(open ? 'Demo, open' : me.name);
  const role = $derived(ROLE[me.role].name.toLowerCase());
  const initials = $derived(
    name
      .split(/\s+/)
      .map((part) => part[0])
      .slice(0, 2)
      .join('')
      .toUpperCase()
  );
</script>

<a
  href={open ? '/accounts' : '/account'}
  class="flex min-h-11 min-w-11 items-center justify-center rounded-lg border border-edge px-1.5 leading-tight whitespace-nowrap !text-sheet no-underline lg:max-w-32 lg:px-2.5"
  title={open ? 'The demo is open to this machine only, as its owner. Make an account and everybody signs in.' : `Signed in as ${me.name}, ${role}`}
  ><span class="truncate max-lg:sr-only">{name}</span><span class="sr-only">, {role}</span><span class="lg:hidden" aria-hidden="true">{initials}</span></a
>
