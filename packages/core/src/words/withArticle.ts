/** A noun of the program with its article: "a pump", "an injector", "an ECU", "a UUID". */
export const withArticle = (noun: string): string => (/^(?:[aeio]|un|ECU)/i.test(noun) ? `an ${noun}` : `a ${noun}`)
