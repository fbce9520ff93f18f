'use client';

import { saySeats } from '@/messages/seats';
import { PageTitle } from '@/views/primitives/PageTitle';
import { SeatsShown } from '@/views/stage/SeatsShown';

export default function Page() {
  return (
    <>
      <PageTitle>{saySeats.showPage}</PageTitle>
      <SeatsShown />
    </>
  );
}
