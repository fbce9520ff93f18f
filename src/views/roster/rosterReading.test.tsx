/** @jest-environment jsdom */
import { act, renderHook, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { FileText } from '@/formats/roster/asText';
import { StoreProvider } from '@/store/react';
import { ClassId } from '@/schema/ids';
import { storeWith } from '@/store/testStore';
import { NoticeProvider } from '../primitives/notices';
import { useRosterReading } from './rosterReading';

/** Files being read, in the order they were asked for, each read when the test says so. */
const asked: ((file: FileText) => void)[] = [];
const mockClient = {
  fileAsText: () => new Promise<FileText>((read) => asked.push(read)),
  close: () => undefined,
};
jest.mock('@/worker/rosterClient', () => ({ browserRosterClient: () => mockClient }));

const fileOf = (text: string): FileText => ({
  ok: true,
  encoding: 'utf-8',
  sheets: [{ name: '', text, left: [] }],
  classes: [],
});
/** A file as the box is given it; jsdom's own cannot give its bytes. */
const named = (name: string): File =>
  ({ name, arrayBuffer: () => Promise.resolve(new ArrayBuffer(0)) }) as File;
const settled = (run: () => void): Promise<void> =>
  act(async () => {
    run();
    await new Promise(process.nextTick);
  });

const FIELD = { of: 'paste', classId: ClassId.parse('c') } as const;

function box() {
  asked.length = 0;
  const store = storeWith([]);
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <StoreProvider value={store}>
      <NoticeProvider>{children}</NoticeProvider>
    </StoreProvider>
  );
  return renderHook(() => useRosterReading(FIELD), { wrapper }).result;
}

test('a file is read into the box, and cannot be taken in before', async () => {
  const result = box();
  await settled(() => void result.current.open(named('crew.csv')));
  expect(result.current.upToDate).toBe(false);
  await settled(() => asked[0]!(fileOf('Ana Berg\nBo Dahl')));
  expect(result.current.upToDate).toBe(true);
  expect(result.current.roster.students).toHaveLength(2);
});

test('a text written while a file is read stands, and the file is said to be left', async () => {
  const result = box();
  await settled(() => void result.current.open(named('crew.csv')));
  await settled(() => result.current.write('Ana Berg'));
  expect(result.current.upToDate).toBe(true);
  await settled(() => asked[0]!(fileOf('Bo Dahl\nCaro Eng')));
  expect(result.current.text).toBe('Ana Berg');
  expect(await screen.findByText(/crew\.csv was not read/)).toBeTruthy();
});

test('of two files opened one after the other the later stands, whichever is read first', async () => {
  const result = box();
  await settled(() => void result.current.open(named('old.csv')));
  await settled(() => void result.current.open(named('new.csv')));
  await settled(() => asked[1]!(fileOf('New One')));
  await settled(() => asked[0]!(fileOf('Old One')));
  expect(result.current.text).toBe('New One');
  expect(result.current.file?.name).toBe('new.csv');
});

test('a file that is gone by the time it is read is told, and the text kept', async () => {
  const result = box();
  await settled(() => result.current.write('Ana Berg'));
  const gone = { name: 'crew.csv', arrayBuffer: () => Promise.reject(new Error('gone')) };
  await settled(() => void result.current.open(gone as unknown as File));
  expect(result.current.text).toBe('Ana Berg');
  expect(result.current.trouble).toContain('crew.csv could not be read');
});

test('a file that cannot be read leaves the text as it was', async () => {
  const result = box();
  await settled(() => result.current.write('Ana Berg'));
  await settled(() => void result.current.open(named('crew.xls')));
  await settled(() => asked[0]!({ ok: false, error: { code: 'oldWorkbook' } }));
  expect(result.current.text).toBe('Ana Berg');
  expect(result.current.trouble).toContain('crew.xls');
});
