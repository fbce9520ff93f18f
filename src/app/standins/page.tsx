import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { sayLive } from '@/messages/live';
import { PracticeView } from '@/views/practice/PracticeView';

export const metadata: Metadata = { title: sayLive.practice.page };

export default function Page() {
  if (process.env.GRUPPETTO_DEMO !== '1') notFound();
  return <PracticeView />;
}
