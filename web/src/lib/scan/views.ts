/** Where a scan is looked at from. */
export const SCAN_VIEWS = [
  { id: 'aslant', name: 'aslant', from: [0.7, -0.8, 0.55], up: [0, 0, 1] },
  { id: 'above', name: 'from above', from: [0, 0, 1], up: [1, 0, 0] },
  { id: 'inner', name: 'inner side', from: [0, 1, 0], up: [0, 0, 1] },
  { id: 'outer', name: 'outer side', from: [0, -1, 0], up: [0, 0, 1] },
  { id: 'front', name: 'from the toes', from: [1, 0, 0.12], up: [0, 0, 1] }
] as const;
export type ScanViewId = (typeof SCAN_VIEWS)[number]['id'];
