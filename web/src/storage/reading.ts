/** What reads a document and checks an edit by the schema. Only for `reader.ts`: it is fetched apart. */
export { checkEdit, readBytes, readLeniently, readParsed } from '@wagonomos/core/files';
