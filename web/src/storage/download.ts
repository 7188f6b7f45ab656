/** Hands a text to the browser as a file to keep. */
export const downloadText = (name: string, text: string, type = 'application/json'): void =>
  downloadBlob(name, new Blob([text], { type }));

export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** A file name out of an owner's words: letters and digits of any script, the rest as dashes. */
export const fileNameFrom = (name: string, ending = 'wagonomos.json'): string =>
  `${
    name
      .toLowerCase()
      .replaceAll(/[^\p{L}\p{N}]+/gu, '-')
      .replaceAll(/^-|-$/g, '') || 'wagonomos'
  }.${ending}`;
