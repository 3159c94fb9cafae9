import type { AddDraft, AddField } from './addDraft';

/** What a part of the form is handed: the draft, how to change it, and what is wrong with a field. */
export interface PartProps {
  readonly draft: AddDraft;
  readonly set: (patch: Partial<AddDraft>) => void;
  readonly problem: (field: AddField) => string | undefined;
}

export const YES_NO = [
  { value: 'no', label: 'No' },
  { value: 'yes', label: 'Yes' },
] as const;
