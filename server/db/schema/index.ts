/** The tables: what the migrations come to, held to it by tests/api/schema.test.ts. */
export * from './coats-like'
export * from './doors'
export * from './household'
export * from './letters'
export * from './own'
export * from './record'
export * from './thread'
