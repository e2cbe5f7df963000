export default { semi: false, singleQuote: true, printWidth: 110, trailingComma: 'all' }
