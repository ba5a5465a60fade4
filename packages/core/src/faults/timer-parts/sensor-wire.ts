import { ANY_POWER, ANY_WIRING, type PartFault } from '../hardware-fault.js';

export const SENSOR_WIRE: PartFault = {
  ...{ code: 'sensor-wire', name: 'The rain sensor or its wire' },
  ...{ wirings: ANY_WIRING, powers: ANY_POWER },
  shows: 'It waters in rain, or it does not water though it has been dry for days.',
  tells:
    'Dry, its two wires read closed; wet, open, or the other way round as the sensor is made. The same reading wet and dry is the sensor.',
  tries: [
    'Look at the sensor switch: active, or bypassed.',
    'Press the pin of the sensor: does the timer say that it is wet, both are well.',
    'Take its wires off at the timer, and measure them dry and wet.',
    'Look for a bridge across the sensor terminals, and for a cut wire at the roof.',
  ],
  mend: 'Put in another sensor, or join its wire; then active, and try it.',
  part: 'A rain sensor',
  caution: 'A ladder needs somebody who holds it, and stays clear of power lines.',
};
