import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { PRODUCT } from '@/messages/product';
import { sayLive } from '@/messages/live';
import { Speaking } from '@/views/frame/Speaking';
import { PracticeView } from '@/views/practice/PracticeView';

export const metadata: Metadata = { title: `${sayLive.practice.page} · ${PRODUCT}` };

export default function Page() {
  if (process.env.GRUPPETTO_DEMO !== '1') notFound();
  return (
    <Speaking>
      <PracticeView />
    </Speaking>
  );
}
