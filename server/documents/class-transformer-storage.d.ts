declare module 'class-transformer/cjs/storage.js' {
  export const defaultMetadataStorage: import('class-transformer/types/MetadataStorage.js').MetadataStorage;
}
