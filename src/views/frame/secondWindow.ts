/** Screens as the Window Management API tells of them, where a browser has it (W3C draft). */
interface Screens {
  readonly currentScreen: object;
  readonly screens: readonly {
    readonly availLeft: number;
    readonly availTop: number;
    readonly availWidth: number;
    readonly availHeight: number;
  }[];
}

/**
 * Opens the stage in a window of its own, on the other screen where the browser tells of one. False where windows are
 * not allowed.
 */
export async function openSecondWindow(path: string): Promise<boolean> {
  // Opened at once, while the press still counts; moved when the screens are known.
  const opened = window.open(path, 'gruppetto-stage', 'popup,width=1280,height=720');
  if (!opened) return false;
  opened.focus();
  const other = await otherScreen();
  if (other) {
    opened.moveTo(other.availLeft, other.availTop);
    opened.resizeTo(other.availWidth, other.availHeight);
  }
  return true;
}

async function otherScreen(): Promise<Screens['screens'][number] | undefined> {
  if (!('getScreenDetails' in window)) return undefined;
  const ask = window.getScreenDetails as () => Promise<Screens>;
  try {
    const { screens, currentScreen } = await ask.call(window);
    return screens.find((screen) => screen !== currentScreen);
  } catch {
    // Not allowed to know: the window stays where it is, and can be dragged there.
    return undefined;
  }
}
