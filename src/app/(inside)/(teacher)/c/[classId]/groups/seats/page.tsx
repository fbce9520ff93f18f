import type { Metadata } from 'next';
import { saySeats } from '@/messages/seats';
import { SeatsView } from '@/views/seats/SeatsView';

export const metadata: Metadata = { title: saySeats.page };

export default function Page() {
  return <SeatsView />;
}
