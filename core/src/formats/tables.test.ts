import Papa from 'papaparse';
import { channelRows, checkRows, csvOf, storeRows } from '.';

const zone = 'Europe/Lisbon';
const at = Date.parse('2026-06-13T16:02:10Z');

it('tables tell moments with their offset, figures with their unit, and text as text', () => {
  const rows = channelRows('=SUM(A1)', '1', [{ at, celsius: -18.254 }], zone);
  expect(rows).toEqual([
    {
      time: '2026-06-13T17:02:10.000+01:00',
      zone,
      device: '=SUM(A1)',
      channel: '1',
      value: -18.25,
      unit: '°C',
    },
  ]);
  const text = csvOf(['time', 'device', 'value'], rows);
  expect(text).toBe(`time,device,value\r\n2026-06-13T17:02:10.000+01:00,"'=SUM(A1)",-18.25\r\n`);
  // Commas, quotes and line breaks survive.
  const odd = 'a "b", c\nd';
  expect(Papa.parse<string[]>(csvOf(['x'], [{ x: odd }])).data[1]).toEqual([odd]);
  expect(csvOf(['time', 'value'], [])).toBe('time,value\r\n\r\n');
});

it('what stores read and what thermometers were checked by', () => {
  const temperature = { value: 40, unit: 'F' } as const;
  expect(storeRows([{ at, store: 'refrigerator', temperature }], zone)).toMatchObject([
    { store: 'refrigerator', value: 40, unit: '°F' },
  ]);
  const probe = {
    id: 'p',
    name: 'Probe',
    kind: 'instantRead',
    resolutionK: 0.1,
    rangeC: [-40, 250],
    livesIn: '',
    boughtAt: null,
    rhythmDays: 30,
    log: [
      { at, what: 'checked', point: 'ice', expectedC: 0, read: { value: 33, unit: 'F' } },
      { at, what: 'dropped' },
    ],
  } as const;
  expect(checkRows([{ ...probe, rangeC: [-40, 250], log: [...probe.log] }], zone)).toMatchObject([
    { thermometer: 'Probe', what: 'checked', point: 'ice', value: 33, unit: '°F', expected: 32 },
    { what: 'dropped' },
  ]);
});
