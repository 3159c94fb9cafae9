import { api, told, type ToldHousehold } from './api';

/** Keeping a household that was to be deleted: asked for while that is told of, and nowhere else. */
const closingApi = api.injectEndpoints({
  endpoints: (build) => ({
    keepHousehold: build.mutation<ToldHousehold, void>({
      query: () => ({ url: '/household/closing', method: 'DELETE' }),
      transformResponse: told,
      invalidatesTags: ['Household'],
    }),
  }),
});

export const { useKeepHouseholdMutation } = closingApi;
