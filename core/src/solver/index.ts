/** The solver alone, without the contract and the tables: what the app's web worker loads. */
export { askDeepest, askFit, askSettle, type PostureQuestion } from './ask';
export { attribute, type Attribution, type AttributionInput } from './attribute';
export { type Fit, type FitAim } from './fit';
export { whatIf, type WhatIf } from './whatIf';
