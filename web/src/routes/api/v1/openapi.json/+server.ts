import { get } from '$lib/server/endpoint';
import { openApiDocument } from '$lib/server/openapi';

export const GET = get({ needs: 'look', summary: 'This document' }, () => openApiDocument());
