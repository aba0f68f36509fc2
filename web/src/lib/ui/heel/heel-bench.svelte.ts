import { CLOSURE, poseFootOf } from '@chiave/core/fit';
import type { Foot } from '@chiave/core/measure';
import {
  comfortShare,
  dropForDemand,
  frictionOf,
  GROUND,
  heelBand,
  hemChange,
  HEEL_SHAPE,
  HOLD,
  poseOn,
  pumpLook,
  relaxedDrop,
  riseIn,
  sideDrawing,
  standOn,
  steepestDrop,
  type ArchLine,
  type DisciplineId,
  type DoingId,
  type FrictionId,
  type GroundId,
  type HeelMade,
  type HeelReport,
  type HeelShapeId,
  type HoldId,
  type Level,
  type RelaxedReadAt,
  type SideDrawing
} from '@chiave/core/heel';
import type { DraggedId } from '../../drawing/heel-row';
import type { HeelsOfFoot, Stood } from '../../drawing/stood';
import { FootHere } from './foot-here.svelte';

/** Height of the heel looked at first, mm. */
const FIRST_MM = 60;
/** Before anything is known of the shoe: girth room at the ball and toe room, mm. */
const ROOMS = { ballMm: 0, toeMm: 10 } as const;
/** A hem is first compared with a pair so much lower, mm. */
const OTHER_LOWER_MM = 25;

/** The heel bench: one foot, its heels in a row, and what each comes to. */
export class HeelBench extends FootHere implements HeelsOfFoot {
  shape = $state<HeelShapeId>('thin-stiletto');
  tipMm = $state<number | null>(null);
  hold = $state<HoldId>('none');
  heightMm = $state<number>(FIRST_MM);
  platformMm = $state(0);
  capMm = $state<number | null>(null);
  unevenMm = $state(0);
  throatMm = $state<number | null>(null);
  /** What is known of a style's heel beside what has a field here; another shape lets go of it. */
  known = $state.raw<Partial<HeelMade>>({});
  knownDropMm = $state<number | null>(null);
  /** Bore of the pin that holds the tip, where it is known, mm. */
  pinBoreMm = $state<number | null>(null);
  toeSlantDeg = $state<number | null>(null);
  archLine = $state<ArchLine>('straight');
  ground = $state<GroundId>('lawn-clay-moist');
  doing = $state<DoingId>('walking');
  slopeDeg = $state(0);
  friction = $state<FrictionId>('stocking');
  ballRoomMm = $state<number>(ROOMS.ballMm);
  toeRoomMm = $state<number>(ROOMS.toeMm);
  discipline = $state<DisciplineId>('evening');
  level = $state<Level>('beginner');
  hours = $state(4);
  otherMm = $state<number>(FIRST_MM - OTHER_LOWER_MM);
  lowIsSafer = $state(false);
  hypermobile = $state(false);
  /** The other school of reach: how far the heel of a relaxed foot hangs, and above what it was read. */
  relaxedMm = $state<number | null>(null);
  relaxedAt = $state<RelaxedReadAt>('ball');
  /** A beginner's lowest by one of the discipline's schools; whether a good strap counts as laces. */
  startMm = $state<number | null>(null);
  strapCounts = $state(false);

  readonly mostMm = $derived.by(() => this.platformMm + Math.ceil(steepestDrop(this.poseFoot)) + 20);

  readonly made = $derived.by((): HeelMade => this.#made(this.heightMm));
  /** The heel that is looked at. */
  readonly stood = $derived.by((): Stood => this.standAt(this.heightMm));
  /** Highest heels in comfort and at all; none where the reach was not measured. */
  readonly limits = $derived.by(() => {
    if (this.reachDeg === null) return null;
    const at = (share: number): number => dropForDemand(this.poseFoot, share * this.reachDeg!) + this.platformMm;
    return { comfortMm: at(comfortShare(this.school)), mostMm: at(1) };
  });
  /** Comfortable by the school of the relaxed drop, mm; none where it was not read. */
  readonly relaxedDropMm = $derived.by(() => (this.relaxedMm === null ? null : relaxedDrop(this.relaxedMm, this.relaxedAt)));
  readonly band = $derived.by(() =>
    heelBand({
      foot: this.poseFoot,
      discipline: this.discipline,
      level: this.level,
      startMm: this.startMm ?? undefined,
      hold: this.hold,
      strapCounts: this.strapCounts,
      relaxedMm: this.relaxedDropMm,
      hours: this.hours,
      dancing: this.doing === 'dancing',
      ground: GROUND[this.ground],
      wetSlope: false,
      platformMm: this.platformMm,
      ankleReachDeg: this.reachDeg,
      reachSchool: this.school,
      lowIsSafer: this.lowIsSafer,
      hypermobile: this.hypermobile
    })
  );
  /** A hem cut for the heel looked at, worn with another pair without a platform. */
  readonly hem = $derived.by(() => {
    const rise = (heightMm: number, platformMm: number) => riseIn(this.poseFoot, { dropMm: Math.max(0, heightMm - platformMm), platformMm });
    return hemChange(rise(this.heightMm, this.platformMm), rise(this.otherMm, 0));
  });
  /** The pose the ankle can still do, where the heel is out of its reach; and how much lower that is, mm. */
  readonly short = $derived.by(() => {
    if (this.limits === null || this.stood.report.reach !== 'out-of-reach') return null;
    const lowerMm = this.heightMm - this.limits.mostMm;
    return lowerMm <= 0 ? null : { lowerMm, pose: poseOn(this.poseFoot, this.limits.mostMm - this.platformMm) };
  });

  #made(heightMm: number, platformMm = this.platformMm): HeelMade {
    return {
      ...this.known,
      // A seat that was measured is that heel's: another height has the one usual for it.
      seatWedgeDeg: heightMm - platformMm === this.knownDropMm ? this.known.seatWedgeDeg : undefined,
      heelHeightMm: heightMm,
      platformMm,
      heel: this.shape,
      tip: { ...this.known.tip, widthMm: this.tipMm ?? undefined, lengthMm: this.#tipLong() },
      hold: this.hold,
      capMm: this.capMm ?? undefined,
      unevenMm: this.unevenMm,
      throatMm: this.throatMm ?? undefined
    };
  }
  /** Length of a tip that is known, as much longer as it was made broader here. */
  #tipLong(): number | undefined {
    const { widthMm, lengthMm } = this.known.tip ?? {};
    return lengthMm === undefined || widthMm === undefined || this.tipMm === null ? lengthMm : (lengthMm * this.tipMm) / widthMm;
  }
  /** A heel of a height, otherwise as the one looked at. */
  standAt(heightMm: number, platformMm = this.platformMm): Stood {
    const made = this.#made(heightMm, platformMm);
    return { made, ...this.#stand(made) };
  }
  /** Another tip in place of the one looked at. */
  withTip(over: Partial<HeelMade>): HeelReport {
    return this.#stand({ ...this.made, ...over }).report;
  }
  #stand(made: HeelMade): Omit<Stood, 'made'> {
    return { report: this.standOf(made, this.foot, this.reachDeg), drawing: this.drawingOf(made) };
  }
  /** A heel on any foot, worn as here. */
  standOf(made: HeelMade, foot: Foot, ankleReachDeg: number | null): HeelReport {
    const sits = {
      ballGirthMm: foot.values.ballGirthMm.mm,
      ballGirthClearanceMm: this.ballRoomMm,
      toeRoomMm: this.toeRoomMm,
      friction: frictionOf(this.friction),
      letsThrough: CLOSURE[HOLD[made.hold].closure].letsSlide
    };
    const worn = {
      weightKg: this.weightKg,
      doing: this.doing,
      slopeDeg: this.slopeDeg,
      reachSchool: this.school,
      ankleReachDeg,
      ground: GROUND[this.ground]
    };
    return standOn(poseFootOf(foot), made, worn, sits);
  }
  /** The foot looked at on a heel, from the side. */
  drawingOf(made: HeelMade): SideDrawing {
    const pose = poseOn(this.poseFoot, Math.max(0, made.heelHeightMm - made.platformMm), 'centre', made.seatWedgeDeg);
    return sideDrawing(pose, { ...pumpLook(made, this.poseFoot), toeSlantDeg: this.toeSlantDeg ?? undefined, archLine: this.archLine });
  }

  /** A heel that was looked at elsewhere. */
  begin({
    heightMm,
    platformMm,
    made,
    pinBoreMm
  }: {
    heightMm: number | null;
    platformMm: number | null;
    made: HeelMade | null;
    pinBoreMm: number | null;
  }): void {
    this.pinBoreMm = pinBoreMm;
    if (made) {
      const { heel, tip, hold, throatMm, heelHeightMm: _height, platformMm: _platform, ...known } = made;
      [this.shape, this.hold, this.tipMm, this.throatMm] = [heel, hold, tip?.widthMm ?? null, throatMm ?? null];
      this.known = { ...known, tip };
      this.knownDropMm = made.heelHeightMm - made.platformMm;
    }
    if (platformMm !== null) this.platformMm = platformMm;
    if (heightMm !== null) this.heightMm = Math.max(heightMm, this.platformMm);
  }
  setPlatform(mm: number): void {
    // The heel goes up with the platform: the drop stays.
    const drop = this.heightMm - this.platformMm;
    this.platformMm = mm;
    this.heightMm = mm + drop;
  }
  /** What was dragged, in the drawing or on its slider. */
  set(id: DraggedId, value: number): void {
    if (id === 'platformMm') this.setPlatform(value);
    else this[id] = value;
  }
  setShape(id: HeelShapeId): void {
    this.shape = id;
    this.tipMm = null;
    this.known = {};
    if (HEEL_SHAPE[id].wedge) this.capMm = null;
  }
}
