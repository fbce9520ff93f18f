/**
 * The pages that are opened on slow machines, and stand alone: asked for as a document they come without the router, which
 * is as large as all else that they need. Each has a file beside this one. A link within the application leads to the same
 * page by the router.
 */
export const ALONE = {
  seats: '/seats/:code',
  stage: '/c/:classId/stage',
} as const;

/** Where the build writes down which files each of them loads, below its own folder. */
export const ALONE_FILES = 'alone.json';
