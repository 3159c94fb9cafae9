import { DEFAULT_SETTINGS } from '@omtel/core/household';
import { seasonNow } from './season';

const at = (now: number, zone: string, warmMonths: number[]) =>
  seasonNow({ now, zone, settings: { ...DEFAULT_SETTINGS, zone, warmMonths } });
const NEW_YEAR = Date.UTC(2026, 11, 31, 23, 30);

describe('the season an entry is made in', () => {
  it('is cool only outside the household’s warm months', () => {
    expect(at(Date.UTC(2026, 6, 1), 'UTC', [6, 7, 8])).toEqual({});
    expect(at(Date.UTC(2026, 10, 1), 'UTC', [6, 7, 8])).toEqual({ season: 'cool' });
    expect(at(Date.UTC(2026, 0, 9), 'Australia/Sydney', [12, 1, 2])).toEqual({});
  });

  it('goes by the calendar of the household’s zone', () => {
    expect(at(NEW_YEAR, 'UTC', [1])).toEqual({ season: 'cool' });
    expect(at(NEW_YEAR, 'Europe/Paris', [1])).toEqual({});
  });
});
