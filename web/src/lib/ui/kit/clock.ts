import { createSubscriber } from 'svelte/reactivity';

const EVERY_MS = 1000;
const ticking = createSubscriber((update) => {
  const timer = setInterval(update, EVERY_MS);
  return () => clearInterval(timer);
});
/** The time, for what is shown: whoever reads it in an effect or a template is told every second. */
export const clock = {
  get now(): Date {
    ticking();
    return new Date();
  }
};
