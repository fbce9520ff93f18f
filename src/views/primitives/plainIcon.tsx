import type { ReactNode, SVGProps } from 'react';
import styles from './plainIcon.module.css';

type IconProps = Omit<SVGProps<SVGSVGElement>, 'fontSize'> & {
  readonly fontSize?: 'small' | 'medium' | 'inherit';
  /** What it says where no words stand beside it; else it is decoration. */
  readonly titleAccess?: string;
};

/**
 * Stands in for the icon package's own maker of icons (see next.config.ts): the same shapes as plain SVG, without the
 * styling engine that would come along into every first load.
 */
export default function createSvgIcon(path: ReactNode, name: string) {
  function Icon({ fontSize = 'medium', titleAccess, className, ...rest }: IconProps) {
    return (
      <svg
        viewBox="0 0 24 24"
        {...(titleAccess === undefined ? { 'aria-hidden': true } : { role: 'img' })}
        focusable="false"
        {...rest}
        className={`${styles.icon ?? ''} ${className ?? ''}`}
        data-icon-size={fontSize}
      >
        {path}
        {titleAccess !== undefined && <title>{titleAccess}</title>}
      </svg>
    );
  }
  Icon.displayName = name;
  return Icon;
}
