import type { Metadata } from 'next';
import { say } from '@/messages';
import { TermView } from '@/views/term/TermView';

export const metadata: Metadata = { title: say.frame.step.term };

export default function Page() {
  return <TermView />;
}
