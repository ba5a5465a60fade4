import { parseDateTime } from '@water-clock/core/civil-time';
import {
  Amount,
  DateTime,
  Flag,
  OneOf,
  Optional,
  OrNull,
  readObject,
  ROOT_PATH,
  Text,
  WholeNumber,
  type DocumentProblem,
} from '@water-clock/core/documents';
import { ELECTRICAL_FAULTS } from '@water-clock/core/faults';
import type { Replaced } from '@water-clock/core/practice';
import { err, ok, type Result, fieldOf } from '@water-clock/core/kernel';
import { LONGEST_SECONDS } from '@water-clock/core/timer-types';
import type { AfterPowerCut } from '../device/simulated-timer.js';
import { VALVE_FAULTS, type ValveFault } from '../device/outputs.js';
import { FRONT_BUTTONS, type FrontButton } from '../front/front.js';
import type { Served } from './devices.js';

/** Something that is done to a device; `do` says what could not be done, or nothing. */
abstract class Command {
  @Text() command!: string;
  abstract do(served: Served): string | undefined;
}

class RunStation extends Command {
  @WholeNumber(1) station!: number;
  @WholeNumber(1, LONGEST_SECONDS) seconds!: number;

  do({ device }: Served) {
    if (!device.settings.stations.some(({ number }) => number === this.station))
      return `It has no station ${this.station}.`;
    device.runStation(this.station, this.seconds);
    return undefined;
  }
}

class RunProgram extends Command {
  @Text() program!: string;

  do({ device }: Served) {
    if (!device.settings.programs.some(({ id }) => id === this.program))
      return `It has no program ${this.program}.`;
    device.runProgram(this.program);
    return undefined;
  }
}

class RunAll extends Command {
  @WholeNumber(1, LONGEST_SECONDS) seconds!: number;

  do({ device }: Served) {
    device.runAll(this.seconds);
    return undefined;
  }
}

class RunFrom extends RunStation {
  override do({ device }: Served) {
    device.runFrom(this.station, this.seconds);
    return undefined;
  }
}

/** Held for longer than this nobody keeps a finger on a button. */
const MOST_PRESSES = 1440;

class Press extends Command {
  @OneOf(FRONT_BUTTONS) button!: FrontButton;
  /** A button that is held counts as so many presses. */
  @WholeNumber(1, MOST_PRESSES) times = 1;

  do({ front }: Served) {
    front.press(this.button, this.times);
    return undefined;
  }
}

class Reset extends Command {
  do({ device }: Served) {
    device.reset();
    return undefined;
  }
}

const REPLACED = [...ELECTRICAL_FAULTS.map(({ code }) => code), 'sensor', 'valve'] as const;

/** A part is replaced, or joined anew; at a device for practice alone. */
class Replace extends Command {
  @OneOf(REPLACED) of!: Replaced['of'];
  @OrNull() @WholeNumber(1) station: number | null = null;

  do({ played }: Served) {
    if (!played) return 'Nothing is hidden in it.';
    played.replace({ of: this.of, station: this.station });
    return undefined;
  }
}

class NextStation extends Command {
  do({ device }: Served) {
    device.nextStation();
    return undefined;
  }
}

class Stop extends Command {
  do({ device }: Served) {
    device.stop();
    return undefined;
  }
}

class SetClock extends Command {
  @Optional() @DateTime() reads?: string;
  /** Seconds of its clock in a second; 0: it stands. */
  @Optional() @Amount(0, 10_000) speed?: number;

  do(served: Served) {
    if (this.reads !== undefined) served.device.setClock(parseDateTime(this.reads)!);
    if (this.speed !== undefined) served.speed = this.speed;
    return undefined;
  }
}

class Advance extends Command {
  @WholeNumber(1, 366 * 86_400) seconds!: number;

  do({ device }: Served) {
    device.advance(this.seconds);
    return undefined;
  }
}

class DelayForRain extends Command {
  @WholeNumber(0, 24 * 31) hours!: number;

  do({ device }: Served) {
    device.delayForRain(this.hours);
    return undefined;
  }
}

class SetSensor extends Command {
  @Optional() @Flag() isWet?: boolean;
  @Optional() @Flag() isFreezing?: boolean;

  do({ device }: Served) {
    const { isWet, isFreezing } = this;
    device.setSensor({
      ...(isWet !== undefined && { isWet }),
      ...(isFreezing !== undefined && { isFreezing }),
    });
    return undefined;
  }
}

class SetSwitches extends Command {
  @Optional() @Flag() isBypassed?: boolean;
  @Optional() @Flag() isFreezeBypassed?: boolean;
  @Optional() @Flag() isOff?: boolean;

  do({ device }: Served) {
    const { isBypassed, isFreezeBypassed, isOff } = this;
    device.setSwitches({
      ...(isBypassed !== undefined && { isBypassed }),
      ...(isFreezeBypassed !== undefined && { isFreezeBypassed }),
      ...(isOff !== undefined && { isOff }),
    });
    return undefined;
  }
}

class SetFault extends Command {
  @WholeNumber(1) station!: number;
  @OneOf([...VALVE_FAULTS, 'none']) fault!: ValveFault | 'none';

  do({ device }: Served) {
    device.setFault(this.station, this.fault === 'none' ? null : this.fault);
    return undefined;
  }
}

class SetLeak extends Command {
  @WholeNumber(1) station!: number;
  /** Of its flow: 0.2 is a fifth more. */
  @Amount(0, 5) share!: number;

  do({ device }: Served) {
    device.setLeak(this.station, this.share);
    return undefined;
  }
}

class CutPower extends Command {
  @Flag() hasBattery = true;
  @OneOf(['stops', 'midnight']) afterPowerCut: AfterPowerCut = 'stops';

  do({ device }: Served) {
    device.cutPower(this.hasBattery, this.afterPowerCut);
    return undefined;
  }
}

class RestorePower extends Command {
  do({ device }: Served) {
    device.restorePower();
    return undefined;
  }
}

class BackUp extends Command {
  do({ device }: Served) {
    device.backUp();
    return undefined;
  }
}

class Restore extends Command {
  do({ device }: Served) {
    return device.restore() ? undefined : 'It keeps no settings of its own.';
  }
}

const COMMANDS: Readonly<Record<string, new () => Command>> = {
  'run-station': RunStation,
  'run-program': RunProgram,
  'run-all': RunAll,
  'run-from': RunFrom,
  'next-station': NextStation,
  press: Press,
  reset: Reset,
  replace: Replace,
  stop: Stop,
  clock: SetClock,
  advance: Advance,
  'rain-delay': DelayForRain,
  sensor: SetSensor,
  switches: SetSwitches,
  fault: SetFault,
  leak: SetLeak,
  'cut-power': CutPower,
  'restore-power': RestorePower,
  'back-up': BackUp,
  restore: Restore,
};

/** Reads a command; every fault of it at once, by its path. */
export function readCommand(document: unknown): Result<Command, readonly DocumentProblem[]> {
  const name = fieldOf(document, 'command');
  const known = typeof name === 'string' && Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : null;
  if (!known) {
    const names = Object.keys(COMMANDS).join(', ');
    return err([{ path: 'command', message: `must be one of ${names}` }]);
  }
  const problems: DocumentProblem[] = [];
  const command = readObject(known, document, ROOT_PATH, problems);
  return problems.length === 0 ? ok(command) : err(problems);
}
