import type { Metadata } from 'next';
import { say } from '@/messages';
import { StageView } from '@/views/stage/StageView';

export const metadata: Metadata = { title: say.frame.step.stage };

export default function Page() {
  return <StageView />;
}
