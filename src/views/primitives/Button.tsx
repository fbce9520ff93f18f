import type { ButtonHTMLAttributes, ReactNode, Ref } from 'react';
import styles from './Button.module.css';

/** What a button, and a link that looks like one, can be told of its look. */
export interface Look {
  /** Filled for what acts, paper for the everyday, apricot for what is about to be shown, plain for the quietest, inherit where it stands on another ground, line within a line of words. */
  readonly variant?: 'contained' | 'paper' | 'apricot' | 'plain' | 'inherit' | 'line';
  readonly size?: 'small' | 'medium' | 'large';
  readonly startIcon?: ReactNode;
  readonly className?: string | undefined;
  readonly children: ReactNode;
}

interface ButtonProps
  extends Look, Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'className' | 'children'> {
  readonly ref?: Ref<HTMLButtonElement> | undefined;
  /** What takes something away for good reads so. */
  readonly grave?: boolean;
}

/** What is pressed. */
export function Button(props: ButtonProps) {
  const { variant, size, startIcon, className, children, grave = false, ...rest } = props;
  return (
    <button
      type="button"
      {...rest}
      className={classOf(className)}
      {...lookOf({ variant, size })}
      data-grave={grave || undefined}
    >
      {startIcon}
      {children}
    </button>
  );
}

export function classOf(className: string | undefined): string {
  return `${styles.button ?? ''} ${className ?? ''}`.trim();
}

export function lookOf({
  variant = 'plain',
  size = 'medium',
}: {
  readonly variant: Look['variant'] | undefined;
  readonly size: Look['size'] | undefined;
}) {
  return { 'data-variant': variant, 'data-size': size };
}
