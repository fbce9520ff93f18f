import { z } from 'zod';
import { ScimError, ScimGroup, ScimList, ScimUser } from '@/services/channels/contract';
import { Space, SPACE_REQUESTS, SpaceList } from '@/services/channels/spacesContract';
import {
  EVENTS,
  LivePerson,
  Problem,
  Room,
  RoomMessage,
  RoomPerson,
  Session,
  SessionRequest,
  SessionTime,
} from '@/services/rooms/contract';

type Json = Readonly<Record<string, unknown>>;

const schemaOf = (shape: z.core.$ZodType): unknown => {
  const { $schema: _, ...schema } = z.toJSONSchema(shape, { io: 'input' }) as Record<
    string,
    unknown
  >;
  return schema;
};
const ref = (name: string): Json => ({ $ref: `#/components/schemas/${name}` });
const body = (type: string, schema: Json): Json => ({
  required: true,
  content: { [type]: { schema } },
});
const answer = (description: string, type?: string, schema?: Json): Json =>
  type === undefined ? { description } : { description, content: { [type]: { schema } } };
const inPath = (name: string): Json => ({
  ...{ name, in: 'path', required: true, schema: { type: 'string' } },
});
const header = (name: string, description: string): Json => ({
  ...{
    name,
    in: 'header',
    required: true,
    description,
    schema: { type: 'string', maxLength: 255 },
  },
});

function document(title: string, description: string, schemas: Json, paths: Json): Json {
  return {
    openapi: '3.1.0',
    info: { title, version: '1', description },
    security: [{ token: [] }],
    paths,
    components: {
      securitySchemes: { token: { type: 'http', scheme: 'bearer' } },
      schemas,
    },
  };
}

const JSON_TYPE = 'application/json';
const PROBLEM = 'application/problem+json';
const SCIM = 'application/scim+json';
const KEY = header('Idempotency-Key', 'The same for every try of the same request.');

/** What a service of rooms has to answer below BASE/rooms/v1, as OpenAPI 3.1. */
export function roomsApi(): Json {
  const refused = answer(
    'Refused; `errors` point at who or what is at fault.',
    PROBLEM,
    ref('Problem'),
  );
  const session = answer('The session.', JSON_TYPE, ref('Session'));
  const done = answer('Done.');
  const people = schemaOf(z.object({ people: z.array(z.any()) })) as {
    properties: Record<string, unknown>;
  };
  people.properties.people = { type: 'array', items: ref('RoomPerson') };
  const post = (summary: string, schema: unknown, keyed = true): Json => ({
    summary,
    ...(keyed ? { parameters: [KEY] } : {}),
    ...(schema === null ? {} : { requestBody: body(JSON_TYPE, schema as Json) }),
    responses: { '204': done, '4XX': refused },
  });
  const moves = schemaOf(
    z.object({ moves: z.array(z.object({ email: z.string(), to: z.string() })) }),
  );
  const message = schemaOf(z.object({ text: z.string(), rooms: z.array(z.string()).optional() }));
  const room = {
    ...people,
    properties: { name: { type: 'string' }, ...people.properties },
    required: ['name', 'people'],
  };
  return document(
    'Rooms',
    'Live rooms that a lineup is handed off to. Errors are problem details (RFC 9457).',
    {
      SessionRequest: schemaOf(SessionRequest),
      Session: schemaOf(Session),
      Room: schemaOf(Room),
      RoomPerson: schemaOf(RoomPerson),
      LivePerson: schemaOf(LivePerson),
      SessionTime: schemaOf(SessionTime),
      RoomMessage: schemaOf(RoomMessage),
      ...Object.fromEntries(
        Object.entries(EVENTS).map(([name, shape]) => [`Event_${name}`, schemaOf(shape)]),
      ),
      Problem: schemaOf(Problem),
    },
    {
      '/sessions': {
        post: {
          summary: 'Makes a session with its rooms and who is in them.',
          parameters: [KEY],
          requestBody: body(JSON_TYPE, ref('SessionRequest')),
          responses: { '201': session, '4XX': refused },
        },
      },
      '/sessions/{id}': {
        parameters: [inPath('id')],
        get: {
          summary:
            'The session as it is; with `as`, what the person of this address sees of it (404 where they are in no room).',
          parameters: [{ name: 'as', in: 'query', schema: { type: 'string' } }],
          responses: { '200': session, '4XX': refused },
        },
        patch: {
          summary: 'More or less time.',
          requestBody: body(
            'application/merge-patch+json',
            schemaOf(z.object({ minutes: z.number() })) as Json,
          ),
          responses: { '200': session, '4XX': refused },
        },
      },
      '/sessions/{id}/open': {
        parameters: [inPath('id')],
        post: post('Opens the rooms; may be repeated.', null, false),
      },
      '/sessions/{id}/close': {
        parameters: [inPath('id')],
        post: post('Closes the rooms; may be repeated.', null, false),
      },
      '/sessions/{id}/moves': {
        parameters: [inPath('id')],
        post: post('Moves people to other rooms.', moves),
      },
      '/sessions/{id}/messages': {
        parameters: [inPath('id')],
        post: post('Says something to some rooms or to all.', message),
      },
      '/sessions/{id}/rooms': {
        parameters: [inPath('id')],
        post: {
          ...post('Adds a room.', room),
          responses: { '201': answer('The room.', JSON_TYPE, ref('Room')), '4XX': refused },
        },
      },
      '/sessions/{id}/events': {
        parameters: [inPath('id')],
        get: {
          summary:
            'What happens, as it happens: each event has an id, a name and JSON data (schemas `Event_…`), and tells a whole thing as it is after. `reset` asks to read the session anew.',
          parameters: [
            {
              ...{ name: 'Last-Event-ID', in: 'header', schema: { type: 'string' } },
              description: 'What came after this event comes again (`lastEvent` of a session).',
            },
          ],
          responses: {
            '200': answer('Events.', 'text/event-stream', { type: 'string' }),
            '404': answer('No events here: the session is asked again and again instead.'),
          },
        },
      },
      '/sessions/{id}/rooms/{room}': {
        parameters: [inPath('id'), inPath('room')],
        delete: {
          summary: 'Takes away a room that is empty; 409 where somebody is in it.',
          responses: { '204': done, '4XX': refused },
        },
      },
      '/sessions/{id}/rooms/{room}/visits': {
        parameters: [inPath('id'), inPath('room')],
        post: post('A teacher is there: nobody there asks any more. May answer 404.', null, false),
      },
      '/sessions/{id}/rooms/{room}/people': {
        parameters: [inPath('id'), inPath('room')],
        post: post('Lets people in.', people),
      },
    },
  );
}

/** What of SCIM 2.0 (RFC 7643, RFC 7644) is asked of a service of channels below BASE/scim/v2, as OpenAPI 3.1. */
export function channelsApi(): Json {
  const refused = answer('Refused.', SCIM, ref('Error'));
  const list = answer('A page of the list.', SCIM, ref('List'));
  const group = answer('The group, with its ETag.', SCIM, ref('Group'));
  const query = (name: string): Json => ({ name, in: 'query', schema: { type: 'string' } });
  const pages = [query('filter'), query('startIndex'), query('count')];
  const user = answer('The user.', SCIM, ref('User'));
  return document(
    'Channels',
    'Membership of lasting channels: the part of SCIM 2.0 (RFC 7643, RFC 7644) that a hand-off uses.',
    {
      User: schemaOf(ScimUser),
      Group: schemaOf(ScimGroup),
      List: schemaOf(ScimList),
      Error: schemaOf(ScimError),
    },
    {
      '/Users': {
        get: {
          summary: 'Users by userName or e-mail.',
          parameters: pages,
          responses: { '200': list, '4XX': refused },
        },
        post: {
          summary: 'A user whom the service does not know yet, only when asked.',
          requestBody: body(SCIM, ref('User')),
          responses: { '201': user, '4XX': refused },
        },
      },
      '/Users/{id}': {
        parameters: [inPath('id')],
        get: { summary: 'One user.', responses: { '200': user, '4XX': refused } },
      },
      '/Groups': {
        get: {
          summary: 'Groups by externalId.',
          parameters: pages,
          responses: { '200': list, '4XX': refused },
        },
        post: {
          summary: 'The channel of a group.',
          requestBody: body(SCIM, ref('Group')),
          responses: { '201': group, '4XX': refused },
        },
      },
      '/Groups/{id}': {
        parameters: [inPath('id')],
        get: {
          summary: 'One group with its members.',
          responses: { '200': group, '4XX': refused },
        },
        patch: {
          summary: 'Members added and removed, the name replaced.',
          parameters: [header('If-Match', 'The tag with which the group was read.')],
          requestBody: body(SCIM, { type: 'object' }),
          responses: {
            '204': answer('Done.'),
            '412': answer('It has changed since.'),
            '4XX': refused,
          },
        },
      },
    },
  );
}

/** What each channel has to itself below BASE/spaces/v1, as OpenAPI 3.1. */
export function spacesApi(): Json {
  const refused = answer('Refused.', PROBLEM, ref('Problem'));
  const done = answer('Done.');
  const query = (name: string, description: string): Json => ({
    ...{ name, in: 'query', description, schema: { type: 'string' } },
  });
  const as = query('as', 'As the member of this address sees it.');
  const change = (summary: string, part: keyof typeof SPACE_REQUESTS, keyed: boolean): Json => ({
    ...{ summary, ...(keyed ? { parameters: [KEY] } : {}) },
    requestBody: body(JSON_TYPE, schemaOf(SPACE_REQUESTS[part]) as Json),
    responses: { '204': done, '4XX': refused },
  });
  const at = (part: string, way: Json): Json => ({
    [`/spaces/{id}/${part}`]: { parameters: [inPath('id')], ...way },
  });
  return document(
    'Spaces',
    'What each channel has to itself. The id of a space is that of its SCIM group. Staff see all, members their own.',
    { Space: schemaOf(Space), SpaceList: schemaOf(SpaceList), Problem: schemaOf(Problem) },
    {
      '/spaces': {
        get: {
          summary: 'Spaces, page by page.',
          parameters: [
            query('prefix', 'Those whose externalId begins so.'),
            as,
            query('after', '`next` of the page before.'),
          ],
          responses: { '200': answer('A page.', JSON_TYPE, ref('SpaceList')), '4XX': refused },
        },
      },
      '/spaces/{id}': {
        parameters: [inPath('id')],
        get: {
          summary: 'The whole of a space; 404 to whoever does not see it.',
          parameters: [as],
          responses: { '200': answer('The space.', JSON_TYPE, ref('Space')), '4XX': refused },
        },
      },
      ...at('welcome', { put: change('In place of the welcome before.', 'welcome', false) }),
      ...at('meeting', { put: change('Where the group meets.', 'meeting', false) }),
      ...at('announcements', { post: change('Said by staff.', 'announcements', true) }),
      ...at('threads', { post: change('A new thread.', 'threads', true) }),
      ...at('files', { post: change('A file, by its link.', 'files', true) }),
      ...at('archive', {
        post: {
          summary: 'Nothing is written there any more; may be repeated.',
          responses: { '204': done, '4XX': refused },
        },
      }),
    },
  );
}
