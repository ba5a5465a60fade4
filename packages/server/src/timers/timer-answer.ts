import { TimerHandling } from '@water-clock/core/timer-types';
import { propertyAnswer } from '../properties/properties.service.js';
import type { TimerAnswer } from './timer.dto.js';
import type { Timer } from '../schema/timer.entity.js';

/** A timer with its property and its timer type, which must be loaded. */
export const timerAnswer = ({
  id,
  name,
  timerTypeId,
  timerType,
  hasOwnBackup,
  property,
}: Timer): TimerAnswer => ({
  id,
  name,
  timerTypeId,
  hasOwnBackup,
  handling: timerType?.handling ?? new TimerHandling(),
  property: propertyAnswer(property),
});
