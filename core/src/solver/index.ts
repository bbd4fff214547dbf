/** Solver and figure without the contract and the tables: what the app's web worker loads. */
export {
  askDeepest,
  askFit,
  askSettle,
  problemFrom,
  type PostureAnswer,
  type PostureQuestion,
} from './ask';
export { type AttributionInput } from './attribute';
export { attributeWithErrors, type AttributionWithErrors } from './attributeWithErrors';
export { type LimitsDeg } from './limits';
export { type Fit, type FitAim } from './fit';
export { stanceProblems } from './stanceProblems';
export { stateOf } from './state';
export { mix } from './variables';
export { reachErrorDeg, whatIf, type WhatIf } from './whatIf';
export { drawFigure, type DrawnFigure } from '../skeleton/drawFigure';
export { FIGURE_CAMERAS, project, type FigureView } from '../skeleton/camera';
export { skeletonOf } from '../skeleton/skeletonOf';
