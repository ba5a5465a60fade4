import {
  asTimerSeconds,
  addSeconds,
  dayOf,
  formatDateTime,
  SECONDS_PER_DAY,
  startOfDay,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import type { HandPiece } from '@water-clock/core/faults';
import { fromFactory, type Plan } from '@water-clock/core/settings';
import { DryHours } from './dry-hours.js';
import { Cable } from './cable.js';
import { DeviceLog } from './log.js';
import { Outputs, type Demand, type ValveFault } from './outputs.js';
import type { AskedPiece } from './pieces.js';
import { Run } from './run.js';
import { Starts, type Start } from './starts.js';
import { turnsOn, type StationTurn } from './station-lengths.js';

/** What a timer without a backup battery does with its clock when the power goes. */
export type AfterPowerCut = 'stops' | 'midnight';

export type SensorFault = 'wet' | 'dead';

const LEAST_FLOW_LPM = 12;

const runKey = ({ place: { program = '', startNumber, nominal } }: Run): string =>
  `${program} ${startNumber} ${nominal}`;

/**
 * A simulator for a timer on a wall. It lives in its own clock's time: nothing happens but by
 * {@link advance} and by what is done to it. The same calls always give the same log.
 */
export class SimulatedTimer {
  readonly log = new DeviceLog();
  private readonly outputs = new Outputs(this.log);
  /** By how much more than its heads take flows at a station, as a share. */
  private readonly leaks = new Map<number, number>();
  private dry: DryHours;
  private starts: Starts;
  private running: Run[] = [];
  private waiting: Start[] = [];
  /** The moment from which a waiting run may begin. */
  private freeFrom: TimerSeconds;
  private kept: Plan | null = null;
  private isSensorWet = false;
  private isFreezing = false;
  private wasWet = false;
  private sensorFault: SensorFault | null = null;
  private passed = 0;
  private delayUntil: TimerSeconds | null = null;
  private hasPower = true;
  private hasBattery = true;
  private afterPowerCut: AfterPowerCut = 'stops';

  constructor(
    private plan: Plan,
    private now: TimerSeconds,
  ) {
    this.dry = new DryHours(plan);
    this.starts = new Starts(plan);
    this.freeFrom = now;
    this.log.add(now, 'settings', { note: plan.timer.name ?? '' });
    this.comeTo(now);
  }

  get settings(): Plan {
    return this.plan;
  }

  /** True seconds that have passed since it was hung up, whatever its clock says. */
  get passedSeconds(): number {
    return this.passed;
  }

  get valveFaults(): ReadonlyMap<number, ValveFault> {
    return this.outputs.faults;
  }

  get isSensorStuck(): boolean {
    return this.sensorFault === 'wet';
  }

  get clock(): TimerSeconds {
    return this.now;
  }

  get state() {
    const going = this.running.flatMap(({ going }) => going);
    return {
      clock: formatDateTime(this.now),
      hasPower: this.hasPower,
      hasBattery: this.hasBattery,
      afterPowerCut: this.afterPowerCut,
      isOff: this.plan.controller.off,
      isSensorWet: this.isWet,
      isFreezing: this.isFreezing || this.dry.isFrosty(this.now),
      isSensorBypassed: this.plan.controller.rainSensor === 'bypass',
      isFreezeSensorBypassed: this.plan.controller.freezeSensor === 'bypass',
      rainDelayUntil: this.delayUntil === null ? null : formatDateTime(this.delayUntil),
      hasBackup: this.kept !== null,
      waiting: this.waiting.length,
      ...this.outputs.relays,
      faults: Object.fromEntries(this.outputs.faults),
      lit: this.outputs.lit,
      shorted: this.outputs.shorted,
      flowLpm: this.flowLpm,
      leaks: Object.fromEntries(this.leaks),
      watered: this.outputs
        .flowed(addSeconds(this.now, -SECONDS_PER_DAY), this.now)
        .map(({ station, from, to }) => ({
          ...{ station, from: formatDateTime(from), to: formatDateTime(to) },
        })),
      open: this.outputs.open.map(({ place: { station, program, piece } }) => ({
        station,
        program,
        secondsLeft:
          (going.find((one) => one.station === station && one.piece === piece)?.to ?? this.now) -
          this.now,
      })),
    };
  }

  /** What a meter in the supply shows: as the settings have it of a station, or as many heads would take. */
  get flowLpm(): number {
    const { stations } = this.plan;
    return this.outputs.open
      .map(({ place: { station } }) => {
        const own = stations.find(({ number }) => number === station)?.flowLpm;
        return (own ?? LEAST_FLOW_LPM + ((station * 5) % 9)) * (1 + (this.leaks.get(station) ?? 0));
      })
      .reduce((sum, flow) => sum + flow, 0);
  }

  /** More water than its heads take flows at a station; `share` of it, 0: no more. */
  setLeak(station: number, share: number): void {
    if (share === 0) this.leaks.delete(station);
    else this.leaks.set(station, share);
  }

  /** Lets seconds pass. Without power the clock goes on only by its battery, and nothing waters. */
  advance(seconds: number): void {
    this.passed += seconds;
    if (!this.hasPower) {
      if (this.hasBattery) this.now = addSeconds(this.now, seconds);
      return;
    }
    const end = addSeconds(this.now, seconds);
    for (;;) {
      const next = Math.min(
        this.starts.nextAfter(this.now),
        this.dry.nextEdge(this.now),
        this.delayUntil ?? Infinity,
        this.waiting.length > 0 && this.running.length === 0
          ? Math.max(this.freeFrom, this.now + 1)
          : Infinity,
        ...this.running.map(({ nextMoment }) => nextMoment),
      );
      if (next > end) break;
      this.now = asTimerSeconds(next);
      this.comeTo(this.now);
    }
    this.now = end;
  }

  /** Puts other settings in. What is going stops. */
  enter(plan: Plan): void {
    this.stop();
    this.plan = plan;
    this.dry = new DryHours(plan);
    this.starts = new Starts(plan);
    this.log.add(this.now, 'settings', { note: plan.timer.name ?? '' });
    this.setOutputs();
  }

  /** A value is keyed in at the front: what is going goes on as it was begun. */
  key(plan: Plan, note: string): void {
    this.plan = plan;
    this.dry = new DryHours(plan);
    this.starts = new Starts(plan);
    this.log.add(this.now, 'keyed', { note });
    this.setOutputs();
  }

  /** Nothing is set any more, as it left the factory; its own memory keeps what it keeps. */
  reset(): void {
    this.enter(fromFactory(this.plan));
  }

  /** Sets the clock. What is going stops. */
  setClock(reads: TimerSeconds): void {
    this.stop();
    this.log.add(this.now, 'clock', { note: formatDateTime(reads) });
    this.now = reads;
    this.freeFrom = reads;
    this.setOutputs();
  }

  /** Turns stations on by hand, one after another; what is going is cut off. */
  runByHand(turns: readonly StationTurn[]): void {
    this.stop();
    if (!this.hasPower || turns.length === 0) return;
    this.begin(Run.byHand(this.plan, turns, this.now));
    this.setOutputs();
  }

  /** What somebody lets water from now on, piece by piece, in seconds from now. */
  runPieces(pieces: readonly HandPiece[]): void {
    this.stop();
    if (!this.hasPower || pieces.length === 0) return;
    const asked = pieces.map(({ station, fromSeconds, toSeconds }, index) => ({
      ...{ station, piece: index + 1, from: addSeconds(this.now, fromSeconds) },
      to: addSeconds(this.now, toSeconds),
    }));
    this.begin(Run.asPressed(this.plan, asked, this.now));
    this.setOutputs();
  }

  runStation = (station: number, seconds: number): void => this.runByHand([{ station, seconds }]);

  /** A program once, with the lengths of today. */
  runProgram(id: string): void {
    const program = this.plan.programs.find((one) => one.id === id);
    this.runByHand(program ? turnsOn(this.plan, program, dayOf(this.now)) : []);
  }

  runAll = (seconds: number): void => this.runFrom(1, seconds);

  /** A station and all after it. */
  runFrom(station: number, seconds: number): void {
    const stations = this.plan.stations.filter(
      ({ number, enabled }) => enabled && number >= station,
    );
    this.runByHand(
      stations
        .map(({ number }) => ({ station: number, seconds }))
        .sort((a, b) => a.station - b.station),
    );
  }

  /** On to the next station of what runs by hand. */
  nextStation(): void {
    const run = this.running.find(({ isByHand }) => isByHand);
    if (!run) return;
    run.skipStation(this.now);
    run.beginPiecesAt(this.now);
    this.endRuns();
    this.setOutputs();
  }

  /** Everything off; start times go on as they are set. */
  stop(): void {
    for (const run of this.running) this.log.add(this.now, 'cut-off', run.place);
    this.running = [];
    this.waiting = [];
    this.freeFrom = this.now;
    this.setOutputs();
  }

  /** No run begins for some hours; 0 ends the delay. */
  delayForRain(hours: number): void {
    this.stop();
    this.delayUntil = hours > 0 ? addSeconds(this.now, hours * 3600) : null;
    this.log.add(this.now, 'rain-delay', { note: `${hours} h` });
  }

  setSensor({ isWet, isFreezing }: { isWet?: boolean; isFreezing?: boolean }): void {
    if (isFreezing !== undefined && isFreezing !== this.isFreezing)
      this.log.add(this.now, isFreezing ? 'freezing' : 'thawed');
    this.isSensorWet = isWet ?? this.isSensorWet;
    this.isFreezing = isFreezing ?? this.isFreezing;
    this.setOutputs();
  }

  /** Sets the sensor switch, and whether the timer waters at all. */
  setSwitches(switches: {
    isBypassed?: boolean;
    isFreezeBypassed?: boolean;
    isOff?: boolean;
  }): void {
    const { controller } = this.plan;
    const {
      isBypassed = controller.rainSensor === 'bypass',
      isFreezeBypassed = controller.freezeSensor === 'bypass',
      isOff = controller.off,
    } = switches;
    if (isOff) this.stop();
    this.plan = {
      ...this.plan,
      controller: {
        ...controller,
        rainSensor: isBypassed ? 'bypass' : 'active',
        freezeSensor: isFreezeBypassed ? 'bypass' : 'active',
        off: isOff,
      },
    };
    this.setOutputs();
  }

  setFault(station: number, fault: ValveFault | null): void {
    if (fault) this.outputs.faults.set(station, fault);
    else this.outputs.faults.delete(station);
    this.log.add(this.now, 'fault', { station, note: fault ?? 'mended' });
    this.setOutputs();
  }

  readingOhms = (station: number): number | null => this.outputs.readingOhms(station);
  readingAmps = (station: number): number => this.outputs.readingAmps(station);

  /** A sensor that says wet whatever the weather, or that says nothing any more. */
  setSensorFault(fault: SensorFault | null): void {
    this.sensorFault = fault;
    this.setOutputs();
  }

  /** What hangs on the two wires; without power nothing there answers. */
  get cable(): Cable | null {
    return this.hasPower ? new Cable(this.plan, this.outputs.faults) : null;
  }

  /** Takes the power away: what is going is lost, and is not made up for. */
  cutPower(hasBattery: boolean, afterPowerCut: AfterPowerCut): void {
    if (!this.hasPower) return;
    this.stop();
    this.hasPower = false;
    this.hasBattery = hasBattery;
    this.afterPowerCut = afterPowerCut;
    this.setOutputs();
    this.log.add(this.now, 'power-off', { note: hasBattery ? 'battery' : afterPowerCut });
  }

  restorePower(): void {
    if (this.hasPower) return;
    this.hasPower = true;
    if (!this.hasBattery && this.afterPowerCut === 'midnight')
      this.now = startOfDay(dayOf(this.now));
    this.freeFrom = this.now;
    this.log.add(this.now, 'power-on');
    this.setOutputs();
  }

  /** Keeps the settings in the timer's own memory. */
  backUp(): void {
    this.kept = this.plan;
    this.log.add(this.now, 'backup');
  }

  /** Brings the kept settings back; false where none are kept. */
  restore(): boolean {
    if (!this.kept) return false;
    this.log.add(this.now, 'restore');
    this.enter(this.kept);
    return true;
  }

  private comeTo(now: TimerSeconds): void {
    for (const run of this.running) run.endPiecesAt(now);
    this.endRuns();
    this.beginWaiting(now);
    for (const start of this.starts.at(now)) this.startComes(start);
    for (const run of this.running) run.beginPiecesAt(now);
    if (this.delayUntil !== null && this.delayUntil <= now) this.delayUntil = null;
    this.setOutputs();
  }

  private endRuns(): void {
    for (const run of this.running.filter(({ isOver }) => isOver)) {
      this.log.add(this.now, 'end', run.place);
      this.freeFrom = addSeconds(this.now, this.delaySeconds);
    }
    this.running = this.running.filter(({ isOver }) => !isOver);
  }

  /** What the sensor tells the timer. */
  private get isWet(): boolean {
    if (this.sensorFault !== null) return this.sensorFault === 'wet';
    return this.isSensorWet || this.dry.isRaining(this.now);
  }

  private get delaySeconds(): number {
    return this.plan.controller.stationDelaySeconds;
  }

  private startComes(start: Start): void {
    if (this.plan.controller.off || this.dry.isPaused(this.now)) return;
    if (this.delayUntil !== null && this.now < this.delayUntil) return;
    const { program, startNumber, nominal } = start;
    const place = { program: program.id, startNumber, nominal };
    const run = Run.ofStart(this.plan, start, this.now);
    if (!run) return;
    const isBusy = this.running.length > 0;
    switch (this.plan.timer.overlap) {
      case 'concurrent':
        this.begin(run);
        break;
      case 'preempt':
        for (const other of this.running) this.log.add(this.now, 'cut-off', other.place);
        this.running = [];
        this.begin(run);
        break;
      case 'drop':
        if (isBusy) this.log.add(this.now, 'left-out', place);
        else this.begin(run);
        break;
      case 'queue':
        if (!isBusy && this.waiting.length === 0 && this.freeFrom <= this.now) {
          this.begin(run);
          break;
        }
        this.waiting.push(start);
        this.log.add(this.now, 'queued', place);
    }
  }

  private beginWaiting(now: TimerSeconds): void {
    if (this.running.length > 0 || this.freeFrom > now) return;
    const first = this.waiting.shift();
    const run = first && Run.ofStart(this.plan, first, now);
    if (run) this.begin(run);
  }

  private begin(run: Run): void {
    this.log.add(this.now, 'run', run.place);
    run.beginPiecesAt(this.now);
    this.running.push(run);
  }

  private setOutputs(): void {
    const { isWet } = this;
    if (isWet !== this.wasWet) this.log.add(this.now, isWet ? 'wet' : 'dry');
    this.wasWet = isWet;
    const isForbidden = !this.hasPower || this.dry.isForbidden(this.now);
    const demands = this.running.flatMap((run) =>
      run.going.flatMap((piece) => (isForbidden ? [] : this.demandOf(run, piece, isWet))),
    );
    this.outputs.set(this.now, demands, new Set(this.running.map(runKey)));
  }

  /** Where a timer has no input for frost, a freeze sensor hangs on that for rain, and stops everything. */
  private isTooCold(station: number): boolean {
    const { timer, controller, stations } = this.plan;
    if (!timer.freezeSensor)
      return timer.rainSensor && controller.rainSensor === 'active' && this.isFreezing;
    const own = stations.find(({ number }) => number === station);
    const isCold = this.isFreezing || this.dry.isFrosty(this.now);
    return controller.freezeSensor === 'active' && isCold && own?.freezeSensor !== false;
  }

  private demandOf(run: Run, { station, piece }: AskedPiece, isWet: boolean): Demand[] {
    const { timer, controller, stations } = this.plan;
    const own = stations.find(({ number }) => number === station);
    const hearsRain = timer.rainSensor && controller.rainSensor === 'active';
    const isTooWet = hearsRain && isWet && own?.rainSensor !== false;
    // By hand no sensor is asked, and no hours: a station is to be seen running.
    if (!run.isByHand && (isTooWet || this.isTooCold(station))) return [];
    const { program = '' } = run.place;
    if (!run.isByHand && !this.dry.isOpenFor(program, this.now)) return [];
    return [
      {
        key: `${runKey(run)} ${station} ${piece}`,
        run: runKey(run),
        place: { ...run.place, station, piece },
        needsPump: timer.pumpPerStation ? own?.pump === true : true,
      },
    ];
  }
}
