/** The picture of a `PictureRecord` of the same id, stripped to its pixels; null once it was let go. */
export interface ImageRecord {
  id: string;
  clientId: string;
  visitId: string;
  /** Base64. */
  jpeg: string | null;
}
