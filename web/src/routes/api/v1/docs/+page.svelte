<script lang="ts">
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  interface Schema {
    type?: string | string[];
    description?: string;
    enum?: unknown[];
    minimum?: number;
    maximum?: number;
    maxLength?: number;
    default?: unknown;
    properties?: Record<string, Schema>;
    required?: string[];
    items?: Schema;
    anyOf?: Schema[];
    $ref?: string;
    example?: unknown;
    examples?: unknown[];
  }
  interface Operation {
    summary: string;
    requestBody?: { content: { 'application/json': { schema: Schema } } };
    responses: Record<string, { description: string }>;
  }

  let { data } = $props();
  const document = $derived(
    data.document as {
      info: { description: string; version: string };
      paths: Record<string, Record<string, Operation>>;
      components?: { schemas?: Record<string, Schema> };
    }
  );
  const resolve = (schema: Schema): Schema => (schema.$ref ? (document.components?.schemas?.[schema.$ref.split('/').pop()!] ?? {}) : schema);
  const nameOf = (schema: Schema): string => schema.$ref?.split('/').pop() ?? '';

  function told(schema: Schema): string {
    if (schema.$ref) return nameOf(schema);
    if (schema.anyOf) return schema.anyOf.map(told).join(' or ');
    if (schema.enum) return schema.enum.join(' | ');
    if (schema.type === 'array') return `list of ${told(schema.items ?? {})}`;
    const range = schema.minimum !== undefined && schema.maximum !== undefined ? ` ${schema.minimum} to ${schema.maximum}` : '';
    const rest = schema.default === undefined ? '' : `, else ${JSON.stringify(schema.default)}`;
    return `${Array.isArray(schema.type) ? schema.type.join(' or ') : (schema.type ?? 'anything')}${range}${rest}`;
  }
  /** The routes by what they are about: the first word of their path. */
  const groups = $derived.by(() => {
    const routes = Object.entries(document.paths).flatMap(([path, operations]) =>
      Object.entries(operations).map(([method, operation]) => ({ method, path, operation, about: path.replace(/^\/api\/v1\//, '').split('/')[0] }))
    );
    return [...new Set(routes.map((r) => r.about))].map((name) => ({ name, routes: routes.filter((r) => r.about === name) }));
  });
  /** A status that more than a third of the routes answer in the same words is told once. */
  const everywhere = $derived.by(() => {
    const routes = groups.flatMap((g) => g.routes);
    const answers = routes.flatMap(({ operation }) => Object.entries(operation.responses).map(([status, r]) => `${status} ${r.description}`));
    return [...new Set(answers)]
      .filter((answer) => answers.filter((a) => a === answer).length > routes.length / 3)
      .map((answer): [string, string] => [answer.slice(0, 3), answer.slice(4)])
      .sort(([a], [b]) => a.localeCompare(b));
  });
  const isEverywhere = (status: string, description: string): boolean => everywhere.some(([s, d]) => s === status && d === description);
  const schemas = $derived(Object.entries(document.components?.schemas ?? {}));
</script>

{#snippet fields(schema: Schema)}
  <Table>
    <tbody>
      {#each Object.entries(schema.properties ?? {}) as [name, field] (name)}
        <tr class="border-b border-line align-top">
          <th scope="row" class="figures py-0.5 pr-3 text-left whitespace-nowrap">{name}{schema.required?.includes(name) ? '' : ' ?'}</th>
          <td class="figures break-words">{told(field)}</td>
          <td class="soft">{field.description ?? ''}</td>
        </tr>
      {/each}
    </tbody>
  </Table>
{/snippet}

<svelte:head><title>API · Chiave</title></svelte:head>
<h1>API, version {document.info.version}</h1>
<p class="mt-1">{document.info.description} The document itself: <a href="/api/v1/openapi.json" data-sveltekit-reload>openapi.json</a>.</p>

<div class="mt-4 grid items-start gap-4 lg:grid-cols-[13rem_minmax(0,1fr)]">
  <nav aria-label="Parts of the API" class="lg:sticky lg:top-4">
    <ul class="flex flex-wrap gap-1.5 lg:grid">
      {#each groups as group (group.name)}
        <li>
          <a class="chip w-full no-underline" href="#part-{group.name}">{group.name} <span class="soft figures ml-auto">{group.routes.length}</span></a>
        </li>
      {/each}
      <li><a class="chip w-full no-underline" href="#shapes">shapes <span class="soft figures ml-auto">{schemas.length}</span></a></li>
    </ul>
  </nav>
  <div class="grid gap-4">
    <Sheet heading="Every answer">
      <p>Whatever is asked, these may come back; a route below names only what is its own.</p>
      <ul class="mt-1">
        {#each everywhere as [status, description] (status)}<li><b class="figures">{status}</b> {description}</li>{/each}
      </ul>
    </Sheet>
    {#each groups as group (group.name)}
      <Sheet>
        <h2 id="part-{group.name}">{group.name}</h2>
        <ul>
          {#each group.routes as { method, path, operation } (method + path)}
            {@const own = Object.entries(operation.responses).filter(([status, r]) => !isEverywhere(status, r.description))}
            <li class="border-t border-line py-2 first:border-0">
              <h3 class="flex flex-wrap items-baseline gap-x-3">
                <span class="method soft figures">{method.toUpperCase()}</span><span class="figures break-all">{path}</span>
              </h3>
              <div class="told">
                <p>{operation.summary}</p>
                {#if own.length > 0}<p class="soft">{own.map(([status, r]) => `${status} ${r.description}`).join(' · ')}</p>{/if}
                {#if operation.requestBody}
                  {@const schema = operation.requestBody.content['application/json'].schema}
                  {@const body = resolve(schema)}
                  {@const example = body.example ?? body.examples?.[0]}
                  <details>
                    <summary class="min-h-11 content-center">Body{nameOf(schema) ? `: ${nameOf(schema)}` : ''}</summary>
                    {@render fields(body)}
                    {#if example}<pre class="figures mt-2 overflow-x-auto rounded bg-paper p-2 text-base" tabindex="-1">{JSON.stringify(example, null, 2)}</pre>{/if}
                  </details>
                {/if}
              </div>
            </li>
          {/each}
        </ul>
      </Sheet>
    {/each}
    <h2 id="shapes">Shapes</h2>
    {#each schemas as [name, schema] (name)}
      <Sheet>
        <h3 class="figures" id="shape-{name}">{name}</h3>
        {@render fields(schema)}
      </Sheet>
    {/each}
  </div>
</div>

<style>
  .method {
    width: 4rem;
    font-weight: 400;
  }
  @media (min-width: 40rem) {
    .told {
      padding-left: 4.75rem;
    }
  }
</style>
