import { Link } from './Link';
import { classOf, lookOf, type Look } from './Button';

interface LinkButtonProps extends Look {
  readonly href: string;
  readonly onClick?: (() => void) | undefined;
}

/** A way to another page that looks like a button. */
export function LinkButton({
  href,
  variant,
  size,
  startIcon,
  className,
  children,
  onClick,
}: LinkButtonProps) {
  return (
    <Link
      href={href}
      onClick={onClick}
      className={classOf(className)}
      {...lookOf({ variant, size })}
    >
      {startIcon}
      {children}
    </Link>
  );
}
