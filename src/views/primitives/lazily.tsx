import { createElement, lazy, Suspense, type ComponentType, type ReactNode } from 'react';
import { withWords } from '@/messages/speaking';

/** A part of a view that comes, with the words that it says, when it is first shown. */
export function lazily<P extends object>(
  load: () => Promise<ComponentType<P>>,
  waiting: ReactNode = null,
): ComponentType<P> {
  const View = lazy(async () => ({ default: await withWords(load()) })) as ComponentType<P>;
  return function Lazily(props: P) {
    return <Suspense fallback={waiting}>{createElement(View, props)}</Suspense>;
  };
}
