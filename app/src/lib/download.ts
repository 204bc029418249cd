/** Saves a file of the server under the name it gives it; where it has none to give, its own sentence is thrown. */
export async function save(address: string): Promise<void> {
  const response = await fetch(address);
  if (!response.ok) throw (await response.json()) as unknown;
  const name = /filename\*?=(?:UTF-8'')?"?([^";]+)/i.exec(
    response.headers.get('content-disposition') ?? '',
  )?.[1];
  const link = document.createElement('a');
  link.href = URL.createObjectURL(await response.blob());
  link.download = decodeURIComponent(name ?? 'download');
  link.click();
  URL.revokeObjectURL(link.href);
}
