import fs from 'node:fs'
import path from 'node:path'

const ROOT = path.resolve(import.meta.dirname, '../..')
const DOCUMENTS = [
  'README.md',
  'GLOSSARY.md',
  'src/core/README.md',
  ...fs
    .readdirSync(path.join(ROOT, 'docs'))
    .filter((name) => name.endsWith('.md'))
    .map((name) => `docs/${name}`),
]
/** Folders of `src/` that a document may name a file of without saying `src/`. */
const LAYERS = ['app', 'core', 'data', 'devices', 'io', 'services', 'ui', 'workers']
const ENDINGS = ['', '.ts', '.tsx', '.mjs']

const textOf = (document: string) => fs.readFileSync(path.join(ROOT, document), 'utf8')
const exists = (file: string) => ENDINGS.some((ending) => fs.existsSync(path.join(ROOT, file + ending)))

/** What stands between backquotes, code blocks left out. */
function quoted(text: string): string[] {
  const plain = text.replace(/^```[^]*?^```/gm, '')
  return [...plain.matchAll(/`([^`\n]+)`/g)].flatMap(([, words]) => words ?? [])
}

describe.each(DOCUMENTS)('%s', (document) => {
  const text = textOf(document)

  it('links to files that are there', () => {
    const links = [...text.matchAll(/\]\(([^)\s]+)\)/g)].flatMap(([, link]) => link ?? [])
    const broken = links
      .filter((link) => !/^(https?:|#)/.test(link))
      .map((link) => link.replace(/#.*$/, ''))
      .filter((link) => !fs.existsSync(path.join(ROOT, path.dirname(document), link)))
    expect(broken).toEqual([])
  })

  it('names files that are there', () => {
    const named = quoted(text)
      .filter((words) => /^[\w.-]+(\/[\w.[\]-]+)+\/?$/.test(words))
      .filter((words) =>
        ['src', 'tests', 'docs', 'bench', 'scripts', ...LAYERS].includes(words.split('/')[0] ?? ''),
      )
    const gone = named.filter((words) => !exists(words) && !exists(`src/${words}`))
    expect(gone).toEqual([])
  })
})

describe('the map of the core', () => {
  it('names modules or functions that are there, and every folder of the core', () => {
    const named = quoted(textOf('src/core/README.md')).filter((words) => /^[\w-]+\/[\w*]+\/?$/.test(words))
    const folders = fs
      .readdirSync(path.join(ROOT, 'src/core'), { withFileTypes: true })
      .filter((entry) => entry.isDirectory() && entry.name !== '__snapshots__')
      .map(({ name }) => name)
    const gone = named.filter((words) => {
      const [folder = '', name = ''] = words.split('/')
      return !folders.includes(folder) || (name !== '' && !isIn(folder, name))
    })
    expect(gone).toEqual([])
    expect(folders.filter((folder) => !named.some((words) => words.startsWith(`${folder}/`)))).toEqual([])
  })
})

/** True for a module of a folder, and for what one of its modules exports; `*Fields` is any that ends so. */
function isIn(folder: string, name: string): boolean {
  const files = fs.readdirSync(path.join(ROOT, 'src/core', folder), { recursive: true, encoding: 'utf8' })
  const pattern = new RegExp(`^(?:.*/)?${name.replace('*', '\\w*')}(\\.ts)?$`)
  if (files.some((file) => pattern.test(file))) return true
  const declared = new RegExp(`export (?:async )?(?:function|const|class|interface|type) ${name}\\b`)
  return files
    .filter((file) => file.endsWith('.ts'))
    .some((file) => declared.test(fs.readFileSync(path.join(ROOT, 'src/core', folder, file), 'utf8')))
}
