import { Gesture } from '@use-gesture/vanilla';

export interface DragStep {
  /** The first step of a drag. */
  first: boolean;
  last: boolean;
  /** Where the pointer is, in the page. */
  at: { x: number; y: number };
  /** How far it went since the last step, px. */
  by: { x: number; y: number };
  /** What the drag began on. */
  target: Element;
}
export interface Gestures {
  ondrag?: (step: DragStep) => void;
  /** Two fingers: how much further apart they are than at the last step, and where between them, in the page. */
  onpinch?: (ratio: number, at: { x: number; y: number }) => void;
  /** The wheel, or two fingers on a pad, px. */
  onwheel?: (by: { x: number; y: number }, at: { x: number; y: number }) => void;
}

/** Dragging, pinching and the wheel on a drawing, as one action. The page does not scroll while it is used. */
export function gestures(node: SVGSVGElement, of: () => Gestures): { destroy: () => void } {
  let apart = 1;
  let began: Element = node;
  const gesture = new Gesture(
    node,
    {
      onDrag: ({ first, last, xy: [x, y], delta: [dx, dy], event, pinching }) => {
        if (pinching) return;
        if (first) began = event.target as Element;
        of().ondrag?.({ first, last, at: { x, y }, by: { x: dx, y: dy }, target: began });
      },
      onPinch: ({ first, movement: [scale], origin: [x, y], event }) => {
        // A wheel with the control key is the wheel's own.
        if (event.type === 'wheel') return;
        if (first) apart = 1;
        if (scale > 0) of().onpinch?.(scale / apart, { x, y });
        apart = scale;
      },
      onWheel: ({ event, delta: [x, y], last }) => {
        if (last) return;
        event.preventDefault();
        of().onwheel?.({ x, y }, { x: event.clientX, y: event.clientY });
      }
    },
    { drag: { pointer: { keys: false } }, wheel: { eventOptions: { passive: false } }, pinch: { eventOptions: { passive: false } } }
  );
  return { destroy: () => gesture.destroy() };
}
