/**
 * Does something once the frame that stands now is painted. What is laid out in an animation frame's callback is painted with that frame,
 * and so keeps what stands already from being seen.
 * @returns takes it back
 */
export function afterPaint(then: () => void): () => void {
  let task: ReturnType<typeof setTimeout> | undefined;
  const frame = requestAnimationFrame(() => (task = setTimeout(then)));
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(task);
  };
}

/** True once the page that was opened by its address has come to life: what is made from then on is made by a step within the application. */
export const arrived = (): boolean => typeof document !== 'undefined' && 'ready' in document.documentElement.dataset;
