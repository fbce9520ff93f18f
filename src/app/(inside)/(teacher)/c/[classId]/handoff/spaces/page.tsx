import type { Metadata } from 'next';
import { sayLive } from '@/messages/live';
import { SpacesView } from '@/views/spaces/SpacesView';

export const metadata: Metadata = { title: sayLive.spaces.page };

export default function Page() {
  return <SpacesView />;
}
