'use client';

import { saySeats } from '@/messages/seats';
import { PageTitle } from '@/views/primitives/PageTitle';
import { SeatSlips } from '@/views/print/SeatSlips';

export default function Page() {
  return (
    <>
      <PageTitle>{saySeats.slipsPage}</PageTitle>
      <SeatSlips />
    </>
  );
}
