import { TimerHandling } from '@water-clock/core/timer-kinds';
import { propertyAnswer } from '../properties/properties.service.js';
import type { TimerAnswer } from './timer.dto.js';
import type { Timer } from './timer.entity.js';

/** A timer with its property and its kind, which must be loaded. */
export const timerAnswer = ({
  id,
  name,
  kindId,
  kind,
  hasOwnBackup,
  property,
}: Timer): TimerAnswer => ({
  id,
  name,
  kindId,
  hasOwnBackup,
  handling: kind?.handling ?? new TimerHandling(),
  property: propertyAnswer(property),
});
