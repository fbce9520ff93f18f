import { sayShown } from '@/messages/shown';

interface PlaceLineProps {
  readonly place: string;
  readonly className?: string | undefined;
}

/** Where a group works: words as they are, an address of the web as something to open. */
export function PlaceLine({ place, className }: PlaceLineProps) {
  const link = linkIn(place);
  if (!link) return <p className={className}>{place}</p>;
  return (
    <p className={className}>
      <a href={link.href} target="_blank" rel="noopener noreferrer">
        {sayShown.stage.openPlace(link.host)}
      </a>
    </p>
  );
}

/** What is read of a place. */
export function placeWords(place: string): string {
  const link = linkIn(place);
  return link ? sayShown.stage.openPlace(link.host) : place;
}

/** The address that a place is, of the web alone; null for words. */
export function linkIn(place: string): URL | null {
  if (!/^https?:\/\/\S+$/i.test(place.trim())) return null;
  try {
    return new URL(place.trim());
  } catch {
    return null;
  }
}
