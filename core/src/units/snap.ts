/** No cook types, and no kitchen instrument shows, more digits than this. */
const TYPED_DIGITS = 9;
/** Far above the rounding of a conversion, far below the last digit anyone types. */
const DUST = 1e-12;

/**
 * Takes the dust of binary arithmetic off a number: when it lies within a trillionth of a short decimal it becomes that
 * decimal, otherwise it stays as it is, with all its digits. That is what makes a conversion there and back give the
 * very number that was typed.
 *
 * @param value any finite number
 * @param scale size of the numbers it was computed from, where a difference may have made it small
 * @example snap(0.1 + 0.2) // 0.3
 */
export function snap(value: number, scale = Math.abs(value)): number {
  if (scale === 0) return value;
  // Digits are counted from the scale: a small difference of large numbers has fewer to its name.
  const decimals = TYPED_DIGITS - 1 - Math.floor(Math.log10(scale));
  const short = Number(value.toFixed(Math.min(100, Math.max(0, decimals))));
  return Math.abs(short - value) <= DUST * scale ? short : value;
}
