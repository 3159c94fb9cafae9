import { configureStore } from '@reduxjs/toolkit';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { Slot } from 'expo-router';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';

const api = createApi({ baseQuery: fetchBaseQuery({ baseUrl: '/' }), endpoints: () => ({}) });
const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer },
  middleware: (defaults) => defaults().concat(api.middleware),
});

/** The stack and nothing else: what any page built with it ships. */
export default function Layout() {
  return (
    <Provider store={store}>
      <PaperProvider>
        <Slot />
      </PaperProvider>
    </Provider>
  );
}
