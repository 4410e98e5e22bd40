/** Whose household the demo opens. */
export const DEMO_EMAIL = 'ruth@demo.example'
