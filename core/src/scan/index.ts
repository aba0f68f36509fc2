export { type Corners, formatOf, readScan, SCAN_FORMATS, type ScanFormat, type Told } from './read';
export { SCAN_REFUSALS, ScanRefused, type ScanRefusal } from './refusal';
export { alongPlane, cutPoints, type Plane, type Space, tapeCut, type TapeCut } from './cut';
export { doubleArea, type Hole, holesOf, largestPart, longestEdge, type Mesh, trianglesOf, weld } from './mesh';
export { measureScan, type ScanValue, type ScanValues } from './measure-scan';
export { jitterOf, steadied } from './smooth-mesh';
export { setDown, type SetScan } from './set';
export { SCAN_UNITS, type ScanUnit, unitsOf } from './units';
export { takeScan, type TakenScan } from './take';
