import type { Device } from '@omtel/core/api';
import { placesOf } from '@omtel/core/clocks';
import { foodById } from '@omtel/core/foods';
import { startC } from '@omtel/core/forecast';
import type { FoodState } from '@omtel/core/trail';
import { SECOND_MS, toCelsius } from '@omtel/core/units';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import {
  useAddDeviceMutation,
  useRenewKeyMutation,
  useSayWhatChannelMeasuresMutation,
} from '../../../store/devicesApi';
import { nowOf, useHousehold, useKitchen } from '../../../store/useKitchen';
import { Button } from '../../../ui/Button';
import { Words } from '../../../ui/Words';

/** It sends what came up so often. */
const EVERY_MS = 3_000;
/** A reading of each channel so often: what a wireless probe does. */
const READS_EVERY_MS = 5 * SECOND_MS;
const SEED = 5;
const NAME = 'Stand-in probe';

interface Running {
  readonly key: string;
  /** Up to when it has sent. */
  readonly sentTo: number;
}

interface StandInProbeProps {
  readonly food: FoodState;
  readonly devices: readonly Device[];
}

/** In the demo, where nobody has a probe: one is put in, as if it had been there since the food went on the heat. */
export function StandInProbe({ food, devices }: StandInProbeProps) {
  const household = useHousehold();
  const { rules } = useKitchen(food);
  const [add] = useAddDeviceMutation();
  const [renew] = useRenewKeyMutation();
  const [say] = useSayWhatChannelMeasuresMutation();
  const running = useRef<Running | null>(null);
  const [problem, setProblem] = useState<string>();
  const startedAt = food.cook!.startedAt;
  const own = devices.find(
    ({ name, channels }) =>
      name === NAME &&
      channels.some(({ measured }) => measured?.of === 'food' && measured.foodId === food.foodId),
  );

  const send = async () => {
    // A page that was opened anew has no key: the stand-in gets another, and goes on where it was.
    running.current ??= {
      key: (await renew(own!.id).unwrap()).key,
      sentTo: Math.max(...own!.channels.map(({ last }) => last?.at ?? startedAt - 1)),
    };
    const { key, sentTo } = running.current;
    const to = Math.round(nowOf(household));
    if (to - sentTo < READS_EVERY_MS) return;
    const { roastingProbe, sendReadings } = await import('@omtel/devices');
    const { roast } = foodById(food.foodKey);
    const readings = [
      ...roastingProbe({
        seed: SEED,
        foodKey: food.foodKey,
        form: food.form,
        massKg: food.massKg,
        startC: startC(food.cook!.from, foodById(food.foodKey), rules),
        ovenC: roast ? toCelsius(rules.roasting[roast].value.oven) : USUAL_OVEN_C,
        from: startedAt,
        to,
        everyMs: READS_EVERY_MS,
      }),
    ].filter(({ at }) => at > sentTo);
    await sendReadings(readings, { address: '', key });
    running.current = { key, sentTo: to };
  };

  const putIn = async () => {
    try {
      const { key, id } = await add({ id: uuid(), name: NAME }).unwrap();
      running.current = { key, sentTo: startedAt - 1 };
      await send();
      const [first, second] = placesOf(food);
      for (const [channel, place] of [
        ['1', first],
        ['2', second],
      ] as const)
        if (place)
          await say({
            id,
            channel,
            measured: { of: 'food', foodId: food.foodId, place },
            since: startedAt,
          }).unwrap();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'That did not work. Try again.');
    }
  };

  const latest = useRef(send);
  useEffect(() => {
    latest.current = send;
  });
  const isIn = own !== undefined;
  useEffect(() => {
    if (!isIn) return undefined;
    let sending = false;
    const timer = setInterval(() => {
      if (sending) return;
      sending = true;
      // What was not sent now is sent the next time.
      latest
        .current()
        .then(() => setProblem(undefined))
        .catch(() => setProblem('It could not send just now.'))
        .finally(() => {
          sending = false;
        });
    }, EVERY_MS);
    return () => clearInterval(timer);
  }, [isIn]);

  return (
    <View style={{ alignItems: 'flex-start' }}>
      {!isIn && <Button kind="plain" label="Put a stand-in probe in" onPress={putIn} />}
      {problem && <Words tone="hot">{problem}</Words>}
    </View>
  );
}

const USUAL_OVEN_C = 180;
