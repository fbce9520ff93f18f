import { PRODUCT } from '@/messages/product';
import { untilWords } from '@/messages/speaking';

/**
 * The title of the window; it says nothing that is not for everybody who sees the screen. A page shows itself once its
 * words are here.
 */
export function PageTitle({ children = '' }: { readonly children?: string }) {
  untilWords();
  return <title>{children === '' ? PRODUCT : `${children} · ${PRODUCT}`}</title>;
}
