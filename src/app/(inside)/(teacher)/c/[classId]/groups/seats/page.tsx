'use client';

import { saySeats } from '@/messages/seats';
import { PageTitle } from '@/views/primitives/PageTitle';
import { SeatsView } from '@/views/seats/SeatsView';

export default function Page() {
  return (
    <>
      <PageTitle>{saySeats.page}</PageTitle>
      <SeatsView />
    </>
  );
}
