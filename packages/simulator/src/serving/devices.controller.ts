import {
  Body,
  ConflictException,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  NotFoundException,
  Param,
  ParseIntPipe,
  Post,
  Put,
  UnprocessableEntityException,
} from '@nestjs/common';
import {
  Anything,
  DateTime,
  Optional,
  readObject,
  ROOT_PATH,
  type DocumentProblem,
} from '@water-clock/core/documents';
import { parseDateTime } from '@water-clock/core/civil-time';
import { readPlan } from '@water-clock/core/settings';
import { readHandling } from '@water-clock/core/timer-types';
import { programsAmiss } from '../front/lamps.js';
import { readCommand } from './commands.js';
import { Devices, type Served } from './devices.js';

class Entered {
  /** What a new device's clock shows at first. */
  @DateTime() reads!: string;
  @Anything() document: unknown;
  /** How its kind is used with the hands; absent: as most are. */
  @Optional() @Anything() handling?: unknown;
}

/** All devices, in short. */
@Controller('timers')
export class AllDevicesController {
  constructor(private readonly devices: Devices) {}

  @Get()
  list() {
    const timers = [...this.devices.all].map(([name, { device, speed }]) => ({
      ...{ name, speed, clock: device.state.clock, lit: device.state.lit },
    }));
    return { timers };
  }
}

/** The devices over HTTP, each under a name that its first settings give it. */
@Controller('timers/:name')
export class DevicesController {
  constructor(private readonly devices: Devices) {}

  @Put('settings')
  enter(@Param('name') name: string, @Body() body: unknown) {
    const problems: DocumentProblem[] = [];
    const { reads, document, handling = {} } = readObject(Entered, body, ROOT_PATH, problems);
    const [plan, asks] = [readPlan(document), readHandling(handling)];
    if (!plan.ok) problems.push(...under('document', plan.trouble));
    if (!asks.ok) problems.push(...under('handling', asks.trouble));
    if (!plan.ok || !asks.ok || problems.length > 0)
      throw new UnprocessableEntityException({ errors: problems });
    return answerOf(this.devices.enter(name, plan.value, parseDateTime(reads)!, asks.value));
  }

  @Get()
  state(@Param('name') name: string) {
    return answerOf(this.find(name));
  }

  @Post('commands')
  @HttpCode(200)
  command(@Param('name') name: string, @Body() body: unknown) {
    const served = this.find(name);
    const command = readCommand(body);
    if (!command.ok) throw new UnprocessableEntityException({ errors: command.trouble });
    const refused = command.value.do(served);
    if (refused !== undefined) throw new ConflictException(refused);
    return answerOf(served);
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

  /** What a unit says of its valve. */
  @Get('units/:serial/test')
  test(@Param('name') name: string, @Param('serial') serial: string) {
    const { cable } = this.find(name).device;
    return cable?.test(serial) ?? { result: 'silent', milliamps: null };
  }

  @Get('log.csv')
  @Header('content-type', 'text/csv; charset=utf-8')
  log(@Param('name') name: string): string {
    return this.find(name).device.log.asCsv();
  }

  @Delete()
  @HttpCode(204)
  remove(@Param('name') name: string): void {
    if (!this.devices.remove(name)) throw new NotFoundException('There is no such timer here.');
  }

  private find(name: string): Served {
    const served = this.devices.find(name);
    if (!served) throw new NotFoundException('There is no such timer here.');
    return served;
  }
}

const under = (field: string, problems: readonly DocumentProblem[]): DocumentProblem[] =>
  problems.map(({ path, message }) => ({ path: `${field}.${path}`, message }));

const answerOf = ({ device, front, speed }: Served) => ({
  speed,
  ...device.state,
  front: front.display,
  programsAmiss: programsAmiss(device.settings),
});
