/** ISO 8601 in UTC, made by the device that wrote. */
export type Instant = string;

/** `yyyy-mm-dd`, made by the device that wrote. */
export type Day = string;
