import { create } from 'qrcode';

/** A code as dark runs of its rows, in modules from its top left corner; its quiet rim is part of its size (ISO/IEC 18004: four modules). */
export interface Code {
  readonly size: number;
  readonly runs: readonly { readonly x: number; readonly y: number; readonly length: number }[];
}

const RIM = 4;

/** A text as a code a phone reads. */
export function codeOf(text: string): Code {
  const { modules } = create(text, { errorCorrectionLevel: 'L' });
  const { size } = modules;
  const runs: { x: number; y: number; length: number }[] = [];
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) {
      if (!modules.get(y, x)) continue;
      let length = 1;
      while (x + length < size && modules.get(y, x + length)) length++;
      runs.push({ x: x + RIM, y: y + RIM, length });
      x += length;
    }
  return { size: size + 2 * RIM, runs };
}
