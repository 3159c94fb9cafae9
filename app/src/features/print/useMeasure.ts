import type { Face, Measure } from '@omtel/core/print';
import { useEffect, useState } from 'react';
import { fonts } from '../../ui/tokens';

const FACES: readonly Face[] = ['text', 'strong', 'display'];
/** Large enough that a browser's rounding is nothing. */
const EM_PX = 100;

/** How wide letters are, by the browser that will draw them; null until the typefaces are there. */
export function useMeasure(): Measure | null {
  const [measure, setMeasure] = useState<Measure | null>(null);
  useEffect(() => {
    let wanted = true;
    const ready = Promise.all(FACES.map((face) => document.fonts.load(`${EM_PX}px ${fonts[face]}`)));
    // A typeface that cannot be had is measured, and drawn, in the system's own.
    void ready.catch(() => []).then(() => wanted && setMeasure(() => measureByCanvas()));
    return () => {
      wanted = false;
    };
  }, []);
  return measure;
}

function measureByCanvas(): Measure {
  const context = document.createElement('canvas').getContext('2d')!;
  return (text, face) => {
    context.font = `${EM_PX}px ${fonts[face]}, sans-serif`;
    return context.measureText(text).width / EM_PX;
  };
}
