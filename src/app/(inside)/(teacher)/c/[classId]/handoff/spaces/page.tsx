'use client';

import { sayLive } from '@/messages/live';
import { PageTitle } from '@/views/primitives/PageTitle';
import { SpacesView } from '@/views/spaces/SpacesView';

export default function Page() {
  return (
    <>
      <PageTitle>{sayLive.spaces.page}</PageTitle>
      <SpacesView />
    </>
  );
}
