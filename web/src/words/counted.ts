/** So many of a thing, as it is said: "1 man", "2 men"; the many are the one with an s unless they are given. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`
