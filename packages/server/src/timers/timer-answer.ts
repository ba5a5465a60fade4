import { propertyAnswer } from '../properties/properties.service.js';
import type { TimerAnswer } from './timer.dto.js';
import type { Timer } from './timer.entity.js';

/** A timer with its property, which must be loaded. */
export const timerAnswer = ({ id, name, kindId, hasOwnBackup, property }: Timer): TimerAnswer => ({
  id,
  name,
  kindId,
  hasOwnBackup,
  property: propertyAnswer(property),
});
