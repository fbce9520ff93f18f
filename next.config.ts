import { join } from 'node:path';
import type { NextConfig } from 'next';
import { ALONE, ALONE_FILES } from './src/app/alone/pages';

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
  readonly optimization: {
    readonly splitChunks: { readonly cacheGroups: Record<string, object> } | false;
  };
}
interface Compilation {
  readonly entrypoints: ReadonlyMap<string, { readonly getFiles: () => readonly string[] }>;
  readonly hooks: {
    readonly processAssets: Hook<() => void, { readonly name: string; readonly stage: number }>;
  };
  readonly emitAsset: (file: string, source: object) => void;
}
interface Hook<Run, As = string> {
  readonly tap: (as: As, run: Run) => void;
}
interface Compiler {
  readonly hooks: { readonly thisCompilation: Hook<(compilation: Compilation) => void> };
}
interface Bundler {
  readonly EntryPlugin: new (
    folder: string,
    file: string,
    options: { readonly name: string; readonly layer: string },
  ) => object;
  readonly Compilation: { readonly PROCESS_ASSETS_STAGE_REPORT: number };
  readonly sources: { readonly RawSource: new (text: string) => object };
  readonly DefinePlugin: new (words: Readonly<Record<string, string>>) => object;
  readonly NormalModuleReplacementPlugin: new (
    wanted: RegExp,
    replace: (resource: { readonly context: string; request: string }) => void,
  ) => object;
}

interface Chunk {
  readonly name?: string;
}
interface ChunkGraph {
  readonly getModuleChunksIterable: (module: object) => Iterable<Chunk>;
}

/** Layouts around pages: with each of these pages they are loaded as well, which the bundler does not know. */
const AROUND = {
  inside: 'app/(inside)',
  teacher: 'app/(inside)/(teacher)',
  class: 'app/(inside)/(teacher)/c/[classId]',
} as const;

/** What a layout holds, in a chunk that its pages share: else they would bring a second copy of each small module. */
function onceFor(name: string, folder: string): object {
  return {
    name,
    enforce: true,
    priority: 90 - folder.length,
    chunks: (chunk: Chunk) => chunk.name?.startsWith(`${folder}/`) ?? false,
    test: (
      module: { readonly type: string },
      { chunkGraph }: { readonly chunkGraph: ChunkGraph },
    ) =>
      module.type.startsWith('javascript') &&
      [...chunkGraph.getModuleChunksIterable(module)].some(
        (one) => one.name === `${folder}/layout`,
      ),
  };
}

const entryOf = (name: string): string => `alone/${name}`;

/** Has each page that stands alone built beside the router's, of the same chunks, and writes down its files. */
function buildAlone(bundling: Bundling, { Compilation, EntryPlugin, sources }: Bundler): void {
  const names = Object.keys(ALONE);
  const entries = names.map(
    (name) =>
      // Not among the entries of the configuration: those are made to depend on the router.
      new EntryPlugin(process.cwd(), `./src/app/alone/${name}.tsx`, {
        name: entryOf(name),
        layer: 'app-pages-browser',
      }),
  );
  const list = {
    apply: ({ hooks }: Compiler) =>
      hooks.thisCompilation.tap('alone', (compilation) =>
        compilation.hooks.processAssets.tap(
          { name: 'alone', stage: Compilation.PROCESS_ASSETS_STAGE_REPORT },
          () => {
            const files = names.map((name) => [
              name,
              compilation.entrypoints.get(entryOf(name))?.getFiles() ?? [],
            ]);
            const text = JSON.stringify(Object.fromEntries(files));
            compilation.emitAsset(ALONE_FILES, new sources.RawSource(text));
          },
        ),
      ),
  };
  bundling.plugins.push(...entries, list);
}

const config: NextConfig = {
  webpack: (
    webpackConfig: Bundling,
    context: { readonly webpack: Bundler; readonly isServer: boolean; readonly dev: boolean },
  ) => {
    const { webpack, isServer, dev } = context;
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
    const { splitChunks } = webpackConfig.optimization;
    if (!isServer && !dev && splitChunks) {
      for (const [name, folder] of Object.entries(AROUND)) {
        splitChunks.cacheGroups[name] = onceFor(name, folder);
      }
      // Else each part of the words would bring its own copy of what they are all made with.
      splitChunks.cacheGroups.words = {
        test: /[\\/]messages[\\/](localeWords|en[\\/]words)\.ts$/,
        name: 'words',
        chunks: 'all',
        enforce: true,
        priority: 100,
      };
    }
    if (!isServer && !dev) buildAlone(webpackConfig, webpack);
    return webpackConfig;
  },
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  // `npm test` checks the types of everything, tests included; twice would only cost time.
  typescript: { ignoreBuildErrors: true },
  // An address that was cut behind the class leads to its groups.
  redirects: () =>
    Promise.resolve([
      { source: '/c/:classId', destination: '/c/:classId/groups', permanent: false },
    ]),
  // What a link within the application asks for is not a document.
  rewrites: () =>
    Promise.resolve({
      beforeFiles:
        process.env.NODE_ENV === 'production'
          ? Object.entries(ALONE).map(([name, source]) => ({
              source,
              missing: [{ type: 'header' as const, key: 'rsc' }],
              destination: `/${entryOf(name)}`,
            }))
          : [],
    }),
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
