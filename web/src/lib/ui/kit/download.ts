/** Hands a file to the browser. */
export function download(name: string, content: Blob): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Asks the server for a PDF of a body; the message when it cannot be made. */
export async function downloadPdf(url: string, body: unknown, name: string): Promise<string> {
  try {
    const response = await fetch(url, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
    if (!response.ok) return ((await response.json().catch(() => ({}))) as { detail?: string }).detail ?? 'The PDF could not be made.';
    download(name, await response.blob());
    return '';
  } catch {
    return 'The application does not answer; try again.';
  }
}
