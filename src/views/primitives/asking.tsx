'use client';

import { lazily } from './lazily';
import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';

/** Something that is done only once the teacher has said so. */
export interface Question {
  readonly title: string;
  readonly text: string;
  readonly go: string;
  readonly leave: string;
  readonly run: () => void;
}

type Ask = (question: Question) => void;

const AskContext = createContext<Ask | null>(null);
/** Loaded with the first question. */
const AskDialog = lazily(() => import('./AskDialog').then((module) => module.AskDialog));

export function AskingProvider({ children }: { readonly children: ReactNode }) {
  const [question, setQuestion] = useState<Question | null>(null);
  const ask = useCallback((next: Question) => setQuestion(next), []);
  const close = (): void => setQuestion(null);
  return (
    <AskContext.Provider value={ask}>
      {children}
      {question && (
        <AskDialog
          title={question.title}
          leave={question.leave}
          onLeave={close}
          go={question.go}
          onGo={() => {
            close();
            question.run();
          }}
        >
          <p>{question.text}</p>
        </AskDialog>
      )}
    </AskContext.Provider>
  );
}

/** Puts a question to the teacher, and does what it is about only when they say so. */
export function useAsk(): Ask {
  const ask = useContext(AskContext);
  if (!ask) throw new Error('expected an AskingProvider above this view, received none');
  return ask;
}
