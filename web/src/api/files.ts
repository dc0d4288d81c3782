/** The bytes of a file as the API takes them. */
export async function toBase64(file: Blob): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = '';
  for (let at = 0; at < bytes.length; at += 0x8000)
    text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(text);
}

/** What can be read as a source. */
export const READABLE =
  '.txt,.md,.markdown,.csv,.tsv,.json,.docx,.odt,.pdf,.html,.htm,.vtt,.srt,.xml,.zip,text/plain,text/markdown';
export const READABLE_IN_WORDS =
  'a text, the answers of a form (.csv, .json), a word-processor file, a PDF, a web page, the captions of a call (.vtt, .srt) or the sitemap of the present website (.xml, or .zip with saved pages)';
