import { inCare, namesOf, type Eater } from '.';
import { eaterSchema } from './schema';

const INES: Eater = { id: '1', name: 'Ines', small: false, care: 'pregnancy' };
const BO: Eater = { id: '2', name: 'Bo', small: true, care: 'underFive' };
const NILS: Eater = { id: '3', name: 'Nils', small: false, care: null };

describe('the table', () => {
  it('knows who needs extra care, and names them as one says it', () => {
    expect(inCare([INES, NILS, BO])).toEqual([INES, BO]);
    expect(inCare([NILS])).toEqual([]);
    expect(namesOf([INES])).toBe('Ines');
    expect(namesOf([INES, BO])).toBe('Ines and Bo');
    expect(namesOf([INES, BO, NILS])).toBe('Ines, Bo and Nils');
  });

  it.each([
    ['no name', { name: '   ' }],
    ['a name no list has room for', { name: 'x'.repeat(41) }],
    ['a reason there is not', { care: 'fussy' }],
    ['more than is asked', { age: 31 }],
  ])('takes nobody with %s', (_, wrong) => {
    expect(eaterSchema.safeParse({ ...INES, ...wrong }).success).toBe(false);
  });
});
