import { languageCalled } from '@/messages/languages';
import { manifestIn } from '../../manifestIn';

interface Asked {
  readonly params: Promise<{ readonly language: string }>;
}

/** The manifest in a language that teachers read; 404 for any other. */
export async function GET(_request: Request, { params }: Asked): Promise<Response> {
  const words = await languageCalled((await params).language)?.whole?.main();
  if (!words) return new Response(null, { status: 404 });
  return Response.json(manifestIn(words), {
    headers: { 'content-type': 'application/manifest+json' },
  });
}
