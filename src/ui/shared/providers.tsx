'use client';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App, ConfigProvider } from 'antd';
import { type ReactNode, useState } from 'react';
import { usePrefersStill } from './still.ts';

const INK = '#1f1d24';

/** Theme and data for every screen. */
export function Providers({ children }: { children: ReactNode }) {
  const [client] = useState(
    () => new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } }),
  );
  const still = usePrefersStill();
  return (
    <ConfigProvider
      theme={{
        token: {
          motion: !still,
          colorPrimary: INK,
          // Made from the ink they would be too dark for words on them.
          colorPrimaryBg: '#e9e6ee',
          colorPrimaryBgHover: '#dfdbe6',
          controlItemBgActive: '#e9e6ee',
          controlItemBgActiveHover: '#dfdbe6',
          colorInfo: INK,
          colorInfoBg: '#f3f1f6',
          colorInfoBorder: '#c9c6cf',
          colorLink: INK,
          colorText: INK,
          colorTextSecondary: '#55525e',
          colorTextTertiary: '#6a6673',
          colorTextDescription: '#5d5966',
          colorTextPlaceholder: '#716d7a',
          colorBorder: '#c9c6cf',
          colorBgLayout: '#ecebee',
          borderRadius: 5,
          fontFamily: 'Figtree, "Nab Emoji", sans-serif',
          fontSize: 14,
          controlOutline: 'rgba(31,29,36,0.18)',
        },
        components: {
          Segmented: { itemSelectedBg: INK, itemSelectedColor: '#fff', trackBg: '#e2e0e5' },
          Button: { primaryShadow: 'none' },
        },
      }}
    >
      {/* What is told never lies over the tools, on the right. */}
      <App component={false} notification={{ placement: 'bottomLeft' }}>
        <QueryClientProvider client={client}>{children}</QueryClientProvider>
      </App>
    </ConfigProvider>
  );
}
