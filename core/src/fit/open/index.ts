export { checkFit, type Fit, type FootFit, HEEL_TOLD_MM, type HeelFit, type ZoneFit } from './check';
export { drawFit, type EdgePoint, type FitDrawing } from './drawing';
export { feetAt, forecast, FORECAST_HOURS, LATER_HOURS } from './forecast';
export { hardlySlides, heldBack, type HeldBack } from './held-back';
export { drawSection, type SectionDrawing } from './section';
export { suspectsOf, SYMPTOM, SYMPTOM_IDS, type SymptomId, SYMPTOMS } from './symptoms';
export { drawSide, heelMadeOf, poseFootOf } from './side';
export { toeShapesOn, type ToeShapeOn, type ToesIn } from './toe-families';
