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
import { MICROWAVE_W } from '@omtel/core/api';
import { useState } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { Field } from '../../ui/Field';

interface MeasureFieldProps {
  readonly label: string;
  readonly suffix: string;
  /** In the unit that is shown; null where nobody measured. */
  readonly value: number | null;
  readonly least?: number;
  readonly most: number;
  readonly onChange: (value: number | null) => void;
}

/** A measure of the kitchen that need not be said: what is unknown is held against nothing. */
function MeasureField({ label, suffix, value, least = 0, most, onChange }: MeasureFieldProps) {
  const [text, setText] = useState(value === null ? '' : String(Number(value.toFixed(1))));
  const read = readMeasure(text, { least, most });
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

function readMeasure(
  text: string,
  { least, most }: { readonly least: number; readonly most: number },
): { readonly value: number | null } | Problem {
  if (text.trim() === '') return { value: null };
  return orProblem(() => {
    const value = parseNumber(text);
    return value >= least && value <= most
      ? { value }
      : { problem: `Not below ${least === 0 ? 'nothing' : least}, and no more than ${Math.round(most)}.` };
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

interface PowerFieldProps {
  readonly watts: number | null;
  readonly onChange: (watts: number | null) => void;
}

/** What the maker of the microwave says it puts out, not what it draws. */
export function PowerField({ watts, onChange }: PowerFieldProps) {
  return (
    <MeasureField
      label="It puts out"
      suffix="W"
      value={watts}
      least={MICROWAVE_W.least}
      most={MICROWAVE_W.most}
      onChange={onChange}
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
