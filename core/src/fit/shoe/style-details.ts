import { BLANK_USE, type UseFields } from '../../attributes';
import { BLANK_HEEL, type HeelAttributes } from '../../heel';
import type { EvidenceMark } from '../../last';

/** How far an upper gives under the hand; blank where it is not known. */
export const STRETCHES = ['none', 'little', 'much', ''] as const;

/** What is kept of a style beside its last and its run; blank where it is not known. */
export interface StyleDetails extends HeelAttributes, UseFields {
  variant: string;
  /** Years it was made, first and last; null where not known or still made. */
  madeFrom: number | null;
  madeTo: number | null;
  factory: string;
  colour: string;
  upperThicknessMm: number | null;
  lining: string;
  stretch: (typeof STRETCHES)[number];
  shrinks: boolean;
  shaftHeightMm: number | null;
  sole: string;
  /** One shoe of the base size. */
  weightG: number | null;
  price: number | null;
  note: string;
  /** Of each attribute, by its name: how it came to be known, by whom or where, and when. */
  evidence: Readonly<Record<string, { mark: EvidenceMark; source: string; date: string }>>;
}

export const BLANK_DETAILS: StyleDetails = {
  variant: '',
  madeFrom: null,
  madeTo: null,
  factory: '',
  colour: '',
  upperThicknessMm: null,
  lining: '',
  stretch: '',
  shrinks: false,
  shaftHeightMm: null,
  sole: '',
  ...BLANK_HEEL,
  ...BLANK_USE,
  weightG: null,
  price: null,
  note: '',
  evidence: {}
};
