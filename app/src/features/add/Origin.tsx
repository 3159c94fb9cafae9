import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { YES_NO, type PartProps } from './formParts';

const FROM = [
  { value: 'us', label: 'This kitchen' },
  { value: 'guest', label: 'A guest' },
  { value: 'takeaway', label: 'Takeaway' },
  { value: 'delivery', label: 'Delivered' },
] as const;
const HOT_COLD = [
  { value: 'hot', label: 'Hot' },
  { value: 'cold', label: 'Cold' },
] as const;

/** Whose hands it comes from; from elsewhere, how it came and since when it had been out. */
export function Origin({ draft, set, problem }: PartProps) {
  return (
    <>
      <Choice label="From" value={draft.from} onChange={(from) => set({ from })} options={FROM} />
      {draft.from !== 'us' && draft.condition === 'cooked' && (
        <>
          <Choice label="It came" value={draft.came} onChange={(came) => set({ came })} options={HOT_COLD} />
          <Field
            label={draft.came === 'hot' ? 'Off the heat there at' : 'Out of the cold there at'}
            value={draft.outClock}
            onChange={(outClock) => set({ outClock })}
            problem={problem('outClock')}
            hint="Its time counts from then. Empty, if nobody knows."
          />
          <Choice
            label="Heated again before it came"
            value={draft.reheated ? 'yes' : 'no'}
            onChange={(answer) => set({ reheated: answer === 'yes' })}
            options={YES_NO}
          />
        </>
      )}
    </>
  );
}
