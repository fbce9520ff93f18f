import { classFileIssueSentence } from './classFileIssues';

/** What is said of files of classes. */
export const classFilesEs = { classFileIssueSentence };
