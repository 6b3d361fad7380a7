const GAP = '\u00a0'

const TORN =
  /(?<=\d ×) (?=\d)|(?<=\d) (?=(?:× \d|(?:mm|cm|m|km|in|ft|mi|[kMG]?Hz|dB[cim]?|[mk]?W|Ω|g|kg|%|µH|pF|ppm|°C|\d+\/\d+)(?![\p{L}\d])))/gu

/** Text whose numbers stay on one line with their units, fractions and factors. */
export const joined = (text: string) => text.replace(TORN, GAP)

/** The same with gaps as they are typed, as records keep it. */
export const plain = (text: string) => text.replaceAll(GAP, ' ')
