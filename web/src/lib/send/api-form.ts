import { defaults, setError, superForm, type SuperForm } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { z } from 'zod';
import { numberOrText } from '../api/values';
import { send } from './save.svelte';

/** What stands in a form: texts as they are typed, ticks and choices. */
export type Typed = Record<string, string | boolean>;

export interface ApiFormAsked<T extends Typed, A> {
  /** What stands in it at first. */
  start: T;
  /** What is sent, made of what stands there; what cannot be read goes as it was typed, so that the schema's words name its field. */
  body: (typed: T) => unknown;
  /** The schema the server judges by: the form judges by it before anything is sent. */
  schema: z.ZodType;
  method?: 'POST' | 'PATCH' | 'PUT';
  url: string | (() => string);
  /** Field that a place in the body stands in; the place itself when left out. */
  fieldOf?: (path: string) => string;
  /** The server has it. @returns what to put into the form now; it stays as it is when left out */
  onsent: (answer: A, typed: T) => void | T | Promise<void | T>;
  /** It was refused as a whole. @returns true where that was dealt with */
  onrefused?: (refusal: { status: number; detail: string; errors: { path: string; message: string }[] }) => boolean;
}

/**
 * A form that is sent to the API. It is judged here by the schema the API judges by, on sending; what the server refuses stands at its
 * fields too, what belongs to none of them in `message`. What was typed stays, whatever becomes of it.
 */
export function apiForm<T extends Typed, A = unknown>(asked: ApiFormAsked<T, A>): SuperForm<T, string> {
  const fieldOf = (path: string): string => {
    const field = asked.fieldOf?.(path) ?? path;
    return field in asked.start ? field : '';
  };
  const texts = z
    .object(Object.fromEntries(Object.entries(asked.start).map(([key, value]) => [key, typeof value === 'boolean' ? z.boolean() : z.string()])))
    .superRefine((typed, context) => {
      const judged = asked.schema.safeParse(asked.body(typed as T));
      for (const issue of judged.error?.issues ?? []) {
        const field = fieldOf(issue.path.join('.'));
        context.addIssue({ code: 'custom', path: field ? [field] : [], message: issue.message });
      }
    });
  // What stands in the form is texts by the very object the schema is made of.
  const adapter = zod4(texts as unknown as z.ZodType<T, T> & z.ZodObject);
  return superForm<T, string>(defaults(asked.start, adapter as never) as never, {
    SPA: true,
    dataType: 'json',
    resetForm: false,
    invalidateAll: false,
    validators: adapter as never,
    validationMethod: 'onsubmit',
    async onUpdate({ form }) {
      if (!form.valid) return;
      const typed = form.data;
      const url = typeof asked.url === 'string' ? asked.url : asked.url();
      const sent = await send<A>(url, asked.method ?? 'POST', asked.body(typed));
      if (sent.ok) {
        const next = await asked.onsent(sent.value, typed);
        if (next) form.data = next;
        return;
      }
      if (asked.onrefused?.(sent)) return;
      const told = sent.errors.map((e) => ({ field: fieldOf(e.path), message: e.message }));
      for (const { field, message } of told) if (field) setError(form, field as never, message);
      if (told.every((t) => !t.field)) form.message = sent.detail;
    }
  });
}

/** A field as the API takes it: nothing where it is empty, else what is read of it, or the text itself. */
export const numberOr = (text: string, read: (text: string) => number | string | null = numberOrText): number | string | null =>
  text.trim() === '' ? null : (read(text.trim()) ?? text);
/** The first thing said of a field. */
export const firstOf = (errors: string[] | undefined): string | undefined => errors?.[0];
