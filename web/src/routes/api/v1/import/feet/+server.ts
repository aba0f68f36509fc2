import { feetImportAnswer } from '$lib/api/answers';
import { importSchema } from '$lib/api/feet-exchange';
import { fitterOf, write } from '$lib/server/endpoint';
import { importFeet } from '$lib/server/shop/people-files';

export const POST = write(
  { needs: 'fit', summary: 'Read a file of feet for a person; looked over first as a dry run', body: importSchema, answer: feetImportAnswer },
  (body, event) => importFeet(body, fitterOf(event))
);
