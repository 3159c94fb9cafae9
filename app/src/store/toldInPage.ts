import { TOLD_IN_PAGE, type FirstPage } from '@omtel/core/api';
import { api, told } from './api';
import { keepHousehold } from './kept/asked';
import { keepAnswer } from './kept/copy';
import type { Dispatch } from '@reduxjs/toolkit';

/** Takes in what the page brought with it, once: later it would be old. */
export function takeInPage(dispatch: Dispatch): void {
  const element = typeof document === 'undefined' ? null : document.getElementById(TOLD_IN_PAGE);
  if (!element) return;
  element.remove();
  const { household, foods } = JSON.parse(element.textContent) as FirstPage;
  void keepHousehold(household).then(() => keepAnswer(household.id, '/foods', foods));
  dispatch(
    api.util.upsertQueryEntries([
      { endpointName: 'household', arg: undefined, value: told(household) },
      { endpointName: 'foods', arg: undefined, value: foods },
    ]),
  );
}
