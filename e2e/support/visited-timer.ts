import type { setStage } from './stage.js';

interface Made {
  readonly id: string;
}

export interface VisitedTimer {
  readonly propertyId: string;
  readonly timerId: string;
  readonly visitId: string;
}

/** A home with a timer of so many stations, "Bed 1" and so on, and a visit to it that has begun. */
export async function visitedTimer(
  stage: ReturnType<typeof setStage>,
  home: object,
  stations: number,
): Promise<VisitedTimer> {
  const { id: propertyId } = await stage.ask<Made>('POST', '/properties', home);
  const document = {
    ...{ format: 'waterclock.plan/2', timer: { stations }, programs: [] },
    stations: Array.from({ length: stations }, (_, at) => ({
      ...{ number: at + 1, name: `Bed ${at + 1}` },
    })),
  };
  const { id: timerId } = await stage.ask<Made>('POST', `/properties/${propertyId}/timers`, {
    ...{ name: 'Cellar', document },
  });
  const visitId = crypto.randomUUID();
  await stage.ask('POST', `/timers/${timerId}/visits`, {
    ...{ id: visitId, startedAt: new Date().toISOString() },
  });
  return { propertyId, timerId, visitId };
}
