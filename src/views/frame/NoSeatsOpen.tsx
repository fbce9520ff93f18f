import { saySeats } from '@/messages/seats';
import type { ClassId } from '@/schema/ids';
import { Invitation } from '../primitives/Invitation';
import { LinkButton } from '../primitives/LinkButton';

/** In place of what is shown or printed of a choosing, before there is one. */
export function NoSeatsOpen({ classId }: { readonly classId: ClassId }) {
  return (
    <Invitation text={saySeats.slipsNone}>
      <LinkButton variant="contained" href={`/c/${classId}/groups/seats`}>
        {saySeats.slipsBack}
      </LinkButton>
    </Invitation>
  );
}
