export {
  nextStep,
  SET_UP_STEPS,
  setUpSteps,
  type HomeSoFar,
  type SetUpStep,
  type StepOfHome,
} from './set-up-steps.js';
