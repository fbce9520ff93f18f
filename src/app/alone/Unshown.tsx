import { Component, type ReactNode } from 'react';
import { UNSHOWN } from '@/messages/product';
import { Button } from '@/views/primitives/Button';
import styles from './Unshown.module.css';

interface UnshownProps {
  readonly children: ReactNode;
}

/** Says so where a page cannot be shown, as where a part of it does not come; React asks for a class here. */
export class Unshown extends Component<UnshownProps, { readonly failed: boolean }> {
  override readonly state = { failed: false };

  static getDerivedStateFromError(): { readonly failed: boolean } {
    return { failed: true };
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    return (
      <main className={styles.page}>
        <p role="alert">{UNSHOWN.told}</p>
        <Button variant="paper" onClick={() => location.reload()}>
          {UNSHOWN.again}
        </Button>
      </main>
    );
  }
}
