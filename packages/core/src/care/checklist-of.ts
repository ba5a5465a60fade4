import type { Care } from './care.js';
import type { CarePlace, Checklist } from './checklist.js';
import { backflowChecklist } from './checklists/backflow.js';
import { batteryChecklist } from './checklists/battery.js';
import { filterChecklist } from './checklists/filter.js';
import { sensorChecklist } from './checklists/sensor.js';
import { springChecklist } from './checklists/spring.js';
import { winterChecklist } from './checklists/winter.js';

const CHECKLISTS: Readonly<Record<Care, (place: CarePlace) => Checklist>> = {
  battery: batteryChecklist,
  sensor: sensorChecklist,
  filter: filterChecklist,
  backflow: backflowChecklist,
  winter: winterChecklist,
  spring: springChecklist,
};

/** How to care for something at a place. */
export const checklistOf = (care: Care, place: CarePlace): Checklist => CHECKLISTS[care](place);
