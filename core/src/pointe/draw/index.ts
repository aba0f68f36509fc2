export { carry, type SoleBend } from './carry';
export { pointeFront, type PointeFront, type ToeFront, WALL_BANDS, wallBand, type WallBandId } from './front';
export { pointePlan, type PointePlan, type PlanSection } from './plan';
export { pointeSide, type PointeSide, type SideOf } from './side';
export { LEG_UPTO } from './skin';
