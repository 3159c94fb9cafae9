import { homeRules, rulesOf } from '@omtel/core/guidance';
import { standingOf, type Thermometer, type ThermometerEntry, standingWords } from '@omtel/core/thermometers';
import { altitudeShown, DAY_MS, type UnitSystem } from '@omtel/core/units';
import { METRIC, NOW } from '../../../test/story';
import { asRead, usualThermometer } from './asRead';
import { readAltitude, readCheck } from './checkDraft';
import { readInDoubt } from './doubt';
import { emptyFields, proposedFor, readThermometer } from './thermometerDraft';
import { isoDay } from '@omtel/core/time';
import type { RatedThermometer } from './useThermometers';

const IN_C = { unit: 'C', now: NOW, zone: 'UTC' } as const;
const IMPERIAL: UnitSystem = { temperature: 'F', mass: 'imperial' };
const plain: Thermometer = {
  id: 'probe',
  name: 'Probe',
  kind: 'instantRead',
  resolutionK: 0.1,
  rangeC: [-40, 200],
  livesIn: '',
  boughtAt: null,
  rhythmDays: 30,
  log: [],
};
const checked = (value: number, ago = DAY_MS): ThermometerEntry => ({
  at: NOW - ago,
  what: 'checked',
  point: 'ice',
  expectedC: 0,
  read: { value, unit: 'C' },
});
const dropped = (ago: number): ThermometerEntry => ({ at: NOW - ago, what: 'dropped' });
const known = (over: Partial<Thermometer>): RatedThermometer => {
  const thermometer = { ...plain, ...over };
  return { ...thermometer, standing: standingOf(thermometer, homeRules.thermometer) };
};

describe('a reading', () => {
  const context = { now: NOW, rules: homeRules, units: METRIC };
  const read = (value: number, unit: 'C' | 'F', over: Partial<Thermometer>) =>
    asRead({ value, unit }, known(over), context);

  it('is corrected by its check, in its own degrees, and says how far it may be off', () => {
    expect(read(165, 'F', { log: [checked(-2)] })).toEqual({
      temperature: { value: 165, unit: 'F' },
      correction: 3.6,
      by: 'probe',
      withinK: 0.1 + 0.5 + 0.5,
    });
  });

  it('proves nothing where its thermometer is in doubt', () => {
    expect(read(74, 'C', { log: [checked(0), dropped(1)] })).toMatchObject({ doubtful: true });
    expect(read(74, 'C', { log: [] })).toMatchObject({ doubtful: true });
    expect(read(74, 'C', { log: [checked(9)] })).toMatchObject({ doubtful: true });
    expect(read(74, 'C', { log: [checked(0)] })).not.toHaveProperty('doubtful');
  });

  it('is refused beyond what the thermometer can show', () => {
    expect(read(201, 'C', { log: [checked(0)] })).toEqual({ problem: '“Probe” shows −40 °C to 200 °C.' });
    expect(read(480, 'F', { log: [checked(0)] })).toHaveProperty('problem');
  });

  it('without a thermometer by name is kept as it is', () => {
    expect(asRead({ value: 74, unit: 'C' }, null, context)).toEqual({
      temperature: { value: 74, unit: 'C' },
    });
  });

  it('is likely made with the first that is in order and tells food', () => {
    const all = [
      known({ id: 'air', kind: 'appliance', log: [checked(0)] }),
      known({ id: 'new' }),
      known({ id: 'good', log: [checked(1)] }),
    ];
    expect(usualThermometer(all, undefined)?.id).toBe('good');
    // The one that was used last, but not while it is in doubt.
    const two = [...all, known({ id: 'other', log: [checked(0)] })];
    expect(usualThermometer(two, 'other')?.id).toBe('other');
    expect(usualThermometer(two, 'new')?.id).toBe('good');
    expect(usualThermometer(all.slice(0, 2), 'air')?.id).toBe('new');
    expect(usualThermometer(all.slice(0, 1), 'air')).toBeNull();
  });

  it('of before a check that failed is in doubt, as far back as the last good one', () => {
    const failed = known({ log: [checked(0, 9 * DAY_MS), checked(3, DAY_MS)] });
    const at = (ago: number) => ({
      lastReading: { at: NOW - ago, temperature: { value: 74, unit: 'C' as const }, by: 'probe' },
    });
    expect(readInDoubt(at(2 * DAY_MS), failed)).toBe(true);
    expect(readInDoubt(at(10 * DAY_MS), failed)).toBe(false);
    expect(readInDoubt(at(2 * DAY_MS), known({ log: [checked(0, 9 * DAY_MS)] }))).toBe(false);
    expect(readInDoubt({ lastReading: { ...at(1).lastReading, by: 'other' } }, failed)).toBe(false);
  });
});

describe('a check', () => {
  const ice = { at: NOW, point: 'ice', expectedC: 0 } as const;
  it('is kept in the degrees it was read in', () => {
    expect(readCheck('33,1', 'F', ice, plain, IMPERIAL)).toEqual({
      entry: { at: NOW, what: 'checked', point: 'ice', expectedC: 0, read: { value: 33.1, unit: 'F' } },
    });
  });

  it.each(['', 'cold', '32', '-31'])('“%s” in ice water is a sentence', (typed) => {
    expect(readCheck(typed, 'C', ice, plain, METRIC)).toHaveProperty('problem');
  });

  it('in boiling water asks how high the kitchen lies, in the household’s lengths', () => {
    expect(readAltitude('1600', METRIC)).toMatchObject({ altitudeM: 1600 });
    const there = readAltitude('5249', IMPERIAL) as { altitudeM: number; expectedC: number };
    expect(there.altitudeM).toBeCloseTo(1600, 0);
    expect(there.expectedC).toBeCloseTo(94.7, 1);
    expect(altitudeShown(there.altitudeM, IMPERIAL)).toBe('5249');
    for (const typed of ['', 'high', '9000', '-500'])
      expect(readAltitude(typed, METRIC)).toHaveProperty('problem');
  });
});

describe('a new thermometer', () => {
  const fields = { ...emptyFields('C', homeRules.thermometer), name: ' Fork ' };
  it('is read, and is in doubt', () => {
    const read = readThermometer(fields, IN_C, [], 'new');
    expect(read).toHaveProperty('thermometer.name', 'Fork');
    const { thermometer } = read as { thermometer: Thermometer };
    expect(standingOf(thermometer, homeRules.thermometer)).toMatchObject({ is: 'inDoubt', why: 'new' });
  });

  it('is checked monthly at home, and daily by the service code', () => {
    expect(fields.rhythmDays).toBe('30');
    expect(emptyFields('C', rulesOf('code').thermometer).rhythmDays).toBe('1');
  });

  it('was bought on a day, today at the latest', () => {
    const bought = (typed: string) => readThermometer({ ...fields, bought: typed }, IN_C, [], 'new');
    const today = isoDay(NOW, 'UTC');
    expect(bought(today)).toHaveProperty('thermometer.boughtAt', NOW);
    expect(bought('2024-02-29')).toHaveProperty('thermometer.boughtAt', Date.UTC(2024, 2, 1) - 1);
    expect(bought(isoDay(NOW + DAY_MS, 'UTC'))).toHaveProperty('problems.bought', 'No later than today.');
  });

  it('is the same thermometer in °F', () => {
    const inF = readThermometer(
      { ...emptyFields('F', homeRules.thermometer), name: 'Fork' },
      { ...IN_C, unit: 'F' },
      [],
      'new',
    );
    const { thermometer } = inF as { thermometer: Thermometer };
    expect(thermometer.resolutionK).toBeCloseTo(0.1);
    expect(thermometer.rangeC[0]).toBeCloseTo(-40);
    expect(thermometer.rangeC[1]).toBeCloseTo(200);
    expect(proposedFor('bimetal', 'F').resolution).toBe('1.8');
  });

  it.each([
    [{ name: '' }, 'name'],
    [{ name: 'Dial' }, 'name'],
    [{ resolution: '0' }, 'resolution'],
    [{ least: 'cold' }, 'least'],
    [{ least: '300' }, 'most'],
    [{ rhythmDays: '2.5' }, 'rhythmDays'],
    [{ rhythmDays: '0' }, 'rhythmDays'],
    [{ livesIn: 'x'.repeat(41) }, 'livesIn'],
    [{ bought: 'last year' }, 'bought'],
    [{ bought: '2101-01-01' }, 'bought'],
  ])('%j is a sentence at its field', (over, field) => {
    const read = readThermometer({ ...fields, ...over }, IN_C, [{ name: 'Dial' }], 'new');
    expect('problems' in read && Object.keys(read.problems)).toEqual([field]);
  });
});

it('says how far it is to be trusted', () => {
  const words = (over: Partial<Thermometer>, units: UnitSystem = METRIC) =>
    standingWords(known(over).standing, { now: NOW, zone: 'UTC', units });
  expect(words({})).toBe('In doubt. New, and never checked. Check it.');
  expect(words({ log: [checked(0)] })).toMatch(/^Right\. Next check /);
  expect(words({ log: [checked(-1.5, 40 * DAY_MS)] })).toMatch(/^Corrected by \+1\.5 °C\. Check due since /);
  expect(words({ log: [checked(2)] }, IMPERIAL)).toMatch(/^Corrected by −3\.6 °F\. /);
  expect(words({ log: [checked(6)] })).toMatch(/^Too far off/);
});
