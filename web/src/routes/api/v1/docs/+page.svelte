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

<div class="mt-4 grid gap-3">
  {#each Object.entries(document.paths) as [path, operations] (path)}
    {#each Object.entries(operations) as [method, operation] (method)}
      <Sheet>
        <h2 class="figures">{method.toUpperCase()} {path}</h2>
        <p>{operation.summary}</p>
        {#if operation.requestBody}
          {@const schema = operation.requestBody.content['application/json'].schema}
          {@const body = resolve(schema)}
          {@const example = body.example ?? body.examples?.[0]}
          <details class="mt-1">
            <summary class="min-h-11 content-center">Body{nameOf(schema) ? `: ${nameOf(schema)}` : ''}</summary>
            {@render fields(body)}
            {#if example}<pre class="figures mt-2 overflow-x-auto rounded bg-paper p-2 text-sm" tabindex="-1">{JSON.stringify(example, null, 2)}</pre>{/if}
          </details>
        {/if}
        <p class="soft text-sm">
          {Object.entries(operation.responses)
            .map(([status, r]) => `${status} ${r.description}`)
            .join(' · ')}
        </p>
      </Sheet>
    {/each}
  {/each}
  <h2>Shapes</h2>
  {#each schemas as [name, schema] (name)}
    <Sheet>
      <h3 class="figures" id="shape-{name}">{name}</h3>
      {@render fields(schema)}
    </Sheet>
  {/each}
</div>
