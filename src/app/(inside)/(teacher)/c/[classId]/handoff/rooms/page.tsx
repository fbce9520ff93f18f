'use client';

import { sayLive } from '@/messages/live';
import { PageTitle } from '@/views/primitives/PageTitle';
import { RoomsView } from '@/views/rooms/RoomsView';

export default function Page() {
  return (
    <>
      <PageTitle>{sayLive.rooms.page}</PageTitle>
      <RoomsView />
    </>
  );
}
