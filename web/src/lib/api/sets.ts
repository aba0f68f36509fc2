import { z } from 'zod';

/** A set sent as a list: what stands in it twice counts once, since saying a thing again says nothing else. */
export const setOf = <T extends z.ZodType>(item: T) =>
  z
    .array(item)
    .max(200, 'at most 200')
    .transform((list) => [...new Set(list)])
    .meta({ uniqueItems: true });

/** A list of names in an order, each once: which of two that are alike is meant could not be told later. */
export const eachOnce = <T extends z.ZodType>(list: z.ZodArray<T>, what: string) =>
  list.refine((items) => new Set(items).size === items.length, `each ${what} once`).meta({ uniqueItems: true });
