import { planOf } from '../core/src/fit';
import { completeFoot } from '../core/src/measure';
import { compileFootShape, footPolygon } from '../core/src/shape';

/** The line of an ordinary foot of a length, as a tracing is sent: x forward from the heel, y to the inner side, mm. */
export const tracedLine = (lengthMm: number): [number, number][] =>
  footPolygon(compileFootShape(planOf(completeFoot({ side: 'left', values: { lengthMm: { mm: lengthMm } } })), 0)).map(({ x, y }) => [
    Math.round(x * 100) / 100,
    Math.round(y * 100) / 100
  ]);
