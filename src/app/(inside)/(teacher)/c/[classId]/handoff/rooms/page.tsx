import type { Metadata } from 'next';
import { sayLive } from '@/messages/live';
import { RoomsView } from '@/views/rooms/RoomsView';

export const metadata: Metadata = { title: sayLive.rooms.page };

export default function Page() {
  return <RoomsView />;
}
