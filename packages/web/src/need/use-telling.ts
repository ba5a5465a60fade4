import type { Customary, StationNeed } from '@water-clock/core/needs';
import type { YardStation } from '@water-clock/core/yards';
import { useQuantity } from '../session/use-signed-in';
import type { NeedTelling } from '../yard/need-words';
import type { YardNeeds } from '@water-clock/core/needs';

/** What holds for the whole yard when a need is put into words. */
export type TellingOfYard = Pick<YardNeeds, 'month' | 'weather' | 'percent'> & {
  readonly customary: Customary;
};

/** Gives what the words about a station's need are made of, in the firm's units. */
export function useTelling({ month, weather, percent, customary }: TellingOfYard) {
  const depth = useQuantity('depth');
  const rate = useQuantity('rate');
  const flow = useQuantity('flow');
  const area = useQuantity('area');
  return (station: YardStation, need: StationNeed): NeedTelling => ({
    station,
    need,
    month,
    weather,
    percent,
    customary,
    depth,
    rate,
    flow,
    area,
  });
}
