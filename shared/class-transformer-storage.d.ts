/** The package ships this file and its types, but not under one name. */
declare module 'class-transformer/cjs/storage.js' {
  export const defaultMetadataStorage: import('class-transformer/types/MetadataStorage').MetadataStorage
}
