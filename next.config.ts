import { join } from 'node:path';
import type { NextConfig } from 'next';

/** Our own maker of icons in place of the icon package's, which would bring the styling engine into every page. */
const PLAIN_ICON = join(process.cwd(), 'src/views/primitives/plainIcon.tsx');

const NAMED_CHARACTERS = join(
  process.cwd(),
  'node_modules/decode-named-character-reference/index.js',
);

/** What is used of the bundler, whose types are not ours to import. */
interface Bundling {
  readonly plugins: object[];
  readonly output: { hashDigestLength?: number };
}
interface Bundler {
  readonly DefinePlugin: new (words: Readonly<Record<string, string>>) => object;
  readonly NormalModuleReplacementPlugin: new (
    wanted: RegExp,
    replace: (resource: { readonly context: string; request: string }) => void,
  ) => object;
}

const config: NextConfig = {
  webpack: (
    webpackConfig: Bundling,
    { webpack, isServer }: { readonly webpack: Bundler; readonly isServer: boolean },
  ) => {
    webpackConfig.plugins.push(
      // In a browser every language comes by itself, English too.
      new webpack.DefinePlugin({ 'process.env.WORDS_APART': isServer ? '""' : '"1"' }),
      new webpack.NormalModuleReplacementPlugin(/\/createSvgIcon(\.m?js)?$/, (resource) => {
        if (resource.context.includes('icons-material')) resource.request = PLAIN_ICON;
      }),
      // The package asks a document for names of characters in a browser; a worker has none.
      new webpack.NormalModuleReplacementPlugin(
        /^decode-named-character-reference$/,
        (resource) => {
          resource.request = NAMED_CHARACTERS;
        },
      ),
    );
    // Every page carries the names of all chunks; half of the usual length tells builds apart as well.
    if (!isServer) webpackConfig.output.hashDigestLength = 8;
    return webpackConfig;
  },
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  // `npm test` checks the types of everything, tests included; twice would only cost time.
  typescript: { ignoreBuildErrors: true },
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Referrer-Policy', value: 'no-referrer' },
          { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
          { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
          {
            key: 'Permissions-Policy',
            value: 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
          },
        ],
      },
    ]),
};

export default config;
