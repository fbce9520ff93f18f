import type { MetadataRoute } from 'next';
import type { Catalogue } from '@/messages/speaking';
import { SHARED_FIELD, SHARED_PATH, SHARED_TEXT } from '@/serving/shared';
import { LIGHT } from '@/views/theme/tones';

/**
 * How it stands among the applications of a machine, in a language (W3C Web Application Manifest, with Web Share Target
 * and File Handling).
 */
export function manifestIn({ frame, language }: Catalogue['main']): MetadataRoute.Manifest {
  const icon = (file: string, sizes: string, purpose: 'any' | 'maskable' = 'any') =>
    ({ src: `/icons/${file}`, sizes, type: 'image/png', purpose }) as const;
  return {
    id: '/',
    name: frame.product,
    short_name: frame.product,
    description: frame.tagline,
    lang: language,
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: LIGHT.paper,
    theme_color: LIGHT.rail,
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
      icon('plain-192.png', '192x192'),
      icon('plain-512.png', '512x512'),
      icon('maskable-512.png', '512x512', 'maskable'),
    ],
    shortcuts: [
      { name: frame.shortcut.last, url: '/?last' },
      { name: frame.shortcut.stage, url: '/?stage' },
    ],
    file_handlers: [{ action: '/', accept: { 'application/json': ['.json'] } }],
    share_target: {
      action: SHARED_PATH,
      method: 'POST',
      enctype: 'multipart/form-data',
      params: {
        text: SHARED_TEXT,
        files: [
          {
            name: SHARED_FIELD,
            accept: ['application/json', '.json', 'text/csv', '.csv', 'text/plain', '.txt'],
          },
        ],
      },
    },
    launch_handler: { client_mode: 'navigate-existing' },
  };
}
