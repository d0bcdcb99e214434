export { createStepper, stateBetween, type Derivative, type Stepper, type StepperOptions } from "./dormand-prince";
export { fitLeastSquares, type Fit, type FitOptions, type Residuals } from "./levenberg-marquardt";
export { interpolate } from "./interpolate";
export { normalDensity } from "./normal-density";
export { quantileOfSorted } from "./quantile";
export { normalFrom, seriesFrom } from "./random-series";
export { betaBelow, betaQuantile } from "./beta";
