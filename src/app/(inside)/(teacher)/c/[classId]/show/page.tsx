import type { Metadata } from 'next';
import { say } from '@/messages';
import { ShowView } from '@/views/show/ShowView';

export const metadata: Metadata = { title: say.frame.step.show };

export default function Page() {
  return <ShowView />;
}
