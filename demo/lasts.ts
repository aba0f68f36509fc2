import { KIND, SHARED_TARGETS, sizesOf, stockKey, type Cuts, type Style } from '@chiave/core/fit';
import { TOE_FAMILY, type Last } from '@chiave/core/last';
import { SCALE, letterMm, schoolOf, toFootMm } from '@chiave/core/size';
import { LASTS, MAKERS, STYLES, type LastDesign, type StyleDesign } from './design';
import { detailsOf } from './details';
import { withVariants } from './variants';
import { seeded } from './random';

const middle = (t: Cuts): number => (t.b + t.c) / 2;
const tenth = (mm: number): number => Math.round(mm * 10) / 10;

/** An ordinary last of its kind for the foot its label means, changed by what the design says. */
export function lastOf(design: LastDesign): Last {
  const maker = MAKERS.find((m) => m.id === design.maker)!;
  const kind = KIND[design.kind];
  const school = schoolOf(SCALE[design.scale], design.school);
  const forFoot = toFootMm(school, design.base.size) + design.habit * school.unitMm;
  const footGirth = letterMm('us-letter', design.group, design.group === 'men' ? 'D' : 'B', forFoot);
  const footWidth = 0.405 * footGirth;
  const girth = footGirth + middle(kind.cuts['ball-girth']) + (design.girth ?? 0);
  const plan = footWidth + 0.5 + (design.width ?? 0);
  const over = design.widthBasis === 'feather-edge' ? 1.1 : 1.052;
  const ballWidth = (2 * plan - 0.403 * girth) / over;
  const tip = kind.basis === 'usable' ? (TOE_FAMILY[design.family].nominalTipMm * forFoot) / 245 : 0;
  const form = formOf(design, forFoot);
  return {
    id: design.id,
    maker: design.maker,
    name: design.name,
    family: design.family,
    taperShiftMm: design.taper ?? 0,
    widthBasis: design.widthBasis ?? 'footbed',
    base: {
      size: design.base.size,
      width: design.base.width,
      forFootMm: tenth(forFoot),
      insoleMm: tenth(forFoot + middle(kind.cuts['toe-room']) + tip + (design.toeRoom ?? 0)),
      ballWidthMm: tenth(ballWidth),
      heelWidthMm: tenth(0.676 * footWidth + 1.8 - 0.04 * ballWidth + (design.heel ?? 0)),
      ballGirthMm: tenth(girth),
      waistGirthMm: tenth(0.96 * footGirth + middle(SHARED_TARGETS.waist) + (design.girth ?? 0)),
      instepGirthMm: tenth(footGirth + middle(kind.cuts.instep) + (design.instep ?? 0)),
      ...(kind.pullOn ? { throatGirthMm: tenth(1.33 * footGirth + (design.throat ?? 0)) } : {}),
      ...(design.shaft ? { shaftGirthMm: design.shaft } : {}),
      toeDepthMm: tenth(0.085 * forFoot + 3.5 + (design.depth ?? 0)),
      littleToeDepthMm: tenth(0.064 * forFoot + 3.5 + (design.depth ?? 0))
    },
    grade: {
      lengthPerSizeMm: school.unitMm,
      girthPerSizeMm: maker.girthPerLength * school.unitMm,
      girthPerWidthMm: maker.letterMm,
      bottomShare: 0.33,
      toeExtension: design.toeExtension ?? 'fixed',
      halves: design.halves ?? 'full',
      ...(design.coarse ? { coarse: true } : {})
    },
    ...(design.aliases ? { aliases: design.aliases } : {}),
    ...(design.combination ? { combination: design.combination } : {}),
    form,
    evidence: {
      mark: design.mark,
      lengthSdMm: design.mark === 'measured' ? 0.6 : 1.5,
      widthSdMm: design.mark === 'measured' ? 0.8 : 1.5,
      girthSdMm: design.mark === 'measured' ? 1.5 : 3,
      note: design.note
    }
  };
}

/** What the last stands like: the drop of its first style, the rest by kind and toe. */
function formOf(design: LastDesign, forFootMm: number): NonNullable<Last['form']> {
  const first = STYLES.find((s) => s.last === design.id);
  const drop = first ? Math.max(0, first.heel - (first.platform ?? 0)) : 25;
  return {
    heelHeightMm: drop,
    // Nobody laid a ruler under the running lasts yet.
    ...(design.kind === 'running' ? {} : { toeSpringMm: drop > 60 ? 6 : 10 }),
    archLine: drop > 40 ? 'curved' : 'straight',
    sideCut: ['pump', 'flat', 'ballet-slipper'].includes(design.kind) ? 'low' : 'medium',
    ...(design.mark === 'measured' ? { instepHeightMm: tenth(0.262 * forFootMm + 0.2 * (design.instep ?? 0)), backHeightMm: tenth(0.228 * forFootMm) } : {}),
    toe: first?.structure ?? 'structured'
  };
}

/** A style with its last and a seeded count of pairs on the shelf. */
export function styleOf(design: StyleDesign, index: number): Style {
  const last = LASTS.find((l) => l.id === design.last)!;
  const maker = MAKERS.find((m) => m.id === last.maker)!;
  const style: Style = {
    id: design.id,
    name: design.name,
    maker: { id: maker.id, name: maker.name },
    last: lastOf(last),
    kind: design.kind,
    forWhom: design.forWhom,
    scale: last.scale,
    school: last.school,
    step: design.run[2],
    from: design.run[0],
    to: design.run[1],
    widths: design.widths,
    letters: maker.letters,
    upper: design.upper,
    closure: design.closure,
    soleStiffness: design.stiff,
    heelHeightMm: design.heel,
    platformMm: design.platform ?? 0,
    removableInsoleMm: design.footbed ?? 0,
    toeStructure: design.structure ?? 'structured',
    details: detailsOf(design, last.family, index),
    stock: {}
  };
  const random = seeded(1000 + index);
  const stock: Record<string, number> = {};
  for (const width of style.widths) {
    for (const size of sizesOf(style)) {
      const count = Math.max(0, Math.floor(random.uniform() * 4) - 1);
      if (count > 0) stock[stockKey(style, size, width)] = count;
    }
  }
  return { ...style, stock };
}

export const allStyles = (): Style[] => withVariants(STYLES).map(styleOf);
