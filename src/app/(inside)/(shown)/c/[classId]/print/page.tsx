import type { Metadata } from 'next';
import { sayPrepare } from '@/messages/prepare';
import { PrintView } from '@/views/print/PrintView';

export const metadata: Metadata = { title: sayPrepare.paper.name };

export default function Page() {
  return <PrintView />;
}
