import { useLocalSearchParams } from 'expo-router';
import type { ComponentType } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { BoilingScreen } from './BoilingScreen';
import { BrineScreen } from './BrineScreen';
import { CarryingScreen } from './CarryingScreen';
import { FryingScreen } from './FryingScreen';
import { IceBathScreen } from './IceBathScreen';
import { LunchScreen } from './LunchScreen';
import { MicrowaveScreen } from './MicrowaveScreen';
import { OvenScreen } from './OvenScreen';
import { SanitiserScreen } from './SanitiserScreen';
import { ScaleScreen } from './ScaleScreen';
import { ServingsScreen } from './ServingsScreen';
import { TubsScreen } from './TubsScreen';
import { WaterThawScreen } from './WaterThawScreen';

/** Every instrument by its address; they are small, and come together, so that none of them weighs on the first page. */
const INSTRUMENTS: Readonly<Record<string, ComponentType>> = {
  boiling: BoilingScreen,
  brine: BrineScreen,
  carrying: CarryingScreen,
  frying: FryingScreen,
  'ice-bath': IceBathScreen,
  lunch: LunchScreen,
  microwave: MicrowaveScreen,
  oven: OvenScreen,
  sanitiser: SanitiserScreen,
  scale: ScaleScreen,
  servings: ServingsScreen,
  tubs: TubsScreen,
  'water-thaw': WaterThawScreen,
};

/** The instrument that is asked for. */
export function InstrumentScreen() {
  const { units } = useKitchen();
  const { instrument } = useLocalSearchParams<{ instrument: string }>();
  const Instrument = Object.hasOwn(INSTRUMENTS, instrument) ? INSTRUMENTS[instrument] : undefined;
  // In other units it is asked anew: what stands there was typed in those before.
  if (Instrument) return <Instrument key={`${units.temperature} ${units.mass}`} />;
  return (
    <Screen title="Work something out" backTo="/guide/calculators">
      <Empty title="No such page">All there are stand under Guide, Work something out.</Empty>
    </Screen>
  );
}
