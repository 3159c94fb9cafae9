import { payloads, type Payload } from '../record';
import { comes, START } from '../testing/story';
import { bought } from '.';

const came = (foodKey: string, over: Partial<Payload<'added'>> = {}) => ({
  ...(comes(foodKey).payload as Payload<'added'>),
  ...over,
});

it('is on its way from the moment it is taken, as much and such as last time', () => {
  const said = bought(came('chicken-thighs', { massKg: 0.8 }), START, true);
  expect(said).toMatchObject({
    foodKey: 'chicken-thighs',
    massKg: 0.8,
    place: 'car',
    bag: true,
    since: START,
  });
  expect(bought(came('chicken-thighs'), START, false)).not.toHaveProperty('bag');
});

it('keeps what makes it stricter, and no date of another pack', () => {
  const printed = { kind: 'useBy' as const, at: START };
  const fish = bought(came('salmon-side', { withoutAir: true, unopened: true, printed }), START, false);
  expect(fish).toMatchObject({ withoutAir: true, unopened: true });
  expect(fish).not.toHaveProperty('printed');
});

it('that needs no cold is in the cupboard, with a bag or without', () => {
  const opened = came('sardines-opened', { place: 'refrigerator' });
  for (const [tin, bag] of [
    [opened, true],
    [{ ...opened, place: 'cupboard' as const }, false],
  ] as const) {
    const said = bought(tin, START, bag);
    expect(said).toMatchObject({ place: 'cupboard' });
    expect(said).not.toHaveProperty('bag');
    expect(payloads.added.safeParse(said).success).toBe(true);
  }
});
