import type { HeelMade, HeelReport, Pose, PoseFoot, SideDrawing } from '@chiave/core/heel';

/** What a heel comes to on a foot, with its drawing. */
export interface Stood {
  made: HeelMade;
  report: HeelReport;
  drawing: SideDrawing;
}

/** One foot on heels of many heights, of which one is looked at, mm. */
export interface HeelsOfFoot {
  poseFoot: PoseFoot;
  heightMm: number;
  platformMm: number;
  /** How much the ground falls towards the toes, degrees. */
  slopeDeg: number;
  mostMm: number;
  stood: Stood;
  standAt: (heightMm: number) => Stood;
  /** Highest in comfort and at all; none where the reach was not measured. */
  limits: { comfortMm: number; mostMm: number } | null;
  /** Highest by the school of the relaxed drop, mm; none where it was not read. */
  relaxedDropMm: number | null;
  /** The pose the ankle can still do, where the heel looked at is out of its reach, and how much lower that is. */
  short: { lowerMm: number; pose: Pose } | null;
}
