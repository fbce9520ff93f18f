/** Lets the page draw and answer before what follows. */
export function nextTask(): Promise<void> {
  return new Promise((done) => setTimeout(done));
}
