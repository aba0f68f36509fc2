import { openApiDocument } from '$lib/server/openapi';

/** The document as a page: what can be asked, with which fields, and what comes back. */
export const load = async () => ({ document: JSON.parse(JSON.stringify(await openApiDocument())) as Record<string, unknown> });
