import type { MetadataRoute } from 'next';
import { say } from '@/messages';
import { manifestIn } from './manifestIn';

/** As long as nobody has wished for another language. */
export default function manifest(): MetadataRoute.Manifest {
  return manifestIn(say);
}
