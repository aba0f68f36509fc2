export { because, type SpokenSum } from './because';
export {
  feelWords,
  FORECAST_WORDS,
  HELP_REFUSALS,
  type HelpRefusal,
  inSizes,
  LABEL_WORDS,
  PUT_IN_WORDS,
  SENTENCE,
  TOE_NAMES,
  VERDICT_WORDS
} from './catalogue';
export { cautionsFor, cautionsOfWearer } from './cautions';
export { character, findingsOf, type SpokenFoot, tightness, TOLD_FROM_MM } from './findings';
export { feelOfZone, reasonFor, sentence, worstWords } from './sentence';
