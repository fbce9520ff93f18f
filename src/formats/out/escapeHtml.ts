/** The text as HTML shows it, in elements and in quoted attributes. */
export function escapeHtml(given: string): string {
  return given
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;');
}

/** The name of a group, with its link behind it where it has one. */
export function linkedName({
  name,
  link,
}: {
  readonly name: string;
  readonly link: string;
}): string {
  const label = escapeHtml(name);
  return link === '' ? label : `<a href="${escapeHtml(link)}">${label}</a>`;
}

/** A page of its own with no script and nothing to fetch. */
export function htmlPage(title: string, language: string, style: string, body: string): string {
  return `<!doctype html>
<html lang="${escapeHtml(language)}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>${escapeHtml(title)}</title>
<style>${style}</style>
</head>
<body>
${body}
</body>
</html>
`;
}
