import { KeyHint } from '../primitives/KeyHint';
import { KEYS, type KeyName } from './keyMap';

/** The key that does what the control beside it does. */
export function KeyOf({ name }: { readonly name: KeyName }) {
  return <KeyHint>{KEYS[name].shown.join(' ')}</KeyHint>;
}
