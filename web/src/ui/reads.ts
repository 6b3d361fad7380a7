const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** Every word of `text` somewhere in `name`, in any order and case, with or without accents. */
export function reads(name: string, text: string): boolean {
  const all = plain(name)
  return plain(text)
    .split(/\s+/)
    .every((word) => all.includes(word))
}
