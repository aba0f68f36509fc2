import type { Style } from '@chiave/core/fit';
import { wholeDetails, type LastBody, type StyleBody } from '../../api/stock-schema';

/** A style as it is carried in files and changed by pages. */
export const bodyOf = (style: Style): StyleBody => ({
  id: style.id,
  last: style.last.id,
  name: style.name,
  kind: style.kind,
  forWhom: style.forWhom,
  scale: style.scale,
  school: style.school,
  step: style.step,
  from: style.from,
  to: style.to,
  widths: [...style.widths],
  upper: style.upper,
  closure: style.closure,
  soleStiffness: style.soleStiffness,
  heelHeightMm: style.heelHeightMm,
  platformMm: style.platformMm,
  removableInsoleMm: style.removableInsoleMm,
  toeStructure: style.toeStructure,
  details: wholeDetails(style.details),
  stock: { ...style.stock }
});

/** A last as it is carried in files and changed by pages. */
export const lastBodyOf = ({ version: _version, ...last }: LastBody & { version?: number }): LastBody => last;
