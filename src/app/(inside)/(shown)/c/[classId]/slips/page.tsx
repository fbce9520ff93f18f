import type { Metadata } from 'next';
import { saySeats } from '@/messages/seats';
import { SeatSlips } from '@/views/print/SeatSlips';

export const metadata: Metadata = { title: saySeats.slipsPage };

export default function Page() {
  return <SeatSlips />;
}
