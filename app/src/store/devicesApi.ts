import type { Columns } from '@omtel/core/formats';
import type { ChannelChange, ChannelRecord, DeviceKey, Devices, TakenIn } from '@omtel/core/api';
import { api } from './api';

interface OfChannel {
  readonly id: string;
  readonly channel: string;
}

/** Devices and what they read: known to the pages that show them, and to no other. */
export const devicesApi = api.enhanceEndpoints({ addTagTypes: ['Devices'] }).injectEndpoints({
  endpoints: (build) => ({
    devices: build.query<Devices, void>({ query: () => '/devices', providesTags: ['Devices'] }),
    addDevice: build.mutation<DeviceKey, { readonly id: string; readonly name: string }>({
      query: (body) => ({ url: '/devices', method: 'POST', body }),
      invalidatesTags: ['Devices'],
    }),
    renewKey: build.mutation<DeviceKey, string>({
      query: (id) => ({ url: `/devices/${id}/key`, method: 'POST' }),
      invalidatesTags: ['Devices'],
    }),
    revokeKey: build.mutation<unknown, string>({
      query: (id) => ({ url: `/devices/${id}/key`, method: 'DELETE' }),
      invalidatesTags: ['Devices'],
    }),
    removeDevice: build.mutation<unknown, string>({
      query: (id) => ({ url: `/devices/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Devices'],
    }),
    sayWhatChannelMeasures: build.mutation<unknown, OfChannel & ChannelChange>({
      query: ({ id, channel, ...body }) => ({
        url: `/devices/${id}/channels/${encodeURIComponent(channel)}`,
        method: 'PUT',
        body,
      }),
      invalidatesTags: ['Devices', 'Stores', 'Food'],
    }),
    sendFileOfDevice: build.mutation<TakenIn, { readonly id: string; readonly lines: string }>({
      query: ({ id, lines }) => ({
        url: `/devices/${id}/readings`,
        method: 'POST',
        body: lines,
        headers: { 'content-type': 'application/x-ndjson' },
      }),
      invalidatesTags: ['Devices', 'Stores', 'Food'],
    }),
    rememberColumns: build.mutation<unknown, { readonly id: string; readonly columns: Columns }>({
      query: ({ id, columns }) => ({ url: `/devices/${id}/columns`, method: 'PUT', body: { columns } }),
      invalidatesTags: ['Devices'],
    }),
    channelRecord: build.query<ChannelRecord, OfChannel & { readonly from: number; readonly to: number }>({
      query: ({ id, channel, from, to }) =>
        `/devices/${id}/channels/${encodeURIComponent(channel)}/record?from=${from}&to=${to}`,
      providesTags: ['Devices'],
    }),
  }),
});

export const {
  useDevicesQuery,
  useAddDeviceMutation,
  useRenewKeyMutation,
  useRevokeKeyMutation,
  useRemoveDeviceMutation,
  useSayWhatChannelMeasuresMutation,
  useSendFileOfDeviceMutation,
  useRememberColumnsMutation,
  useChannelRecordQuery,
} = devicesApi;
