import { StrictMode, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { refuseFiles } from '@/views/primitives/refuseFiles';
import { RouteProvider } from '@/views/primitives/route';
import { paramsIn } from './paramsIn';
import { Unshown } from './Unshown';

/** Shows a page without the router, at an address such as `/c/:classId/stage`; every way from it loads another page. */
export function standAlone(address: string, page: ReactNode): void {
  const route = {
    params: paramsIn(address, location.pathname),
    go: (to: string) => location.assign(to),
    goInstead: (to: string) => location.replace(to),
  };
  refuseFiles();
  createRoot(document.body.appendChild(document.createElement('div'))).render(
    <StrictMode>
      <Unshown>
        <RouteProvider value={route}>{page}</RouteProvider>
      </Unshown>
    </StrictMode>,
  );
}
