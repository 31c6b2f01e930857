/** What a class is called a school year later: 7 Kittiwake becomes 8 Kittiwake; a name without a year stays. */
export const nextName = (name: string) => name.replace(/^\d{1,2}(?!\d)/, (year) => String(Number(year) + 1));
