import { dev } from '$app/environment';
import { error } from '@sveltejs/kit';

/** A sheet to look at while drawings are made; a shop has no use for it. */
export const load = () => {
  if (!dev) error(404, 'This page is for whoever works on the drawings.');
};
