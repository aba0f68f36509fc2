/** Why a file is not taken for a scan. */
export const SCAN_REFUSALS = {
  packed: 'it is packed: unpack it and bring the STL, OBJ or PLY inside',
  picture: 'it is a picture: a scan is a surface of triangles, as STL, OBJ or PLY',
  document: 'it is a document: a scan is a surface of triangles, as STL, OBJ or PLY',
  unknown: 'it is none of STL, OBJ or PLY',
  'too-large': 'it is larger than 150 MB: let the scanner write fewer triangles',
  'too-many': 'it holds more than two million triangles: let the scanner write fewer',
  empty: 'it holds no triangles',
  'too-coarse': 'it holds fewer than 500 triangles: too coarse to measure a foot on',
  'no-numbers': 'its coordinates are no numbers: the file is damaged, or no scan',
  'bad-index': 'its triangles name corners that it does not hold: the file is damaged',
  'two-parts': 'it holds two parts of about the same size: scan one foot at a time',
  'no-feather':
    'it has no edge between bottom and walls: a foot, a worn shoe, or a last whose edge is rounded off; where widths are measured on the inside none is needed',
  shell: 'it has two sides close to each other, as a whole shoe has: cut its outside away and bring the inside alone',
  'too-steep': 'a last or shoe on a drop of more than 100 mm is not read: trace its insole',
  'no-foot': 'it is not shaped like a foot: half of one, or something else',
  'bad-header': 'its header cannot be read: the file is damaged'
} as const;
export type ScanRefusal = keyof typeof SCAN_REFUSALS;

/** A file that is not taken, with its reason as code and in words. */
export class ScanRefused extends RangeError {
  constructor(readonly code: ScanRefusal) {
    super(SCAN_REFUSALS[code]);
  }
}
