import { compileFootShape, footPolygon, type FootPlan } from '@chiave/core/shape';
import { Kept, type Cv, type CvMat } from '../src/lib/tracing/opencv';
import { CARD, sheetOf, type SheetId } from '../src/lib/tracing/sheets';
import type { Picture } from '../src/lib/tracing/straight';

/** A photograph of a tracing made by a script, with the truth known: perspective, uneven light, shadow, noise, a shaky line. */
export interface Synthetic {
  picture: Picture;
  side: 'left' | 'right';
  truth: FootPlan;
}
type Between = (low: number, high: number) => number;
const PX_PER_MM = 5;
const within =
  (random: () => number): Between =>
  (low, high) =>
    low + (high - low) * random();

/** @param random from 0 to 1, for feet, camera and light */
export function syntheticTracing(cv: Cv, random: () => number, sheetId: SheetId = 'a4'): Synthetic {
  const kept = new Kept();
  const between = within(random);
  try {
    const { longMm, shortMm } = sheetOf(sheetId);
    const { side, truth } = someFoot(random, between, 210, Math.min(285, longMm - 14));
    const paper = blank(cv, kept, between, shortMm, longMm);
    traceOn(cv, kept, paper, random, between, truth, side, shortMm / 2 + between(-10, 10), longMm - (longMm - truth.lengthMm) / 2 + between(-2, 2));
    return { picture: photographOf(cv, kept, paper, between), side, truth };
  } finally {
    kept.free();
  }
}

/** A foot traced across two sheets that lay edge to edge, each photographed on its own, either way up. */
export function syntheticHalves(
  cv: Cv,
  random: () => number,
  sheetId: SheetId = 'a4'
): { pictures: [Picture, Picture]; side: Synthetic['side']; truth: FootPlan } {
  const kept = new Kept();
  const between = within(random);
  try {
    const { longMm, shortMm } = sheetOf(sheetId);
    const { side, truth } = someFoot(random, between, 250, 330);
    const both = blank(cv, kept, between, shortMm, 2 * longMm);
    // The seam crosses between heel and ball, where a foot is narrow and its sides are nearly straight.
    const heelAt = longMm + between(0.36, 0.55) * truth.lengthMm;
    traceOn(cv, kept, both, random, between, truth, side, shortMm / 2 + between(-12, 12), heelAt);
    const half = (row: number): Picture => {
      const sheet = kept.keep(both.roi(new cv.Rect(0, row, both.cols, both.rows / 2)).clone());
      if (random() < 0.5) cv.rotate(sheet, sheet, cv.ROTATE_180);
      return photographOf(cv, kept, sheet, between);
    };
    return { pictures: [half(0), half(both.rows / 2)], side, truth };
  } finally {
    kept.free();
  }
}

/** A foot traced on paper of no known size, a card beside it. */
export function syntheticBesideCard(cv: Cv, random: () => number): Synthetic {
  const kept = new Kept();
  const between = within(random);
  try {
    const [wide, high] = [between(225, 300), between(315, 380)];
    const { side, truth } = someFoot(random, between, 210, 290);
    const paper = blank(cv, kept, between, wide, high);
    traceOn(cv, kept, paper, random, between, truth, side, 70 + between(-4, 4), high - (high - truth.lengthMm) / 2 + between(-8, 8));
    const turn = between(-0.25, 0.25);
    const middle = { x: 168 + between(0, wide - 225) / 2, y: high * between(0.4, 0.6) };
    const corners = roundedCard().map(({ x, y }) => [
      Math.round((middle.x + x * Math.cos(turn) - y * Math.sin(turn)) * PX_PER_MM * 16),
      Math.round((middle.y + x * Math.sin(turn) + y * Math.cos(turn)) * PX_PER_MM * 16)
    ]);
    const polygon = kept.keep(cv.matFromArray(corners.length, 1, cv.CV_32SC2, corners.flat()));
    const tone = random() < 0.5 ? [between(30, 90), between(40, 110), between(60, 150)] : [between(110, 160), between(60, 120), between(30, 80)];
    cv.fillConvexPoly(paper, polygon, new cv.Scalar(...tone), cv.LINE_AA, 4);
    return { picture: photographOf(cv, kept, paper, between, [1500, 2000]), side, truth };
  } finally {
    kept.free();
  }
}

/** An ID-1 card about its middle, upright, its corners rounded by 3.18 mm, mm. */
function roundedCard(): { x: number; y: number }[] {
  const [w, h, r] = [CARD.shortMm / 2, CARD.longMm / 2, 3.18];
  return [0, 1, 2, 3].flatMap((q) =>
    Array.from({ length: 6 }, (_, i) => {
      const angle = (Math.PI / 2) * (q + i / 5);
      const [sx, sy] = [q === 0 || q === 3 ? 1 : -1, q < 2 ? 1 : -1];
      return { x: sx * (w - r) + r * Math.cos(angle), y: sy * (h - r) + r * Math.sin(angle) };
    })
  );
}

function someFoot(random: () => number, between: Between, least: number, most: number): { side: Synthetic['side']; truth: FootPlan } {
  const side = random() < 0.5 ? 'left' : 'right';
  const L = between(least, most);
  const truth: FootPlan = {
    lengthMm: L,
    ballLengthMm: L * between(0.715, 0.735),
    outerBallLengthMm: L * between(0.625, 0.645),
    ballWidthMm: L * between(0.355, 0.4),
    heelWidthMm: L * between(0.24, 0.265),
    toeShape: (['egyptian', 'greek', 'square'] as const)[Math.floor(random() * 3)],
    bunionMm: 0,
    littleToeBunionMm: 0
  };
  return { side, truth };
}

const blank = (cv: Cv, kept: Kept, between: Between, wideMm: number, highMm: number): CvMat =>
  kept.keep(
    new cv.Mat(
      Math.round(highMm * PX_PER_MM),
      Math.round(wideMm * PX_PER_MM),
      cv.CV_8UC3,
      new cv.Scalar(between(228, 250), between(228, 250), between(222, 246))
    )
  );

/** Draws a foot's outline with a shaky hand, toes up, its heel at a place of the paper, mm. */
// prettier-ignore
function traceOn(
  cv: Cv, kept: Kept, paper: CvMat, random: () => number, between: Between, truth: FootPlan, side: Synthetic['side'], heelX: number, heelY: number
): void {
  const turn = between(-0.1, 0.1);
  const sign = side === 'left' ? 1 : -1;
  const start = { x: heelX - Math.sin(turn) * truth.lengthMm * 0.5, y: heelY };
  const shake = between(0, 0.35);
  const line = footPolygon(compileFootShape(truth, 0)).map((p) => {
    const [x, y] = [sign * p.y, -p.x];
    const px = start.x + x * Math.cos(turn) - y * Math.sin(turn) + shake * (random() - 0.5);
    const py = start.y + x * Math.sin(turn) + y * Math.cos(turn) + shake * (random() - 0.5);
    return [Math.round(px * PX_PER_MM), Math.round(py * PX_PER_MM)];
  });
  const ink = random() < 0.5 ? [between(20, 70), between(20, 70), between(30, 90)] : [between(90, 120), between(40, 80), between(20, 60)];
  const polygon = kept.keep(cv.matFromArray(line.length, 1, cv.CV_32SC2, line.flat()));
  const lines = kept.keep(new cv.MatVector());
  lines.push_back(polygon);
  cv.polylines(paper, lines, true, new cv.Scalar(...ink), Math.round(between(0.6, 1.8) * PX_PER_MM), cv.LINE_AA);
}

/** The paper on a darker table, seen by a camera that is not quite above it. */
function photographOf(cv: Cv, kept: Kept, paper: CvMat, between: Between, [w, h]: [number, number] = [1125, 1500]): Picture {
  const photo = kept.keep(new cv.Mat(h, w, cv.CV_8UC3, new cv.Scalar(between(40, 110), between(40, 100), between(35, 90))));
  const size = between(0.72, 0.88);
  const [ph, pw] = [size * h, (size * h * paper.cols) / paper.rows];
  const fit = Math.min(1, (0.9 * w) / pw);
  const [ox, oy] = [(w - pw * fit) / 2, (h - ph * fit) / 2];
  const off = (): number => between(-0.045, 0.045) * pw;
  const target = [
    [ox + off(), oy + off()],
    [ox + pw * fit + off(), oy + off()],
    [ox + pw * fit + off(), oy + ph * fit + off()],
    [ox + off(), oy + ph * fit + off()]
  ];
  const from = kept.keep(cv.matFromArray(4, 1, cv.CV_32FC2, [0, 0, paper.cols, 0, paper.cols, paper.rows, 0, paper.rows]));
  const to = kept.keep(cv.matFromArray(4, 1, cv.CV_32FC2, target.flat()));
  const transform = kept.keep(cv.getPerspectiveTransform(from, to));
  cv.warpPerspective(paper, photo, transform, new cv.Size(w, h), cv.INTER_AREA, cv.BORDER_TRANSPARENT);
  const blur = between(0.6, 1.4);
  cv.GaussianBlur(photo, photo, new cv.Size(0, 0), blur);
  return withLight(photo.data, w, h, between);
}

/** Light that falls off across the picture, a soft shadow over a part of it, and the sensor's noise. */
function withLight(bgr: Uint8Array, width: number, height: number, between: Between): Picture {
  const data = new Uint8ClampedArray(width * height * 4);
  const [gx, gy] = [between(-0.18, 0.18), between(-0.18, 0.18)];
  const shadow = { x: between(0, width), y: between(0, height), r: between(200, 550), deep: between(0.1, 0.3) };
  const noise = between(2, 6);
  // Drawn once and walked through by an odd step: drawing every pixel's own would take longer than all the rest.
  const grains = Float32Array.from({ length: 8191 }, () => noise * (between(-1, 1) + between(-1, 1) + between(-1, 1)));
  const stride = 2 * Math.floor(between(500, 4000)) + 1;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      const far = Math.hypot(x - shadow.x, y - shadow.y) / shadow.r;
      const light = (1 + gx * (x / width - 0.5) + gy * (y / height - 0.5)) * (1 - shadow.deep / (1 + Math.exp(8 * (far - 1))));
      const grain = grains[(i * stride + (i >> 9) * 37) % grains.length];
      for (let c = 0; c < 3; c++) data[4 * i + c] = bgr[3 * i + 2 - c] * light + grain;
      data[4 * i + 3] = 255;
    }
  }
  return { data, width, height };
}
