import { mustBePositive } from './errors';

/** A refrigerator as a node of air: it is not infinite, and something hot warms what stands beside it. */
export interface Refrigerator {
  /** Thermostat's set point, °C. */
  readonly setC: number;
  /** The compressor starts this far above the set point and stops this far below it, K. */
  readonly hysteresisK: number;
  /** Heat the compressor can remove, W. */
  readonly capacityW: number;
  /** Heat that leaks in from the room, W/K. */
  readonly leakWK: number;
  /** Heat capacity of air and shelves, J/K. */
  readonly airJK: number;
  readonly roomC: number;
}

export const USUAL_REFRIGERATOR: Refrigerator = {
  setC: 3.5,
  hysteresisK: 1,
  capacityW: 120,
  leakWK: 1.6,
  airJK: 25e3,
  roomC: 21,
};

/** Something else that stands in the refrigerator, taken as one temperature. */
export interface Neighbour {
  readonly name: string;
  /** Heat capacity, J/K. */
  readonly heatJK: number;
  /** Coefficient times surface, W/K. */
  readonly surfaceWK: number;
  readonly startC: number;
}

/** @throws SizeProblem for a part that must be more than nothing */
export function checkRefrigerator(refrigerator: Refrigerator): void {
  mustBePositive('capacity of a refrigerator', refrigerator.capacityW);
  mustBePositive('heat capacity of its air', refrigerator.airJK);
  mustBePositive('hysteresis of its thermostat', refrigerator.hysteresisK);
}

/** Whether the compressor runs from here on. */
export function compressorRuns({ setC, hysteresisK }: Refrigerator, airC: number, running: boolean): boolean {
  if (airC >= setC + hysteresisK) return true;
  if (airC <= setC - hysteresisK) return false;
  return running;
}

/** Seconds until the air reaches the thermostat's next turning point at its present rate; never less than a few. */
export function untilThermostatTurns(
  { setC, hysteresisK }: Refrigerator,
  airC: number,
  rateKs: number,
  running: boolean,
): number {
  const distance = running ? airC - (setC - hysteresisK) : setC + hysteresisK - airC;
  const approach = running ? -rateKs : rateKs;
  return approach <= 0 ? Infinity : Math.max(5, (1.02 * Math.max(0, distance)) / approach);
}
