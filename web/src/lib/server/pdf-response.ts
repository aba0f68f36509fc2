export const pdfResponse = (bytes: Uint8Array, name: string): Response =>
  new Response(bytes as unknown as BodyInit, {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}.pdf"`, 'cache-control': 'no-store' }
  });
