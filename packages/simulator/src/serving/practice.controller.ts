import {
  Body,
  ConflictException,
  Controller,
  Get,
  HttpCode,
  NotFoundException,
  Param,
  ParseIntPipe,
  Post,
  Put,
  UnprocessableEntityException,
} from '@nestjs/common';
import { formatDateTime } from '@water-clock/core/civil-time';
import { fieldOf } from '@water-clock/core/kernel';
import { readPlayed } from '@water-clock/core/practice';
import { programsAmiss } from '../front/lamps.js';
import { readCommand } from './commands.js';
import { Devices, type Served } from './devices.js';

/** What somebody who practises does at a timer; what happens to it is hidden, and not theirs to choose. */
const COMMANDS = [
  ...['press', 'switches', 'run-station', 'run-from', 'run-program', 'run-all', 'next-station'],
  ...['stop', 'clock', 'advance', 'rain-delay', 'back-up', 'restore', 'reset', 'replace'],
];

type ServedForPractice = Served & Required<Pick<Served, 'played' | 'playing'>>;
const isForPractice = (served: Served | undefined): served is ServedForPractice =>
  served?.played !== undefined && served.playing !== undefined;

/** Timers with something hidden in them, each under the name of whoever practises. */
@Controller('practice/:name')
export class PracticeController {
  constructor(private readonly devices: Devices) {}

  @Put()
  begin(@Param('name') name: string, @Body() body: unknown) {
    const played = readPlayed(body);
    if (!played.ok) throw new UnprocessableEntityException({ errors: played.trouble });
    this.devices.play(name, played.value);
    return stateOf(this.find(name));
  }

  @Get()
  state(@Param('name') name: string) {
    return stateOf(this.find(name));
  }

  @Post('commands')
  @HttpCode(200)
  command(@Param('name') name: string, @Body() body: unknown) {
    const served = this.find(name);
    const asked = fieldOf(body, 'command');
    if (typeof asked !== 'string' || !COMMANDS.includes(asked)) {
      const message = `must be one of ${COMMANDS.join(', ')}`;
      throw new UnprocessableEntityException({ errors: [{ path: 'command', message }] });
    }
    if (asked === 'clock' && fieldOf(body, 'reads') !== undefined) {
      const message = 'the clock is set at the front';
      throw new UnprocessableEntityException({ errors: [{ path: 'reads', message }] });
    }
    const command = readCommand(body);
    if (!command.ok) throw new UnprocessableEntityException({ errors: command.trouble });
    const refused = command.value.do(served);
    if (refused !== undefined) throw new ConflictException(refused);
    return stateOf(served);
  }

  /** What a meter shows at a station's terminal. */
  @Get('stations/:station/reading')
  reading(@Param('name') name: string, @Param('station', ParseIntPipe) station: number) {
    const { device } = this.find(name);
    return { ohms: device.readingOhms(station), amps: device.readingAmps(station) };
  }

  /** The valve units that answer on the two wires. */
  @Get('units')
  units(@Param('name') name: string) {
    return { units: this.find(name).device.cable?.search() ?? [] };
  }

  /** What comes of it as it is left now. */
  @Post('judgement')
  @HttpCode(200)
  judge(@Param('name') name: string) {
    const { played, front, device } = this.find(name);
    return { ...played.judge(), presses: front.presses, passedSeconds: device.passedSeconds };
  }

  private find(name: string): ServedForPractice {
    const served = this.devices.find(name);
    if (!isForPractice(served)) throw new NotFoundException('Nobody practises under this name.');
    return served;
  }
}

/** What a technician would see of it: its face, its lamps, and the yard. */
function stateOf({ device, front, played, playing, speed }: ServedForPractice) {
  const { faults: _faults, leaks: _leaks, watered: _watered, ...seen } = device.state;
  return {
    ...{ ...seen, speed, playing, trueTime: formatDateTime(played.trueTime) },
    front: front.display,
    programsAmiss: programsAmiss(device.settings),
  };
}
