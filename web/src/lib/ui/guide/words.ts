import { SKIN_AT, type Pose, type SideDrawing } from '@chiave/core/heel';
import type { Point } from '@chiave/core/shape';

/** A posed foot in its shoe, on which words are shown. */
export interface Shown {
  pose: Pose;
  drawing: SideDrawing;
}

/** A word of the trade that is no zone of a fit; the zones explain themselves. */
export interface Word {
  word: string;
  means: string;
  /** Where on a shoe seen from the side it lies: a place, or a distance between two. */
  at: (shown: Shown) => readonly [Point] | readonly [Point, Point];
}

const highest = (points: readonly Point[]): Point => points.reduce((a, p) => (p.y > a.y ? p : a));
const rearmost = (points: readonly Point[]): Point => points.reduce((a, p) => (p.x < a.x ? p : a));
const foremost = (points: readonly Point[]): Point => points.reduce((a, p) => (p.x > a.x ? p : a));
/** On the footbed at x: the upper line of the sole. */
const onBed = ({ drawing }: Shown, x: number): Point =>
  drawing.sole.slice(0, drawing.sole.length / 2).reduce((a, p) => (Math.abs(p.x - x) < Math.abs(a.x - x) ? p : a));
/** Below the ground, where distances are drawn, mm. */
const BELOW_MM = 16;
/** So much of a shoe's front is its toe box, of the foot's length. */
const TOE_BOX = 0.11;

export const WORDS: readonly Word[] = [
  {
    word: 'last',
    means: 'the form a shoe is made on: it decides the inside, whatever the label says',
    at: ({ pose }) => [{ x: (pose.pad.x + pose.midfoot.x) / 2, y: (pose.pad.y + pose.midfoot.y) / 2 + 14 }]
  },
  { word: 'ball', means: 'the widest part of the foot, over the big-toe and the little-toe joint', at: ({ pose }) => [pose.ball] },
  {
    word: 'ball length',
    means: 'from the heel to the big-toe joint: the shoe must bend where the foot does',
    at: ({ pose, drawing }) => [
      { x: rearmost(drawing.upper).x, y: drawing.groundY - BELOW_MM },
      { x: pose.ball.x, y: drawing.groundY - BELOW_MM }
    ]
  },
  { word: 'instep', means: 'the top of the foot before the ankle', at: ({ drawing }) => [drawing.foot[SKIN_AT.halfLength]] },
  { word: 'throat', means: 'where the opening ends in front, and the vamp begins', at: ({ drawing }) => [foremost(drawing.topline)] },
  {
    word: 'vamp',
    means: 'the upper over the toes and the ball',
    at: ({ drawing }) => [{ x: foremost(drawing.topline).x + 14, y: foremost(drawing.topline).y - 10 }]
  },
  {
    word: 'counter',
    means: 'the stiff part round the heel',
    at: ({ drawing }) => [{ x: rearmost(drawing.upper).x + 7, y: (rearmost(drawing.upper).y + highest(drawing.topline).y) / 2 }]
  },
  { word: 'shank', means: 'what stiffens the waist of a sole from the heel to the ball', at: (shown) => [onBed(shown, 0.38 * shown.pose.ball.x)] },
  {
    word: 'toe box',
    means: 'the room round the toes: its width, its depth, and its shape',
    at: ({ pose, drawing }) => [{ x: foremost(drawing.upper).x - TOE_BOX * pose.foot.lengthMm, y: 9 }]
  },
  {
    word: 'effective drop',
    means: 'heel height less what is under the ball: what the ankle has to do',
    at: ({ pose, drawing }) => [
      { x: rearmost(drawing.upper).x - BELOW_MM, y: 0 },
      { x: rearmost(drawing.upper).x - BELOW_MM, y: pose.dropMm }
    ]
  },
  { word: 'pitch', means: 'how steeply a heel tilts the foot', at: ({ pose }) => [pose.pad, pose.ball] },
  {
    word: 'footbed, feather edge',
    means: 'the insole as it lies, and the edge where upper and sole meet: two widths of one shoe',
    at: (shown) => [onBed(shown, 0.12 * shown.pose.foot.lengthMm)]
  }
];
