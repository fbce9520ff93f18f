import type { ReactNode } from 'react';
import { AskingProvider } from '@/views/primitives/asking';
import { NoticeProvider } from '@/views/primitives/notices';

/** What the teacher alone sees. Notices and questions live and end here, so that none can stand over the stage. */
export default function TeacherLayout({ children }: { readonly children: ReactNode }) {
  return (
    <NoticeProvider>
      <AskingProvider>{children}</AskingProvider>
    </NoticeProvider>
  );
}
