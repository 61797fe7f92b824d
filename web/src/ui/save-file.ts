/** Hands a file to the person, into the downloads of their browser. */
export function saveBlob(name: string, blob: Blob): void {
  const address = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}

/** Hands a text over as a file. */
export const saveText = (name: string, type: string, text: string): void =>
  saveBlob(name, new Blob([text], { type: `${type};charset=utf-8` }))
