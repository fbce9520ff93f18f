import type { ReactNode } from 'react';
import { NoticeProvider } from '@/views/primitives/notices';

/** What the teacher alone sees. Notices live and end here, so that none can stand over the stage. */
export default function TeacherLayout({ children }: { readonly children: ReactNode }) {
  return <NoticeProvider>{children}</NoticeProvider>;
}
