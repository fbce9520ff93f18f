import type { Metadata } from 'next';
import { say } from '@/messages';
import { HandOffView } from '@/views/handoff/HandOffView';

export const metadata: Metadata = { title: say.frame.step.handoff };

export default function Page() {
  return <HandOffView />;
}
