/** A column of a stock table. */
export interface GridColumn<R> {
  id: string;
  name: string;
  value: (row: R) => string | number | null;
  /** How the value is written; the value itself when left out. */
  text?: (row: R) => string;
  /** How it came to be known, one letter, and the whole of it on hovering. */
  mark?: (row: R) => { letter: string; title: string } | null;
  width: number;
  figures?: boolean;
  /** Searched by its text; left out, columns of words are and columns of figures are not. */
  sought?: boolean;
  /** Shown unless somebody hides it. */
  usual: boolean;
  /** Chosen from what is there, rather than searched. */
  choices?: boolean;
  /** A small drawing in place of its text: a path in millimetres, heel at the left. */
  draw?: (row: R) => string;
  /** What of the drawing's plane is shown, as an SVG's viewBox says it. */
  box?: string;
  link?: (row: R) => string;
}
