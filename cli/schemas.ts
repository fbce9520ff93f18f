import { z } from 'zod';
import { LineupFile } from '@/formats/out/lineupFile';
import { BackupFile, ClassFile } from '@/schema/classFile';
import { RequestSchema } from '@/schema/request';
import { ResultSchema } from '@/schema/result';
import { ReceiptFile } from '@/services/receiptFile';
import { StationsRequest, StationsResult } from '@/schema/stations';

import { channelsApi, roomsApi, spacesApi } from './openApi';

/** The open formats as JSON Schema (draft 2020-12), and the services as OpenAPI 3.1, by the name of their file in docs/. */
export function jsonSchemas(): Readonly<Record<string, unknown>> {
  return {
    'request.schema.json': z.toJSONSchema(RequestSchema, { io: 'input' }),
    'result.schema.json': z.toJSONSchema(ResultSchema),
    'class-file.schema.json': z.toJSONSchema(ClassFile, { io: 'input' }),
    'stations-request.schema.json': z.toJSONSchema(StationsRequest, { io: 'input' }),
    'stations-table.schema.json': z.toJSONSchema(StationsResult),
    'channels.openapi.json': channelsApi(),
    'rooms.openapi.json': roomsApi(),
    'spaces.openapi.json': spacesApi(),
    'receipt.schema.json': z.toJSONSchema(ReceiptFile),
    'lineup.schema.json': z.toJSONSchema(LineupFile),
    'backup.schema.json': z.toJSONSchema(BackupFile, { io: 'input' }),
  };
}
