import type { SupplySource } from '@water-clock/core/settings';
import { Caution } from '../ui/page';

const CAUTIONS: Record<SupplySource, string> = {
  mains:
    'The backflow device is tested by a licensed tester, as the local code asks; do not open or bypass it.',
  bore: 'Pump and its wiring: licensed electrician, power off. Never run the pump against closed valves.',
  tank: 'Pump and its wiring: licensed electrician, power off. Never run the pump against closed valves.',
  pond: 'Pump and its wiring: licensed electrician, power off. Never run the pump against closed valves.',
  reclaimed:
    'Reclaimed water: signs up, no drinking, no hand spray, and no connection to drinking water. The local code decides.',
};

/** What to mind with a kind of supply. */
export const SupplyCautions = ({ source }: { source: SupplySource | null }) =>
  source && <Caution>{CAUTIONS[source]}</Caution>;
