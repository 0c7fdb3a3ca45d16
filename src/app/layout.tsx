import '@fontsource/figtree/400.css';
import '@fontsource/figtree/500.css';
import '@fontsource/figtree/600.css';
import '@fontsource/figtree/700.css';
import './globals.css';
import { AntdRegistry } from '@ant-design/nextjs-registry';
import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { Providers } from '../ui/shared/providers.tsx';

/** Every page is made when it is asked for: its scripts carry the nonce of its policy. */
export const dynamic = 'force-dynamic';

export const metadata: Metadata = { title: 'Nabbet', description: 'From words to a finished short video' };

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <head>
        <link rel="stylesheet" href="/fonts/faces.css" precedence="default" />
      </head>
      <body>
        <AntdRegistry>
          <Providers>{children}</Providers>
        </AntdRegistry>
      </body>
    </html>
  );
}
