import { randomUUID } from 'node:crypto'
import { Client } from 'pg'

export interface TestDatabase {
  readonly url: string
  readonly drop: () => Promise<void>
}

/** An empty database of its own on a server, and how to drop it. */
export function emptyDatabase(server: string): Promise<TestDatabase> {
  return databaseOf(server, 'template0')
}

/** A copy of a database nobody is connected to, and how to drop it. @param of - its address */
export function copyOfDatabase(of: string): Promise<TestDatabase> {
  return databaseOf(of, new URL(of).pathname.slice(1))
}

/** Databases that tests start from copies of, by what is in them. */
const TEMPLATES = { empty: 'whyalon_empty', demo: 'whyalon_demo' } as const

/** Makes a database that is copied later, and gives its address. */
export async function namedDatabase(server: string, template: keyof typeof TEMPLATES): Promise<string> {
  const admin = new Client({ connectionString: server })
  await admin.connect()
  try {
    await admin.query(`CREATE DATABASE ${TEMPLATES[template]} TEMPLATE template0`)
  } finally {
    await admin.end()
  }
  return addressOf(server, TEMPLATES[template])
}

/** A copy of one of these, and how to drop it. */
export function copyOfTemplate(server: string, template: keyof typeof TEMPLATES): Promise<TestDatabase> {
  return copyOfDatabase(addressOf(server, TEMPLATES[template]))
}

function addressOf(server: string, name: string): string {
  const address = new URL(server)
  address.pathname = `/${name}`
  return address.href
}

async function databaseOf(server: string, template: string): Promise<TestDatabase> {
  const name = `t_${randomUUID().replaceAll('-', '')}`
  const admin = new Client({ connectionString: addressOf(server, 'postgres') })
  await admin.connect()
  await admin.query(`CREATE DATABASE ${name} TEMPLATE ${template}`)
  return {
    url: addressOf(server, name),
    drop: async () => {
      try {
        await admin.query(`DROP DATABASE ${name} WITH (FORCE)`)
      } finally {
        await admin.end()
      }
    },
  }
}
