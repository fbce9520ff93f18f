import type { Metadata } from 'next';
import { say } from '@/messages';
import { RulesView } from '@/views/rules/RulesView';

export const metadata: Metadata = { title: say.frame.step.rules };

export default function Page() {
  return <RulesView />;
}
