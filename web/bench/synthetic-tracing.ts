import { compileFootShape, footPolygon, type FootPlan } from '@chiave/core/shape';
import { Kept, type Cv } from '../src/lib/tracing/opencv';
import type { Picture } from '../src/lib/tracing/read-sheet';
import { sheetOf, type SheetId } from '../src/lib/tracing/sheets';

/** A photograph of a tracing made by a script, with the truth known: perspective, uneven light, shadow, noise, a shaky line. */
export interface Synthetic {
  picture: Picture;
  side: 'left' | 'right';
  truth: FootPlan;
}
const PX_PER_MM = 5;

/** @param random from 0 to 1, for feet, camera and light */
export function syntheticTracing(cv: Cv, random: () => number, sheetId: SheetId = 'a4'): Synthetic {
  const kept = new Kept();
  const between = (low: number, high: number): number => low + (high - low) * random();
  try {
    const { longMm, shortMm } = sheetOf(sheetId);
    const side = random() < 0.5 ? 'left' : 'right';
    const L = between(210, Math.min(285, longMm - 14));
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
    const paper = kept.keep(
      new cv.Mat(
        Math.round(longMm * PX_PER_MM),
        Math.round(shortMm * PX_PER_MM),
        cv.CV_8UC3,
        new cv.Scalar(between(228, 250), between(228, 250), between(222, 246))
      )
    );
    const turn = between(-0.1, 0.1);
    const sign = side === 'left' ? 1 : -1;
    const start = { x: shortMm / 2 + between(-10, 10) - Math.sin(turn) * L * 0.5, y: longMm - (longMm - L) / 2 + between(-2, 2) };
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

    const [w, h] = [1125, 1500];
    const photo = kept.keep(new cv.Mat(h, w, cv.CV_8UC3, new cv.Scalar(between(40, 110), between(40, 100), between(35, 90))));
    const size = between(0.72, 0.88);
    const [ph, pw] = [size * h, (size * h * shortMm) / longMm];
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
    return { picture: withLight(photo.data, w, h, between), side, truth };
  } finally {
    kept.free();
  }
}

/** Light that falls off across the picture, a soft shadow over a part of it, and the sensor's noise. */
function withLight(bgr: Uint8Array, width: number, height: number, between: (low: number, high: number) => number): Picture {
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
