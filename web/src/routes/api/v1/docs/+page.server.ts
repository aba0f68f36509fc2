import { openApiDocument } from '$lib/server/openapi';

/** The document as a page: what can be asked, with which fields, and what comes back. */
export const load = () => ({ document: JSON.parse(JSON.stringify(openApiDocument())) as Record<string, unknown> });
