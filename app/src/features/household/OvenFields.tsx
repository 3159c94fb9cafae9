import { MOST_OVENS, type Settings } from '@omtel/core/api';
import { Fragment } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/Button';
import { SwitchRow } from '../../ui/SwitchRow';
import { Stepper } from '../../ui/Stepper';
import { WidthField } from './MeasureFields';

type Ovens = Settings['kitchen']['ovens'];

interface OvenFieldsProps {
  readonly ovens: Ovens;
  readonly onChange: (ovens: Ovens) => void;
}

const NAMES = ['Oven', 'Second oven'];
const MOST_SHELVES = 8;

/** Each oven with its shelves and its widest tin; without a shelf there is no oven. */
export function OvenFields({ ovens, onChange }: OvenFieldsProps) {
  const change = (at: number, patch: Partial<Ovens[number]>) =>
    onChange(ovens.map((oven, index) => (index === at ? { ...oven, ...patch } : oven)));
  return (
    <>
      {ovens.map((oven, index) => (
        <Fragment key={index}>
          <Stepper
            label={`${NAMES[index]!}: shelves`}
            value={oven.shelves}
            min={0}
            max={MOST_SHELVES}
            onChange={(next) =>
              next > 0 ? change(index, { shelves: next }) : onChange(ovens.filter((_, at) => at !== index))
            }
          />
          <WidthField
            label={`${NAMES[index]!}: widest tin`}
            widestM={oven.widestM}
            onChange={(next) => change(index, { widestM: next })}
          />
          <SwitchRow
            label={`${NAMES[index]!}: has a fan`}
            value={oven.fan}
            onChange={(fan) => change(index, { fan })}
          />
        </Fragment>
      ))}
      {ovens.length < MOST_OVENS && (
        <View style={{ alignItems: 'flex-start' }}>
          <Button
            kind="plain"
            label={ovens.length === 0 ? 'There is an oven' : 'There is a second oven'}
            onPress={() => onChange([...ovens, { shelves: 2, widestM: null, fan: false }])}
          />
        </View>
      )}
    </>
  );
}
