/** Something a thermal model cannot be made from; the message names the value at fault. */
export class ThermalProblem extends Error {
  constructor(
    message: string,
    readonly value: number,
  ) {
    super(message);
    this.name = new.target.name;
  }
}

/** Mass fractions that are negative or do not sum to the whole. */
export class CompositionProblem extends ThermalProblem {}

/** An initial freezing point that no food has: above that of pure water. */
export class FreezingPointProblem extends ThermalProblem {}

/** A size, mass, coefficient or time that must be more than nothing. */
export class SizeProblem extends ThermalProblem {}

/** @throws SizeProblem unless the value is a number above nothing */
export function mustBePositive(name: string, value: number): number {
  if (!(value > 0) || !Number.isFinite(value))
    throw new SizeProblem(`The ${name} must be more than nothing, not ${value}.`, value);
  return value;
}
