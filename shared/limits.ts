/** Limits both ends keep, where a page needs them without the schemas. */
export const MOST_NOTE = 4000
export const LEAST_PASSWORD = 10
