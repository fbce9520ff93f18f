import { PRODUCT } from '@/messages/product';

/** The title of the window; it says nothing that is not for everybody who sees the screen. */
export function PageTitle({ children = '' }: { readonly children?: string }) {
  return <title>{children === '' ? PRODUCT : `${children} · ${PRODUCT}`}</title>;
}
