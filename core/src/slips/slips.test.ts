import { comes, happened, hours, minutes, read, stateOf } from '../testing/story';
import { celsius, fahrenheit, HOUR_MS, MINUTE_MS } from '../units';
import { convertedSlip, cookTimeSlip, depthSlip, massSlip, placeSlip, readingSlip } from '.';

const thighs = (...told: Parameters<typeof stateOf>[0][number][]) =>
  stateOf([comes('chicken-thighs'), ...told]);
const onHeat = [happened(hours(1), 'cookingStarted')];

describe('a reading that is likelier a slip', () => {
  it.each([
    ['165 °C in a chicken on the heat', thighs(...onHeat), celsius(165), fahrenheit(165)],
    ['74 °F after 150 °F', thighs(...onHeat, read(hours(1.5), 150)), fahrenheit(74), celsius(74)],
    ['38 °C of what lay in the refrigerator', thighs(), celsius(38), fahrenheit(38)],
    ['4 °F there', thighs(), fahrenheit(4), celsius(4)],
    ['300 °C anywhere', thighs(...onHeat), celsius(300), null],
    ['0 °C in thawing water is no slip', thighs(), celsius(0), undefined],
    ['74 °C in a chicken on the heat is none', thighs(...onHeat), celsius(74), undefined],
    ['nor 100 °F on its way up', thighs(...onHeat), fahrenheit(100), undefined],
    ['nor a fall of a little', thighs(...onHeat, read(hours(1.5), 150)), fahrenheit(140), undefined],
  ])('%s', (_what, state, typed, meant) => {
    const slip = readingSlip(state, typed, hours(1.6));
    expect(slip?.meant).toEqual(meant);
  });

  it('hot food just put into the refrigerator may be hot, and a day later it may not', () => {
    const soup = stateOf([
      comes('lentil-soup', { condition: 'fresh' }),
      happened(hours(1), 'cookingStarted'),
      read(hours(2), 180, 'F', { watchedMs: 15_000 }),
      happened(hours(2), 'offHeat'),
      happened(minutes(130), 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.04 }),
    ]);
    expect(readingSlip(soup, celsius(60), hours(3))).toBeNull();
    expect(readingSlip(soup, celsius(60), hours(26))!.question).toBe('60 °C? Did you mean 60 °F?');
  });

  it('typed before its unit was chosen, it may have been read in that', () => {
    const state = thighs(...onHeat);
    expect(convertedSlip(state, fahrenheit(320), fahrenheit(160), hours(2))).toEqual({
      question: '320 °F? Did you mean 160 °F?',
      meant: fahrenheit(160),
    });
    expect(convertedSlip(state, fahrenheit(165.2), fahrenheit(74), hours(2))).toBeNull();
  });

  it('says that it is hardly possible where no other unit makes sense of it', () =>
    expect(readingSlip(thighs(...onHeat), celsius(-40), hours(2))!.question).toBe(
      '−40 °C? That is hardly possible here.',
    ));
});

it.each([
  ['an oven of 350 °C', placeSlip('oven', celsius(350)), fahrenheit(350)],
  ['a freezer of 0 °C is cold enough to ask nothing', placeSlip('freezer', celsius(0)), undefined],
  ['a refrigerator of 38 °C', placeSlip('refrigerator', celsius(38)), fahrenheit(38)],
  ['air of 90 °C', placeSlip('air', celsius(90)), fahrenheit(90)],
  ['water of 59 °F', placeSlip('water', fahrenheit(59)), undefined],
])('%s', (_what, slip, meant) => expect(slip?.meant).toEqual(meant));

it.each([
  ['500 kg of mince', massSlip({ value: 500, unit: 'kg' }, 'ground'), { value: 500, unit: 'g' }],
  ['12 kg of chicken pieces', massSlip({ value: 12, unit: 'kg' }, 'pieces'), { value: 12, unit: 'lb' }],
  ['2.4 kg of lamb', massSlip({ value: 2.4, unit: 'kg' }, 'boneInJoint'), undefined],
  ['0.001 lb', massSlip({ value: 0.001, unit: 'lb' }, 'steak'), null],
  ['50 cm deep', depthSlip({ value: 50, unit: 'cm' }), { value: 5, unit: 'cm' }],
  ['5 cm deep', depthSlip({ value: 5, unit: 'cm' }), undefined],
  ['2 in deep', depthSlip({ value: 2, unit: 'in' }), undefined],
])('%s', (_what, slip, meant) => expect(slip?.meant).toEqual(meant));

describe('a cooking time that is likelier a slip', () => {
  const chart = { fastMs: 2 * HOUR_MS, slowMs: 2.5 * HOUR_MS };
  it.each([
    ['2 min, where 2 h were meant', 2 * MINUTE_MS, chart, '2 min? Did you mean 2 h?', 2 * HOUR_MS],
    ['30 min of what takes hours', 30 * MINUTE_MS, chart, '30 min? The chart says 2 h to 2 h 30 min.', null],
    ['a day without a chart', 24 * HOUR_MS, null, '24 h? Did you mean 24 min?', 24 * MINUTE_MS],
    ['1 min without one', MINUTE_MS, null, '1 min? Did you mean 1 h?', HOUR_MS],
  ] as const)('%s', (_what, typed, of, question, meant) =>
    expect(cookTimeSlip(typed, of)).toEqual({ question, meant }),
  );
  it.each([
    [40 * MINUTE_MS, chart],
    [7.5 * HOUR_MS, chart],
    [2 * MINUTE_MS, null],
    [12 * HOUR_MS, null],
  ])('%d ms is believed', (typed, of) => expect(cookTimeSlip(typed, of)).toBeNull());
});
