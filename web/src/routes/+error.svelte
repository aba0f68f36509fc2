<script lang="ts">
  import { page } from '$app/state';
</script>

<h1>{page.status === 404 ? 'Not here' : page.status === 503 ? 'The database does not answer' : 'Something failed'}</h1>
<p class="mt-2">{page.error?.message}</p>
{#if page.error?.id}<p class="figures soft">{page.error.id}</p>{/if}
<p class="mt-4"><a href={page.url.pathname} data-sveltekit-reload>Try again</a> · <a href="/">People</a></p>
