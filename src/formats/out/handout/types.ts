/** A hand-out or letter with placeholders, as a file. */
export interface Template {
  /** By its ending, and by its content, it is told what kind it is. */
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** Placeholder → what stands for it; lists are joined, or listed where they stand alone. */
export type Values = Readonly<Record<string, string | readonly string[]>>;

export type HandoutIssue =
  | {
      readonly code: 'unknownPlaceholders';
      readonly names: readonly string[];
      readonly known: readonly string[];
    }
  | { readonly code: 'unreadableDocx' | 'brokenPlaceholder' | 'templateTooLarge' }
  /** A template of a kind that the way out cannot fill. */
  | { readonly code: 'wrongTemplate'; readonly wants: 'docx' | 'html' };
