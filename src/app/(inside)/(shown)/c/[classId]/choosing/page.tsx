import type { Metadata } from 'next';
import { saySeats } from '@/messages/seats';
import { SeatsShown } from '@/views/stage/SeatsShown';

export const metadata: Metadata = { title: saySeats.showPage };

export default function Page() {
  return <SeatsShown />;
}
