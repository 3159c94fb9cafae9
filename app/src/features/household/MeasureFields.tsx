import {
  fromLitres,
  fromMetres,
  lengthUnitOf,
  orProblem,
  parseNumber,
  toLitres,
  toMetres,
  volumeUnitOf,
  type Problem,
} from '@omtel/core/units';
import { useState } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { Field } from '../../ui/Field';

interface MeasureFieldProps {
  readonly label: string;
  readonly suffix: string;
  /** In the unit that is shown; null where nobody measured. */
  readonly value: number | null;
  readonly most: number;
  readonly onChange: (value: number | null) => void;
}

/** A measure of the kitchen that need not be said: what is unknown is held against nothing. */
function MeasureField({ label, suffix, value, most, onChange }: MeasureFieldProps) {
  const [text, setText] = useState(value === null ? '' : String(Number(value.toFixed(1))));
  const read = readMeasure(text, most);
  return (
    <Field
      label={label}
      value={text}
      onChange={setText}
      onBlur={() => 'value' in read && onChange(read.value)}
      numeric
      suffix={suffix}
      problem={'problem' in read ? read.problem : undefined}
    />
  );
}

function readMeasure(text: string, most: number): { readonly value: number | null } | Problem {
  if (text.trim() === '') return { value: null };
  return orProblem(() => {
    const value = parseNumber(text);
    return value >= 0 && value <= most
      ? { value }
      : { problem: `Not below nothing, and no more than ${Math.round(most)}.` };
  });
}

const [MOST_LITRES, MOST_WIDE_M] = [200, 2];

interface VolumeFieldProps {
  readonly label: string;
  readonly litres: number | null;
  readonly onChange: (litres: number | null) => void;
}

export function VolumeField({ label, litres, onChange }: VolumeFieldProps) {
  const unit = volumeUnitOf(useKitchen().units);
  return (
    <MeasureField
      key={unit}
      label={label}
      suffix={unit}
      value={litres === null ? null : fromLitres(litres, unit)}
      most={fromLitres(MOST_LITRES, unit)}
      onChange={(value) => onChange(value === null ? null : toLitres(value, unit))}
    />
  );
}

interface WidthFieldProps {
  readonly label: string;
  readonly widestM: number | null;
  readonly onChange: (widestM: number | null) => void;
}

export function WidthField({ label, widestM, onChange }: WidthFieldProps) {
  const unit = lengthUnitOf(useKitchen().units);
  return (
    <MeasureField
      key={unit}
      label={label}
      suffix={unit}
      value={widestM === null ? null : fromMetres(widestM, unit)}
      most={fromMetres(MOST_WIDE_M, unit)}
      onChange={(value) => onChange(value === null ? null : toMetres({ value, unit }))}
    />
  );
}
